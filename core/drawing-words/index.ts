export {
  diameterLabel,
  dimensionWords,
  driftWords,
  leafLightWords,
  nearScaleWords,
  paperScaleWords,
  tenThreadsWords,
} from "./drawing-words";
