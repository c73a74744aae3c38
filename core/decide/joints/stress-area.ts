import { basicSizes, type Thread } from "../../catalogue/threads";
import { mmFromInches } from "../../measure";

/**
 * Tensile stress area in square millimetres.
 * ISO metric: pi/4 ((d2 + d3)/2)^2 with d3 = d - 1.226869 P (ISO 898-1, clause 9.1.6.1).
 * Unified: 0.7854 (D - 0.9743/n)^2 (ASME B1.1, appendix B).
 * Any other: the same mean of pitch and minor diameter as ISO 898-1 takes, of its own basic profile.
 */
export function stressArea(thread: Thread): number {
  if (thread.family === "unified" && thread.majorInch !== undefined && thread.tpi !== undefined) {
    return 0.7854 * mmFromInches(thread.majorInch - 0.9743 / thread.tpi) ** 2;
  }
  if (thread.family === "iso-metric") {
    const d2 = thread.majorMm - 0.649519 * thread.pitchMm;
    const d3 = thread.majorMm - 1.226869 * thread.pitchMm;
    return (Math.PI / 4) * ((d2 + d3) / 2) ** 2;
  }
  const { pitch, minor } = basicSizes(thread);
  return (Math.PI / 4) * ((pitch + minor) / 2) ** 2;
}
