import { lengthsOf, type Reading } from "../../identify/weigh";
import {
  MM_PER_INCH,
  nearestFraction,
  printFraction,
  printLength,
  printRange,
  saidLength,
  type Mm,
  type SaidLength,
  type Units,
} from "../../measure";

/** A reading that tells lengths, and may hold the words they were said in. */
type SaidReading = Extract<Reading, { readonly said?: readonly string[] }>;

interface SaidSize {
  readonly figure: string;
  readonly inUnits?: string;
}

function range(mm: readonly Mm[], units: Units): string {
  const [first = 0, second] = mm;
  return second === undefined ? printLength(first, units) : printRange(first, second, units);
}

/** What was said of the lengths at these places, where all of them were said in one unit. */
function allSaid(
  reading: SaidReading,
  places: readonly number[],
): readonly SaidLength[] | undefined {
  const lengths = lengthsOf(reading);
  const said = places.flatMap((at) => saidLength(reading.said?.[at], lengths[at] ?? 0) ?? []);
  const oneUnit = said.every(({ units }) => units === said[0]?.units);
  return said.length === places.length && oneUnit ? said : undefined;
}

/** The size that a reading tells, or both of them: as it was said, the screen's unit beside it where that is the other. */
export function saidSize(reading: SaidReading, units: Units): SaidSize {
  const lengths = lengthsOf(reading);
  const places = lengths.length > 1 ? [0, 1] : [0];
  const sizes = places.map((at) => lengths[at] ?? 0);
  const said = allSaid(reading, places);
  const own = said?.[0]?.units;
  if (said === undefined || own === undefined) return { figure: range(sizes, units) };
  const figure = `${said.map((length) => length.figure).join("–")} ${own}`;
  return own === units ? { figure } : { figure, inUnits: range(sizes, units) };
}

/** Whole and half inches, which is what is counted over, are never so many millimetres. */
export function spanWords(mm: Mm, units: Units): string {
  const { fraction, differenceMm } = nearestFraction(mm, 2);
  return mm > MM_PER_INCH / 4 && Math.abs(differenceMm) < 1e-3
    ? `${printFraction(fraction)} in`
    : printLength(mm, units);
}

/** The length over which a reading was taken, the last that it tells: "1 in", "10 mm". */
export function saidSpan(reading: SaidReading, units: Units): string {
  const last = lengthsOf(reading).length - 1;
  const [said] = allSaid(reading, [last]) ?? [];
  return said === undefined
    ? spanWords(lengthsOf(reading)[last] ?? 0, units)
    : `${said.figure} ${said.units}`;
}
