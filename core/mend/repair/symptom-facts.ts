import type { HoleEnd, WorkMaterial } from "../holes";
import type { Damage, DamagedPart, Symptom } from "./damage";

/** What a damage is of, and what has to be known of it. */
export interface SymptomFacts {
  readonly part: DamagedPart;
  /** A hole that metal is taken from: its depth has to be known, and it is drawn cut open. */
  readonly cuts: boolean;
  /** Always so, whatever is said. */
  readonly hole?: HoleEnd;
  readonly material?: WorkMaterial;
}

const HOLE: SymptomFacts = { part: "hole", cuts: true };
const STUCK: SymptomFacts = { part: "hole", cuts: false };

export const SYMPTOM_FACTS: Readonly<Record<Symptom, SymptomFacts>> = {
  strips: HOLE,
  "cross-threaded": HOLE,
  "pulled-out": HOLE,
  snapped: HOLE,
  "too-small": HOLE,
  new: HOLE,
  "off-centre": HOLE,
  "insert-out": HOLE,
  combustion: HOLE,
  "thin-sheet": { ...HOLE, hole: "through" },
  "nut-stripped": { ...HOLE, hole: "through" },
  plastic: { ...HOLE, material: "plastic" },
  "broken-tap": HOLE,
  bruised: { part: "screw", cuts: false },
  leaks: STUCK,
  seized: STUCK,
  rounded: STUCK,
};

/** Whether it is a hole that metal is taken from. */
export function takesMetal({ part, symptom }: Pick<Damage, "part" | "symptom">): boolean {
  return part === "hole" && SYMPTOM_FACTS[symptom].cuts;
}
