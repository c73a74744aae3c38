export type {
  DimensionKind,
  LineKind,
  Outline,
  OutlineDimension,
  OutlinePoint,
  OutlineStroke,
} from "./outline";
export { headProfile } from "./head-profile";
export type { HeadOutline } from "./head-outline";
export { screwOutline } from "./screw-outline";
