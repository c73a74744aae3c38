import type { Thread } from "../../catalogue/threads";
import { shearArea } from "./flank-gap";
import { sized } from "./will-it-go";

/** Shear areas of screw and nut per mm of engagement, mm2. */
export interface StrippingAreas {
  readonly screw: number;
  readonly nut: number;
}

const known = new WeakMap<Thread, StrippingAreas>();

/**
 * Areas at which the threads of screw and nut shear off, for each mm engaged, the screw at its smallest and the nut
 * at its largest in their usual classes (FED-STD-H28/2B, appendix B, formulas 1 and 2).
 */
export function strippingAreas(thread: Thread): StrippingAreas {
  const found = known.get(thread);
  if (found !== undefined) return found;
  const screw = sized(thread, "external", "loosest");
  const nut = sized(thread, "internal", "loosest");
  const areas = { screw: shearArea(screw, nut), nut: shearArea(nut, screw) };
  known.set(thread, areas);
  return areas;
}
