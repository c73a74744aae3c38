import { inchesFromMm, type Mm } from "../../measure";
import { isSelectedMetric } from "./iso-262";
import { isoMetric } from "./iso-metric";
import type { BasicSizes, FamilyStandard, SizeRange, Thread, ThreadLimits } from "./thread";
import { unifiedStandard } from "./unified";

/** How far a wire insert moves its parent's thread out, on the diameter, in pitches: three quarters of the V a side. */
export const INSERT_GROWTH = 1.299038;
/** Pitch and minor diameter of the thread a wire insert stands in, over those of the thread inside, in pitches. */
const PITCH_GROWTH = 0.649519;
const MINOR_GROWTH = 0.216506;

/** Classes of the thread inside whose tolerances the tapped hole is given: an estimate. */
const CLASS: Readonly<Partial<Record<Thread["family"], string>>> = {
  "iso-metric": "5H",
  unified: "2B",
};

const PREFIX = "sti-";
/** Sizes that wire inserts are commonly made for. */
const LEAST_MM: Mm = 2;
const MOST_MM: Mm = 39;

/** The thread that is tapped for a wire insert: the one inside, moved out by the wire (ASME B18.29.1, DIN 8140). */
export function insertTappedSizes({
  majorMm,
  pitchMm,
}: Pick<Thread, "majorMm" | "pitchMm">): BasicSizes {
  return {
    major: majorMm + INSERT_GROWTH * pitchMm,
    pitch: majorMm + PITCH_GROWTH * pitchMm,
    minor: majorMm + MINOR_GROWTH * pitchMm,
  };
}

const standardOf = ({ family }: Thread) => (family === "unified" ? unifiedStandard : isoMetric);

const widthOf = ({ min = 0, max = min }: SizeRange): Mm => max - min;

/** Limits of a hole tapped for a wire insert round a thread; the tolerances are those of its 5H or 2B: an estimate. */
export function insertTappedLimits(inside: Thread): ThreadLimits | undefined {
  const toleranceClass = CLASS[inside.family];
  if (toleranceClass === undefined) return undefined;
  const { minor, pitch } = standardOf(inside).limits(inside, "internal", toleranceClass);
  const sizes = insertTappedSizes(inside);
  return {
    toleranceClass,
    verified: false,
    major: { min: sizes.major },
    pitch: { min: sizes.pitch, max: sizes.pitch + widthOf(pitch) },
    minor: { min: sizes.minor, max: sizes.minor + widthOf(minor) },
  };
}

function insertTapped(inside: Thread): Thread {
  const { major } = insertTappedSizes(inside);
  const { tpi, series } = inside;
  const isFine = series === "fine" || series === "UNF";
  return {
    id: `${PREFIX}${inside.id}`,
    designation: `STI ${inside.designation}`,
    family: "insert-tapped",
    series: "STI",
    majorMm: major,
    pitchMm: inside.pitchMm,
    ...(tpi === undefined ? {} : { tpi, majorInch: inchesFromMm(major) }),
    flankAngleDeg: 60,
    starts: 1,
    hand: "right",
    choice: isFine ? 2 : inside.choice,
    only: "internal",
    alsoCalled: [`EG ${inside.designation}`],
    standard: tpi === undefined ? "DIN 8140" : "ASME B18.29.1",
    verified: true,
  };
}

const SERIES: ReadonlySet<string> = new Set(["UNC", "UNF"]);

const INSIDE: readonly Thread[] = [
  ...isoMetric.threads.filter(isSelectedMetric),
  ...unifiedStandard.threads.filter(({ series }) => SERIES.has(series)),
].filter(({ majorMm }) => majorMm >= LEAST_MM && majorMm < MOST_MM + 0.5);

const INSIDE_OF: ReadonlyMap<string, Thread> = new Map(
  INSIDE.map((inside) => [PREFIX + inside.id, inside]),
);

/** The thread inside the insert that such a hole is tapped for; undefined for any other thread. */
export function threadInsideInsert({ id }: Pick<Thread, "id">): Thread | undefined {
  return INSIDE_OF.get(id);
}

/** The id of the hole that is tapped for a wire insert round a thread; whether it is held is for the catalogue. */
export const insertTappedId = ({ id }: Thread): string => PREFIX + id;

function insideOf(thread: Thread): Thread {
  const inside = threadInsideInsert(thread);
  if (inside === undefined) throw new RangeError(`${thread.id} is tapped for no insert`);
  return inside;
}

/** Holes tapped for wire inserts: threads that are only internal, a size over the screw they are for. */
export const insertTappedStandard: FamilyStandard = {
  threads: INSIDE.map(insertTapped),
  basicSizes: (thread) => insertTappedSizes(insideOf(thread)),
  classes: (thread, side) => {
    const toleranceClass = CLASS[insideOf(thread).family];
    return side === "external" || toleranceClass === undefined ? [] : [toleranceClass];
  },
  limits: (thread, side, toleranceClass) => {
    const limits = side === "internal" ? insertTappedLimits(insideOf(thread)) : undefined;
    if (limits === undefined) throw new RangeError(`${thread.designation}: no ${side} limits`);
    return { ...limits, toleranceClass };
  },
};
