import { ACCEPTED } from "./accepted";
import type { Reading, ReadingKind } from "./reading";

/** Why a reading was not weighed: a figure of it is none, or none that a part for this bench can have. */
export interface ReadingProblem {
  readonly code: "reading-not-finite" | "reading-out-of-range";
  readonly kind: ReadingKind;
  /** Its place in the readings as given. */
  readonly at: number;
  readonly figure: number;
  /** What is accepted, both ends included. */
  readonly least: number;
  readonly most: number;
}

type Held = readonly [figure: number | undefined, least: number, most: number];

const within = (
  figure: number | undefined,
  { minMm, maxMm }: { readonly minMm: number; readonly maxMm: number },
): Held => [figure, minMm, maxMm];
const counted = (
  figure: number | undefined,
  { min, max }: { readonly min: number; readonly max: number },
): Held => [figure, min, max];

/** The figures that a reading tells, each with what it may be. */
function figuresOf(reading: Reading): readonly Held[] {
  switch (reading.kind) {
    case "external-diameter":
      return [within(reading.mm, ACCEPTED.diameter)];
    case "internal-diameter":
      return [within(reading.mm, ACCEPTED.bore)];
    case "diameter-between":
      return [
        [reading.overMm, 0, ACCEPTED.diameter.maxMm],
        [reading.notOverMm, reading.overMm, ACCEPTED.diameter.maxMm],
      ];
    case "leaf":
      return reading.tpi === undefined
        ? [within(reading.pitchMm ?? Number.NaN, ACCEPTED.leafPitch)]
        : [counted(reading.tpi, ACCEPTED.leafTpi)];
    case "count":
      return [counted(reading.threads, ACCEPTED.threads), within(reading.spanMm, ACCEPTED.span)];
    case "crest-to-crest":
      return [counted(reading.pitches, ACCEPTED.threads), within(reading.mm, ACCEPTED.span)];
    case "taper-measured":
      return [
        within(reading.smallMm, ACCEPTED.diameter),
        within(reading.largeMm, ACCEPTED.diameter),
        within(reading.apartMm, ACCEPTED.apart),
      ];
    case "across-flats":
      return [within(reading.mm, ACCEPTED.flats)];
    case "thread-depth":
      return [within(reading.mm, ACCEPTED.depth)];
    case "length":
      return [within(reading.mm, ACCEPTED.length)];
    case "trial-fit":
      return reading.turns === undefined ? [] : [counted(reading.turns, ACCEPTED.turns)];
    case "origin":
      return reading.before === undefined ? [] : [counted(reading.before, ACCEPTED.year)];
    default:
      return [];
  }
}

/** What is wrong with the first figure that cannot be taken; undefined where all can. */
export function problemOfReading(reading: Reading, at: number): ReadingProblem | undefined {
  for (const [figure, least, most] of figuresOf(reading)) {
    if (figure === undefined) continue;
    const told = { kind: reading.kind, at, figure, least, most };
    if (!Number.isFinite(figure)) return { code: "reading-not-finite", ...told };
    if (figure < least || figure > most) return { code: "reading-out-of-range", ...told };
  }
  return undefined;
}
