export {
  DUTIES,
  ENVIRONMENTS,
  PART_METALS,
  TIGHTENING_SURFACES,
  USUAL_CIRCUMSTANCES,
  isAcknowledged,
  needsAcknowledgement,
} from "./circumstances";
export type {
  Circumstances,
  Duty,
  Environment,
  PartMetal,
  TighteningSurface,
} from "./circumstances";
