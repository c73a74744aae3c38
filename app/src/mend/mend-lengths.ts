import type { AskedFigure } from "@root-gauge/core/holes";
import type { Symptom } from "@root-gauge/core/repair";
import type { MendLength, MendState } from "../data/mend-state";

export interface FieldFacts {
  readonly label: string;
  readonly figure: AskedFigure;
  readonly placeholder: string;
}

/** The lengths of a damage: what each is called, and what it measures. */
export const FIELDS: Readonly<Record<MendLength, FieldFacts>> = {
  depth: { label: "Depth", figure: "depth", placeholder: "24" },
  edge: { label: "To the edge", figure: "edge", placeholder: "12" },
  bore: { label: "Torn to", figure: "bore", placeholder: "8.1" },
  engaged: { label: "Screw held over", figure: "engagement", placeholder: "12" },
  thickness: { label: "Part is thick", figure: "thickness", placeholder: "30" },
  boss: { label: "Boss across", figure: "boss", placeholder: "16" },
  neighbour: { label: "To the next hole", figure: "neighbour", placeholder: "20" },
  wear: { label: "Lost on its diameter", figure: "wear", placeholder: "0.2" },
  matingHole: { label: "Hole of the mating part", figure: "mating-hole", placeholder: "9" },
  headRoom: { label: "Room for the head, across", figure: "head-room", placeholder: "30" },
  crests: { label: "Over its crests", figure: "bore", placeholder: "12.3" },
};

/** What a length is called at this damage: the same field measures another thing. */
export function fieldLabel(key: MendLength, { symptom, hole }: MendState): string {
  if (key === "depth" && hole === "through") return "Thickness";
  if (key === "bore" && symptom === "too-small") return "Clean from, across";
  if (key === "engaged" && symptom === "new") return "Full thread wanted";
  return FIELDS[key].label;
}

const REPAIRED = ["depth", "edge", "bore", "engaged"] as const;

/** The lengths that are asked for first, and those that stand behind "More". */
export function fieldsOf({ symptom, hole, odd }: MendState): {
  readonly first: readonly MendLength[];
  readonly more: readonly MendLength[];
} {
  const behind = hole === "blind" ? (["thickness"] as const) : [];
  const fields: Readonly<Record<Symptom, readonly [readonly MendLength[], readonly MendLength[]]>> =
    {
      strips: [REPAIRED, [...behind, "boss", "neighbour"]],
      "cross-threaded": [REPAIRED, [...behind, "boss", "neighbour"]],
      "pulled-out": [REPAIRED, [...behind, "boss", "neighbour"]],
      snapped: [REPAIRED, [...behind, "boss", "neighbour"]],
      "too-small": [REPAIRED, ["matingHole", "headRoom", ...behind, "boss", "neighbour"]],
      bruised: [odd ? ["crests"] : ["wear"], odd ? ["wear"] : []],
      new: [["depth", ...behind], ["engaged"]],
      leaks: [[], []],
    };
  const [first, more] = symptom === undefined ? [[], []] : fields[symptom];
  return { first, more };
}
