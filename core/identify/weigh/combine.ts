import { OVER_CRESTS } from "./diameter-evidence";
import { GAUGE_SD } from "./gauge-evidence";
import { backgroundBetween, backgroundDensity } from "./misread";
import { IN_BORE } from "./bore-evidence";
import { lossDensity, normalCumulative } from "./distributions";
import type { Reading } from "./reading";
import type { ReadingSpread } from "./size-model";
import { weighReading, type ReadingLikelihoods, type WeighedReading } from "./weigh";

/** How often a repeated reading of one size is a plain slip. */
const SLIP = 0.01;

/** The hold may skew a reading by this much on the average when it was not the widest, mm. */
const SKEWED_MM = 0.04;

interface SizeTaken {
  readonly mm: number;
  readonly spread: ReadingSpread;
}

function sizeTaken(reading: Reading): SizeTaken | undefined {
  if (reading.kind === "external-diameter") {
    return { mm: reading.mm, spread: OVER_CRESTS[reading.instrument ?? "caliper"] };
  }
  if (reading.kind === "internal-diameter") {
    return { mm: reading.mm, spread: IN_BORE[reading.instrument ?? "caliper"] };
  }
  return undefined;
}

/** Probability of another reading of the size, given the one that is taken for the widest; a slip is even over all sizes. */
function givenWidest(other: Reading, { mm, spread }: SizeTaken): number {
  const size = sizeTaken(other);
  if (size !== undefined) {
    const sd = Math.hypot(size.spread.sdMm, spread.sdMm);
    const skew = Math.max(SKEWED_MM, size.spread.sdMm);
    return (1 - SLIP) * lossDensity(size.mm, mm, skew, sd) + SLIP * backgroundDensity(size.mm);
  }
  if (other.kind !== "diameter-between") return 1;
  const sd = Math.hypot(spread.sdMm, GAUGE_SD);
  const inside =
    normalCumulative((other.notOverMm - mm) / sd) - normalCumulative((other.overMm - mm) / sd);
  return (1 - SLIP) * Math.max(0, inside) + SLIP * backgroundBetween(other);
}

/**
 * Several readings of one size: any of those by the finest instrument may be the one that counts, the others being
 * skewed holds or slips. The widest counts unless another is far likelier.
 */
function oneSize(group: readonly WeighedReading[]): ReadingLikelihoods {
  const finest = group.reduce(
    (least, { reading }) => Math.min(least, sizeTaken(reading)?.spread.sdMm ?? Infinity),
    Infinity,
  );
  const terms = group.flatMap((counting): readonly [number, WeighedReading][] => {
    const size = sizeTaken(counting.reading);
    if (size === undefined || size.spread.sdMm > finest) return [];
    const chance = group.reduce(
      (product, other) =>
        other === counting ? product : product * givenWidest(other.reading, size),
      1,
    );
    return [[chance, counting]];
  });
  return mixture(terms);
}

function mixture(terms: readonly (readonly [number, ReadingLikelihoods])[]): ReadingLikelihoods {
  const largest = terms.reduce((most, [chance]) => Math.max(most, chance), 0);
  const shares = terms.map(([chance]) => (largest === 0 ? 1 : chance / largest));
  return each(
    terms.map(([, likelihoods]) => likelihoods),
    (values) => values.reduce((total, value, i) => total + (shares[i] ?? 0) * value, 0),
  );
}

/** Brings likelihoods together place by place, of the threads held and of those that are not. */
function each(
  all: readonly ReadingLikelihoods[],
  together: (values: readonly number[]) => number,
): ReadingLikelihoods {
  const along = (of: (one: ReadingLikelihoods) => Float64Array) =>
    Float64Array.from({ length: all[0] === undefined ? 0 : of(all[0]).length }, (_, at) =>
      together(all.map((one) => of(one)[at] ?? 0)),
    );
  return { ofThreads: along((one) => one.ofThreads), ofUnknown: along((one) => one.ofUnknown) };
}

/** The same look taken again tells a little more than once, not as much as a second witness. */
const AGAIN = 0.3;

function sameLook(group: readonly WeighedReading[]): ReadingLikelihoods {
  const exponent = (1 + AGAIN * (group.length - 1)) / group.length;
  return each(group, (values) => values.reduce((product, value) => product * value ** exponent, 1));
}

/** Readings under one name are of one thing; undefined for those that are witnesses of their own, as counts are. */
function groupOf(reading: Reading): string | undefined {
  switch (reading.kind) {
    case "external-diameter":
    case "diameter-between":
      return "over crests";
    case "internal-diameter":
      return "bore";
    case "count":
    case "crest-to-crest":
      return undefined;
    case "leaf":
      return `leaf ${reading.tpi ?? ""} ${reading.pitchMm ?? ""}`;
    case "trial-fit":
      return `trial ${reading.partIs} ${reading.with}`;
    default:
      return reading.kind;
  }
}

function together(group: readonly WeighedReading[]): readonly ReadingLikelihoods[] {
  const [first] = group;
  if (first === undefined || group.length === 1) return group;
  const sized = group.some(({ reading }) => sizeTaken(reading) !== undefined);
  if (sized) return [oneSize(group)];
  return first.reading.kind === "diameter-between" ? oneInterval(group) : [sameLook(group)];
}

/** Gauge intervals that overlap are one narrower interval; those that do not stand against each other. */
function oneInterval(group: readonly WeighedReading[]): readonly ReadingLikelihoods[] {
  const intervals = group.flatMap(({ reading }) =>
    reading.kind === "diameter-between" ? [reading] : [],
  );
  const overMm = Math.max(...intervals.map((interval) => interval.overMm));
  const notOverMm = Math.min(...intervals.map((interval) => interval.notOverMm));
  if (overMm >= notOverMm) return group;
  const condition = intervals.find((interval) => interval.condition !== undefined)?.condition;
  const judged = condition === undefined ? {} : { condition };
  return [weighReading({ kind: "diameter-between", overMm, notOverMm, ...judged })];
}

/** A narrower reading by no finer instrument that a skewed hold accounts for: the wider one, mm; else undefined. */
export function widerThan(reading: Reading, readings: readonly Reading[]): number | undefined {
  const own = sizeTaken(reading);
  if (own === undefined) return undefined;
  const wider = readings.reduce<SizeTaken | undefined>((widest, other) => {
    const size = other.kind === reading.kind ? sizeTaken(other) : undefined;
    if (size === undefined || size.mm <= (widest ?? own).mm) return widest;
    return size.spread.sdMm <= own.spread.sdMm ? size : widest;
  }, undefined);
  if (wider === undefined) return undefined;
  const slip = SLIP * backgroundDensity(own.mm);
  return givenWidest(reading, wider) > 2 * slip ? wider.mm : undefined;
}

/**
 * Readings of one thing brought together: repeated diameters (the widest counts), a gauge's interval beside a
 * caliper's figure, the same leaf or look taken again. What is left are independent witnesses.
 */
export function combined(weighed: readonly WeighedReading[]): readonly ReadingLikelihoods[] {
  const groups = new Map<string, WeighedReading[]>();
  const alone: ReadingLikelihoods[] = [];
  for (const one of weighed) {
    const name = groupOf(one.reading);
    if (name === undefined) alone.push(one);
    else groups.set(name, [...(groups.get(name) ?? []), one]);
  }
  return [...alone, ...[...groups.values()].flatMap(together)];
}
