import {
  repairOptions,
  workPlan,
  type Damage,
  type RepairKind,
  type RepairOption,
  type StepCode,
} from "../mend/repair";
import { named } from "./named-thread";

/** A stripped blind hole of M8 in cast aluminium, 24 mm deep: what each case changes. Lengths in mm. */
export const HOLE: Damage = {
  symptom: "strips",
  part: "hole",
  thread: named("M8"),
  material: "aluminium-cast",
  hole: "blind",
  depthMm: 24,
  engagementMm: 12,
  gradeId: "8.8",
  duty: "ordinary",
  often: false,
};

/** The option of a kind for the hole as changed; fails where there is none. */
export function optionOf(change: Partial<Damage>, kind: RepairKind): RepairOption {
  const found = repairOptions({ ...HOLE, ...change }).find((option) => option.kind === kind);
  if (found === undefined) throw new Error(`no ${kind}`);
  return found;
}

/** Why the option of a kind is refused first, by its code; nothing where it is not. */
export function refusalOf(change: Partial<Damage>, kind: RepairKind): string | undefined {
  const [first] = optionOf(change, kind).reasons;
  return first?.code === "refused" ? first.refusal.code : undefined;
}

/** The option that is offered first. */
export const best = (change: Partial<Damage>) => repairOptions({ ...HOLE, ...change })[0];

/** The steps of the plan of an option of a kind. */
export const stepsOf = (change: Partial<Damage>, kind: RepairKind) =>
  workPlan(optionOf(change, kind), { ...HOLE, ...change });

/** The figures that the step of a code works to. */
export function figuresAt(change: Partial<Damage>, kind: RepairKind, code: StepCode) {
  return stepsOf(change, kind).find((step) => step.code === code)?.figures;
}
