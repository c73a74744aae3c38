import type { WasherStyle } from "../catalogue/fasteners";
import type { Thread } from "../catalogue/threads";
import { readLength, roundTo, type Mm, type Units } from "../measure";

const FIGURE = String.raw`(\d[\d/ .-]*|\.\d+) ?(mm|in|")?`;
/** "14 x 20 x 1.5": a third figure, behind the outside. */
const OUTSIDE_AND_THICK = new RegExp(String.raw`\w"?(?: ?x ?| )${FIGURE} ?x ?${FIGURE} ?$`, "i");
const SIZES = { minMm: 0.1, maxMm: 300 };
/** A washer is so much thinner than it is wide, or its third figure is no thickness. */
const MOST_THICK = 0.5;
/** How thick it is, the figure behind its hole and a larger outside; undefined where none is. */
export function thickOf(text: string): Mm | undefined {
  const [, outside = "", itsUnit = "", thick = "", unit = itsUnit] =
    OUTSIDE_AND_THICK.exec(text) ?? [];
  const units: Units = /\/|"|\bin\b|un|bs|whit|#/i.test(text) ? "in" : "mm";
  const [wide, high] = [`${outside}${itsUnit}`, `${thick}${unit}`].map((one) =>
    readLength(one, units, SIZES),
  );
  const isThick = wide?.ok === true && high?.ok === true && high.mm <= MOST_THICK * wide.mm;
  return isThick ? roundTo(high.mm, 6) : undefined;
}

/** A washer is so many times as wide as its bolt, one that seals less; what is less is its thickness. */
const LEAST_WIDE: Partial<Record<WasherStyle, number>> = { copper: 1.15, "bonded-seal": 1.15 };
const [LEAST_WIDE_ELSE, MOST_WIDE] = [1.5, 8];

/** Whether a washer of this style for this thread can be so wide across its outside. */
export function canBeOutside(outsideMm: Mm, style: WasherStyle, { majorMm }: Thread): boolean {
  const times = outsideMm / majorMm;
  return times >= (LEAST_WIDE[style] ?? LEAST_WIDE_ELSE) && times <= MOST_WIDE;
}

const SIZE_ALONE = /^(?:#?\d+(?:[ -]\d+\/\d+|\/\d+|\.\d+)?|\.\d+)(?:"| ?in)?$/i;
const WIDTHS = { minMm: 1, maxMm: 300 };

/**
 * What goes over any thread of a bare inch size, and so needs no series: "3/8 x 1 1/4".
 * @returns the width that was said behind the size, if any; undefined where more than those was said
 */
export function sizeOfAnyThread(
  text: string,
): { readonly after: string; readonly widthMm?: Mm } | undefined {
  const [size = "", width, ...others] = text.split(/ ?x ?/i);
  if (!SIZE_ALONE.test(size) || others.length > 0) return undefined;
  if (width === undefined) return { after: "" };
  const wide = readLength(width, "in", WIDTHS);
  return wide.ok ? { after: width, widthMm: wide.mm } : undefined;
}
