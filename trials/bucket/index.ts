// A bucket of mixed parts, drawn and read by rules of its own: what the engine is held against knows nothing of it.
export { bucketPart } from "./bucket-part";
export type { BucketPart } from "./bucket-part";
export { bucketFitter, leafLies, takeCount, takeCrests, takeLeaf, takeSize } from "./fitter";
export type { Fitter, SaidCount, SaidPitch, SaidSize } from "./fitter";
export {
  judgeAngle,
  judgeCrests,
  judgeTaper,
  lookAtPart,
  readMark,
  takeDepth,
  takeEnds,
  takeFlats,
  tellPlace,
  tryKnown,
  TURNS_TRIED,
} from "./answers";
