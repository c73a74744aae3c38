import { mmFromInches, pitchMmFromTpi, printFraction } from "../../measure";
import type { SizeRange, Thread } from "./thread";

/** A nominal inch size: its label on drawings, its part of an id, its exact value. */
export interface InchSize {
  readonly label: string;
  readonly slug: string;
  readonly inches: number;
}

/** A size in sixty-fourths of an inch: 24 is "3/8", 80 is "1 1/4" with the slug "1-1/4". */
export function sizeIn64ths(parts: number): InchSize {
  const label = printFraction({ whole: 0, numerator: parts, denominator: 64 });
  return { label, slug: label.replace(" ", "-"), inches: parts / 64 };
}

/** A size in sixteenths of an inch. */
export const sizeIn16ths = (parts: number): InchSize => sizeIn64ths(parts * 4);

/** Diameter of a numbered inch size: 0.060 + 0.013 n in, exact to the thousandth (ASME B1.1). */
export function numberedSizeInches(number: number): number {
  return (60 + 13 * number) / 1000;
}

/** A numbered size, "#10" with the slug "no10". */
export function numberedSize(number: number): InchSize {
  return { label: `#${number}`, slug: `no${number}`, inches: numberedSizeInches(number) };
}

type InchThreadParts = Pick<Thread, "family" | "series" | "flankAngleDeg" | "choice" | "standard"> &
  Partial<Thread>;

/** A right-hand, single-start inch thread, "1/2-12 BSW" with the id "bsw-1/2-12" unless told otherwise. */
export function inchThread(size: InchSize, tpi: number, parts: InchThreadParts): Thread {
  return {
    id: `${parts.series.toLowerCase()}-${size.slug}-${tpi}`,
    designation: `${size.label}-${tpi} ${parts.series}`,
    majorMm: mmFromInches(size.inches),
    majorInch: size.inches,
    namedInch: size.inches,
    pitchMm: pitchMmFromTpi(tpi),
    tpi,
    starts: 1,
    hand: "right",
    verified: true,
    ...parts,
  };
}

/**
 * Nominal diameter and pitch in inches of a thread that its standard gives in inches.
 * @throws RangeError for any other thread
 */
export function inchSizesOf(thread: Thread): { majorIn: number; pitchIn: number } {
  if (thread.majorInch === undefined || thread.tpi === undefined) {
    throw new RangeError(`${thread.designation} has no inch sizes`);
  }
  return { majorIn: thread.majorInch, pitchIn: 1 / thread.tpi };
}

/** A band given in inches, in millimetres. */
export function rangeFromInches(min: number | undefined, max: number | undefined): SizeRange {
  return {
    ...(min === undefined ? {} : { min: mmFromInches(min) }),
    ...(max === undefined ? {} : { max: mmFromInches(max) }),
  };
}
