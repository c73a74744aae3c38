import { headSize, B18_3_BORES, DIN_974_BORES, goesByInches, pairAt } from "../heads";
import type { Drive, HeadStyle } from "../looks";
import type { Thread } from "../threads";
import type { Mm } from "../../measure";

/** The recess that takes a head below the surface. */
export type HeadRecess =
  | {
      readonly kind: "counterbore";
      readonly acrossMm: Mm;
      readonly deepMm: Mm;
      readonly standard: string;
    }
  | {
      readonly kind: "countersink";
      /** Across the mouth, for a head that sits flush with its sharp edge. */
      readonly acrossMm: Mm;
      readonly angleDeg: number;
      readonly standard: string;
    };

/** Room over a head in its counterbore (DIN 974-1 adds 0.4 to 1 mm; the least of it). */
const OVER_HEAD_MM = 0.4;

/**
 * Counterbore for a socket cap head, countersink for a countersunk one.
 * @returns undefined for other heads and for sizes no table here has
 */
export function headRecess(head: HeadStyle, drive: Drive, thread: Thread): HeadRecess | undefined {
  const size = headSize(head, drive, thread);
  if (size.standard === undefined) return undefined;
  if (size.countersinkDeg !== undefined) {
    return {
      kind: "countersink",
      acrossMm: size.widthMm,
      angleDeg: size.countersinkDeg,
      standard: size.standard,
    };
  }
  if (head !== "socket-cap" && head !== "low-cap") return undefined;
  const inches = goesByInches(thread);
  const acrossMm = pairAt(inches ? B18_3_BORES : DIN_974_BORES, thread, inches);
  return acrossMm === undefined
    ? undefined
    : {
        kind: "counterbore",
        acrossMm,
        deepMm: size.heightMm + OVER_HEAD_MM,
        standard: inches ? "ASME B18.3" : "DIN 974-1",
      };
}
