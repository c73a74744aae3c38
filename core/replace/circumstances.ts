import type { Environment, PartMetal } from "../fasteners";
import type { TighteningSurface } from "../joints";

/** What hangs on a joint. */
export const DUTIES = [
  "ordinary",
  "vibrating",
  "safety-critical",
  "pressure",
  "electrical",
] as const;

export type Duty = (typeof DUTIES)[number];

/** Where a joint is and what it has to do, as far as it was said. */
export interface Circumstances {
  readonly duty: Duty;
  readonly environment: Environment;
  /** What the fastener stands in or on. */
  readonly metal: PartMetal;
  /** State of thread and face when it is tightened; by the finish where it was not said. */
  readonly surface?: TighteningSurface | undefined;
}

export const USUAL_CIRCUMSTANCES: Circumstances = {
  duty: "ordinary",
  environment: "indoor",
  metal: "steel",
};

/** Joints on which people's safety hangs: the maker's data rule, and a substitution is acknowledged first. */
export function needsAcknowledgement({ duty }: Circumstances): boolean {
  return duty === "safety-critical" || duty === "pressure";
}
