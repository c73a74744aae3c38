import type { MadeTo } from "../heads";
import type { Thread } from "../threads";
import type { Mm } from "../../measure";

/** How a stud by its standard divides, mm. */
export interface StudLengths {
  /** The thread of the end that goes in; the length of the stud leaves it out. */
  readonly inHoleMm: Mm;
  readonly underNutMm: Mm;
  readonly overallMm: Mm;
}

/** How deep the end goes in, in diameters: 1 for steel (DIN 938), 1.25 for cast iron (939), 2 for aluminium (835), 2.5 (940). */
const DIAMETERS_IN: Partial<Readonly<Record<MadeTo, number>>> = {
  "DIN 938": 1,
  "DIN 939": 1.25,
  "DIN 835": 2,
  "DIN 940": 2.5,
};

/** DIN 939: sizes whose 1.25 diameters are rounded. */
const ROUNDED_939: ReadonlyMap<Mm, Mm> = new Map([
  [5, 6.5],
  [10, 12],
  [14, 18],
  [18, 22],
  [22, 28],
]);

/**
 * The lengths of a stud by DIN 938, 939, 835 or 940; undefined of any other.
 * @param lengthMm as it is ordered: without the end that goes in
 */
export function studLengths(
  { majorMm }: Thread,
  lengthMm: Mm,
  madeTo: MadeTo | undefined,
): StudLengths | undefined {
  const diameters = madeTo === undefined ? undefined : DIAMETERS_IN[madeTo];
  if (diameters === undefined) return undefined;
  const rounded = madeTo === "DIN 939" ? ROUNDED_939.get(majorMm) : undefined;
  const inHoleMm = rounded ?? diameters * majorMm;
  const nutThread = 2 * majorMm + (lengthMm <= 125 ? 6 : lengthMm <= 200 ? 12 : 25);
  return {
    inHoleMm,
    underNutMm: Math.min(nutThread, lengthMm),
    overallMm: lengthMm + inHoleMm,
  };
}
