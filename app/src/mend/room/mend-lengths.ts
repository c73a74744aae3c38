import type { AskedFigure } from "@root-gauge/core/mend/holes";
import { SYMPTOM_FACTS, type Symptom } from "@root-gauge/core/mend/repair";
import type { MendLength, MendState } from "../../data/kept/mend-state";

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
  soundBelow: { label: "Whole thread below the tear", figure: "sound-below", placeholder: "15" },
  screwLength: { label: "Old screw is long", figure: "screw-length", placeholder: "40" },
  offPlace: { label: "Off its place", figure: "off-place", placeholder: "0.5" },
  headRoom: { label: "Room for the head, across", figure: "head-room", placeholder: "30" },
  crests: { label: "Over its crests", figure: "bore", placeholder: "12.3" },
};

/** Whether its thread goes through, as the damage has it or as it was said: its depth is then the thickness of the part. */
export function isThrough({ symptom, hole }: MendState): boolean {
  return symptom !== undefined && (SYMPTOM_FACTS[symptom].hole ?? hole) === "through";
}

/** What a length is called at this damage: the same field measures another thing. */
export function fieldLabel(key: MendLength, state: MendState): string {
  const { symptom } = state;
  if (key === "depth" && isThrough(state)) return "Thickness";
  if (key === "bore" && symptom === "off-centre") return "Hole is wide";
  if (key === "bore" && symptom === "insert-out") return "Bore, if torn";
  if (key === "bore" && symptom === "too-small") return "Clean from, across";
  if (key === "engaged" && symptom === "new") return "Full thread wanted";
  return FIELDS[key].label;
}

const REPAIRED = ["depth", "edge", "bore", "engaged"] as const;
const AROUND = ["screwLength", "soundBelow", "boss", "neighbour"] as const;

/** The lengths that are asked for first, and those that stand behind "More". */
export function fieldsOf({ symptom, hole, odd }: MendState): {
  readonly first: readonly MendLength[];
  readonly more: readonly MendLength[];
} {
  const behind = hole === "blind" ? (["thickness"] as const) : [];
  const fields: Readonly<Record<Symptom, readonly [readonly MendLength[], readonly MendLength[]]>> =
    {
      strips: [REPAIRED, [...behind, ...AROUND]],
      "cross-threaded": [REPAIRED, [...behind, ...AROUND]],
      "pulled-out": [REPAIRED, [...behind, ...AROUND]],
      snapped: [REPAIRED, [...behind, ...AROUND]],
      "insert-out": [REPAIRED, [...behind, ...AROUND]],
      combustion: [REPAIRED, ["neighbour"]],
      "off-centre": [
        ["depth", "offPlace", "bore", "edge"],
        ["matingHole", "engaged", ...behind],
      ],
      plastic: [REPAIRED, [...behind, "boss"]],
      "thin-sheet": [["depth", "bore"], ["edge"]],
      "nut-stripped": [["depth"], ["bore"]],
      "broken-tap": [["depth"], ["edge"]],
      seized: [[], []],
      rounded: [[], []],
      "too-small": [REPAIRED, ["matingHole", "headRoom", ...behind, "boss", "neighbour"]],
      bruised: [odd ? ["crests"] : ["wear"], odd ? ["wear"] : []],
      new: [["depth", ...behind], ["engaged"]],
      leaks: [[], []],
    };
  const [first, more] = symptom === undefined ? [[], []] : fields[symptom];
  return { first, more };
}
