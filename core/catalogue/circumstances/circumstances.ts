/** What hangs on a joint. */
export const DUTIES = [
  "ordinary",
  "vibrating",
  "safety-critical",
  "pressure",
  "electrical",
] as const;

export type Duty = (typeof DUTIES)[number];

/** Where a joint lives. */
export const ENVIRONMENTS = ["indoor", "outdoor", "wet", "marine", "hot", "food"] as const;

export type Environment = (typeof ENVIRONMENTS)[number];

/** Metals a fastener may stand in or on. */
export const PART_METALS = [
  "steel",
  "cast-iron",
  "aluminium",
  "magnesium",
  "brass",
  "stainless",
  "plastic",
] as const;

export type PartMetal = (typeof PART_METALS)[number];

/** State of thread and bearing face when the bolt is tightened. */
export const TIGHTENING_SURFACES = [
  "dry-plain",
  "dry-zinc",
  "oiled",
  "anti-seize",
  "stainless",
] as const;

export type TighteningSurface = (typeof TIGHTENING_SURFACES)[number];

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

/** Whether nothing stands in the way of a part going in there: its caution was read, or none has to be. */
export function isAcknowledged(
  circumstances: Circumstances,
  acknowledgedAt: string | null | undefined,
): boolean {
  return typeof acknowledgedAt === "string" || !needsAcknowledgement(circumstances);
}

/** Joints on which people's safety hangs: the maker's data rule, and a substitution is acknowledged first. */
export function needsAcknowledgement({ duty }: Circumstances): boolean {
  return duty === "safety-critical" || duty === "pressure";
}
