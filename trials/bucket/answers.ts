import { drawn, type SeededRandom } from "@root-gauge/core/random";
import { limits, type Thread } from "@root-gauge/core/catalogue/threads";
import type { Mm } from "@root-gauge/core/measure";
import type { BucketPart } from "./bucket-part";
import { chance } from "./chance";
import { STATED, type Fitter } from "./fitter";

/** An angle as it is judged against a gauge or the light; undefined where the thread is too fine to be judged. */
export function judgeAngle(part: BucketPart, random: SeededRandom): number | undefined {
  if (part.pitchMm < 0.75 && chance(50, random)) return undefined;
  const seen = part.flankAngleDeg + (1 + 1.1 / part.pitchMm) * random.normal();
  return [60, 55, 47.5, 30, 29, 80, 0].reduce((best, angle) =>
    Math.abs(angle - seen) < Math.abs(best - seen) ? angle : best,
  );
}

/** Whether it is called tapered: a short taper is overlooked, a worn end imagined to be one. */
export function judgeTaper({ tapered, fate }: BucketPart, random: SeededRandom): boolean {
  if (tapered) return !chance(7, random);
  return chance(fate === "worn" ? 4 : 1.5, random);
}

/** Crests that stand rounded in the drawing; dies and wear make flats of some and rounds of others. */
export function judgeCrests(part: BucketPart, random: SeededRandom): "rounded" | "flat" {
  const { flankAngleDeg, thread, fate, pitchMm } = part;
  const round = flankAngleDeg === 55 || flankAngleDeg === 47.5 || thread?.family === "cycle";
  const spoiled = fate === "worn" || fate === "rusted" || fate === "dipped in zinc";
  const wrong = (spoiled ? 28 : 9) + (pitchMm < 0.9 ? 12 : 0);
  return round !== chance(wrong, random) ? "rounded" : "flat";
}

/** Both ends of a thread measured, as far apart as it is long; undefined where it is too short. */
export function takeEnds(
  part: BucketPart,
  fitter: Fitter,
  random: SeededRandom,
): { readonly smallMm: Mm; readonly largeMm: Mm; readonly apartMm: Mm } | undefined {
  const apartMm = Math.floor(part.threadedMm - part.pitchMm);
  if (part.side === "internal" || apartMm < 5) return undefined;
  const steady = () => fitter.steadyMm * random.normal();
  const rubbed = part.fate === "worn" ? 0.1 * random.even() : 0;
  const rise = part.tapered ? apartMm / 16 : rubbed;
  const large = part.sizeMm + fitter.zeroMm + steady();
  const small = part.sizeMm - rise + fitter.zeroMm + steady();
  const [least, most] = [Math.min(small, large), Math.max(small, large)];
  return { smallMm: Number(least.toFixed(2)), largeMm: Number(most.toFixed(2)), apartMm };
}

/** Depths of trapezoid threads, of the pitch; stub ones are shallow. */
export function takeDepth(part: BucketPart, random: SeededRandom): Mm | undefined {
  if (part.side === "internal" || part.flankAngleDeg > 40) return undefined;
  const stub = part.thread?.series === "stub Acme";
  const deep = (stub ? 0.34 : 0.56) * part.pitchMm;
  return Number((deep + 0.07 * random.normal()).toFixed(2));
}

/** What a look at the part finds, when it is asked for; some wear and cheap making goes unseen. */
export function lookAtPart({ fate }: BucketPart, random: SeededRandom) {
  const hidden = fate === "worn" ? 20 : fate === "cheap" ? 65 : 6;
  if (chance(hidden, random)) return "sound";
  return STATED[fate] ?? (fate === "cheap" ? "cheap" : "sound");
}

/** Across the flats of the usual heads and nuts, by the size of the thread, mm. */
const METRIC_FLATS: Readonly<Record<number, readonly Mm[]>> = {
  3: [5.5],
  4: [7],
  5: [8],
  6: [10],
  8: [13, 12],
  10: [16, 17, 14],
  12: [18, 19, 17],
  14: [21, 22],
  16: [24],
  18: [27],
  20: [30],
  24: [36],
};

const sixteenths = (count: number) => (count * 25.4) / 16;

const INCH_FLATS: Readonly<Record<string, number>> = {
  "1/4": 7,
  "5/16": 8,
  "3/8": 9,
  "7/16": 10,
  "1/2": 12,
  "9/16": 13,
  "5/8": 15,
  "3/4": 18,
};

/** The old Whitworth hexagons, in; a fine thread has that of the coarse one below it. */
const WHITWORTH_FLATS: Readonly<Record<string, number>> = {
  "3/16": 0.445,
  "1/4": 0.525,
  "5/16": 0.6,
  "3/8": 0.71,
  "7/16": 0.82,
  "1/2": 0.92,
  "5/8": 1.1,
  "3/4": 1.3,
};

/** Hexagons of BA screws, in. */
const BA_FLATS: Readonly<Record<string, number>> = {
  "0": 0.413,
  "1": 0.365,
  "2": 0.324,
  "3": 0.282,
  "4": 0.248,
  "5": 0.22,
  "6": 0.193,
  "8": 0.152,
};

function flatsOf({ thread, trade }: BucketPart, random: SeededRandom): Mm | undefined {
  if (thread === undefined) return undefined;
  if (thread.family === "ba") {
    const inches = BA_FLATS[thread.designation.split(" ")[0] ?? ""];
    return inches === undefined ? undefined : inches * 25.4;
  }
  const metric = thread.family === "iso-metric" ? METRIC_FLATS[thread.majorMm] : undefined;
  if (metric !== undefined) return drawn(metric, (one) => (one === metric[0] ? 5 : 1), random);
  const size = thread.designation.split("-")[0] ?? "";
  if (trade.place === "britain") {
    const sizes = Object.keys(WHITWORTH_FLATS);
    const below = thread.series === "BSF" ? sizes[sizes.indexOf(size) - 1] : size;
    const inches = WHITWORTH_FLATS[below ?? size];
    return inches === undefined ? undefined : inches * 25.4;
  }
  const count = INCH_FLATS[size];
  return count === undefined ? undefined : sixteenths(count);
}

/** Across the flats; undefined of what has none. */
export function takeFlats(part: BucketPart, fitter: Fitter, random: SeededRandom): Mm | undefined {
  if ((part.kind !== "bolt" && part.kind !== "nut") || chance(25, random)) return undefined;
  const nominal = flatsOf(part, random);
  if (nominal === undefined) return undefined;
  const rounded = part.fate === "rusted" || part.fate === "worn" ? 0.99 : 1;
  const mm = nominal * rounded * (1 - 0.014 * random.even()) + fitter.zeroMm;
  return Number((mm + fitter.steadyMm * random.normal()).toFixed(2));
}

const MARKS: Readonly<Record<BucketPart["trade"]["place"], Readonly<Record<string, number>>>> = {
  europe: { "8.8": 45, "10.9": 9, "12.9": 4, "A2-70": 9, none: 25 },
  japan: { "8.8": 30, "10.9": 8, none: 42 },
  "north-america": { none: 40, "lines:3": 28, "lines:6": 12 },
  britain: { none: 62, "letter:R": 14, "letter:S": 4 },
};

/** What stands on the head; undefined of what has none, or where nobody can read it. */
export function readMark(part: BucketPart, random: SeededRandom): string | undefined {
  if (part.kind !== "bolt" || chance(part.fate === "rusted" ? 70 : 15, random)) return undefined;
  const marks = MARKS[part.trade.place];
  return drawn(Object.keys(marks), (mark) => marks[mark] ?? 0, random);
}

/** Where the machine is from, if that is known at all; the plate on it is not always its own. */
export function tellPlace(
  { trade }: BucketPart,
  random: SeededRandom,
): BucketPart["trade"]["place"] | undefined {
  if (chance(50, random)) return undefined;
  return chance(4, random) ? "europe" : trade.place;
}

/** How far a known part is run on to it. */
const TURNS = 5;

export type Tried = "runs-freely" | "binds" | "will-not-start" | "loose";

const middle = ({ min, max }: { readonly min?: Mm; readonly max?: Mm }) =>
  ((min ?? max ?? 0) + (max ?? min ?? 0)) / 2;

/** What its fate does to the flanks, on the pitch diameter: wear takes crests first, a coat lies on both flanks. */
function flankChange({ fate, fatMm }: BucketPart): Mm {
  if (fate === "worn") return 0.4 * fatMm;
  return fate === "cheap" ? fatMm : 1.8 * fatMm;
}

/** The pitch diameter: within its own limits wherever the crests lie in theirs. */
function pitchDiameter(part: BucketPart, random: SeededRandom): Mm {
  const { thread, side, sizeMm, pitchMm } = part;
  const outside = side === "external";
  if (thread === undefined) return outside ? sizeMm - 0.63 * pitchMm : sizeMm + 0.45 * pitchMm;
  const { min, max } = limits(thread, side).pitch;
  const low = min ?? max ?? sizeMm;
  const made = low + ((max ?? low) - low) * (0.15 + 0.7 * random.even());
  return made + (outside ? 1 : -1) * flankChange(part);
}

/** Two tapers draw up on each other where they meet, wherever in their limits they are; other sizes do not meet at all. */
function tryTaper(part: BucketPart, known: Thread): Tried {
  const own = part.thread?.majorMm ?? part.sizeMm;
  const apart = Math.abs(known.majorMm - own) / own;
  const pitchApart = Math.abs(known.pitchMm - part.pitchMm) / part.pitchMm;
  return apart > 0.06 || pitchApart > 0.09 ? "will-not-start" : "binds";
}

/**
 * A known new part of a thread run on to it, or it into that: crests against roots, then the flanks with what the two
 * pitches drift apart over the turns.
 */
export function tryKnown(part: BucketPart, known: Thread, random: SeededRandom): Tried {
  if (part.tapered !== (known.taper !== undefined)) return "binds";
  if (part.tapered) return tryTaper(part, known);
  const outside = part.side === "external";
  const ownPitchDia = pitchDiameter(part, random);
  const other = limits(known, outside ? "internal" : "external");
  const knownPitchDia = middle(other.pitch);
  const play = outside ? knownPitchDia - ownPitchDia : ownPitchDia - knownPitchDia;
  const crestsPlay = outside
    ? known.majorMm + 0.15 - part.sizeMm
    : part.sizeMm - middle(other.minor);
  const clumsy = chance(3, random);
  if (crestsPlay < -0.06 || play < -0.14 - 0.05 * random.even()) return "will-not-start";
  const drift = 1.7 * Math.abs(part.pitchMm - known.pitchMm);
  if (drift > Math.max(0.2, play + 0.1)) return "will-not-start";
  if (clumsy || play < -0.02 || drift * TURNS > play + 0.05) return "binds";
  return play > 0.24 + 0.14 * part.pitchMm ? "loose" : "runs-freely";
}

/** For how many turns a known part is tried. */
export const TURNS_TRIED = TURNS;
