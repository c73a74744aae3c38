export type {
  DimensionKind,
  LineKind,
  Outline,
  OutlineDimension,
  OutlinePoint,
  OutlineStroke,
} from "./outline";
export { screwOutline } from "./screw-outline";
