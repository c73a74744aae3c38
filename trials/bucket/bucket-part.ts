import { drawn, type SeededRandom } from "@root-gauge/core/random";
import {
  findThread,
  limits,
  sizesOverCrests,
  type Thread,
  type ThreadSide,
} from "@root-gauge/core/catalogue/threads";
import type { Mm } from "@root-gauge/core/measure";
import { chance } from "./chance";
import { TRADES, UNLISTED_SHARE, type Trade } from "./trades";

/** What has been done to a part since it was made, or how it was made. */
const FATES = [
  "as made",
  "bright plated",
  "dipped in zinc",
  "painted over",
  "rusted",
  "worn",
  "cheap",
] as const;

type Fate = (typeof FATES)[number];

type BucketKind = "bolt" | "stud" | "nut" | "tapped-hole" | "pipe-male" | "pipe-female";

/** A part as it lies in the bucket. */
export interface BucketPart {
  /** Undefined for a thread that stands in no table. */
  readonly thread: Thread | undefined;
  readonly trade: Trade;
  readonly kind: BucketKind;
  readonly side: ThreadSide;
  readonly pitchMm: Mm;
  readonly flankAngleDeg: number;
  readonly tapered: boolean;
  /** Over its crests: the major diameter of a screw, the bore of a nut. */
  readonly sizeMm: Mm;
  /** What its fate has added over its crests, on diameter; negative for what it has taken. */
  readonly fatMm: Mm;
  /** How much of it is threaded. */
  readonly threadedMm: Mm;
  /** The plain shank next to the thread, where there is one. */
  readonly shankMm: Mm | undefined;
  readonly fate: Fate;
}

const FATE_SHARES: Readonly<Record<Fate, number>> = {
  "as made": 48,
  "bright plated": 24,
  "dipped in zinc": 4,
  "painted over": 3,
  rusted: 7,
  worn: 9,
  cheap: 5,
};

/** Rolled screws come from dies that are used till they are worn: more of them lie low in their limits than high. */
function madeWithin(min: Mm, max: Mm, random: SeededRandom): Mm {
  const low = Math.max(random.even(), random.even(), random.even());
  const share = chance(60, random) ? 1 - low : random.even();
  return min + (max - min) * (0.04 + 0.92 * share);
}

/** What a fate adds over the crests of a screw, on diameter; a nut's bore it changes the other way, and less. */
function added(fate: Fate, size: Mm, tolerance: Mm, random: SeededRandom): Mm {
  switch (fate) {
    case "as made":
      return 0;
    case "bright plated":
      return 0.008 + 0.016 * random.even();
    case "dipped in zinc":
      return 0.08 + 0.14 * random.even();
    case "painted over":
      return 0.03 + 0.12 * random.even();
    case "rusted":
      return chance(45, random) ? 0.25 * random.even() : -(0.02 + 0.3 * random.even());
    case "worn":
      return -(0.02 + (0.15 + 0.012 * size) * random.even() ** 2 + 0.5 * tolerance * random.even());
    case "cheap":
      return -(0.02 + 0.12 * random.even());
  }
}

function kindOf(thread: Thread | undefined, trade: Trade, random: SeededRandom): BucketKind {
  if (trade.name === "pipes and hydraulics") {
    return chance(70, random) ? "pipe-male" : "pipe-female";
  }
  if (thread !== undefined && thread.family === "trapezoidal") return "stud";
  const die = 100 * random.even();
  if (die < 66) return "bolt";
  if (die < 76) return "stud";
  return die < 90 ? "nut" : "tapped-hole";
}

const INSIDE: ReadonlySet<BucketKind> = new Set(["nut", "tapped-hole", "pipe-female"]);

function limitsOf(
  thread: Thread,
  side: ThreadSide,
): { readonly min: Mm; readonly max: Mm } | undefined {
  if (side === "external") return sizesOverCrests(thread);
  const { minor } = limits(thread, "internal");
  const { min = minor.max, max = minor.min } = minor;
  return min === undefined || max === undefined ? undefined : { min, max };
}

/** A works' own thread: some size and some pitch, in the proportions that screws have. */
function unlisted(random: SeededRandom): { readonly majorMm: Mm; readonly pitchMm: Mm } {
  const majorMm = 3 * Math.exp(Math.log(8) * random.even());
  const pitchMm = (0.2 + 0.14 * majorMm ** 0.85) * (0.7 + 0.75 * random.even());
  return { majorMm, pitchMm };
}

/** A shank is as thick as the thread, or, of a screw rolled on drawn wire, as its pitch diameter. */
function shankOf(kind: BucketKind, major: Mm, pitchMm: Mm, random: SeededRandom): Mm | undefined {
  if (kind !== "bolt" || chance(45, random)) return undefined;
  return chance(65, random) ? major + 0.02 * random.even() : major - 0.65 * pitchMm;
}

function threadedLength(major: Mm, kind: BucketKind, random: SeededRandom): Mm {
  const most = kind === "nut" ? 1 : kind.startsWith("pipe") ? 0.9 : 3.2;
  return Math.max(3, major * (0.6 + (most - 0.6) * random.even()));
}

/** One part drawn from the bucket. */
export function bucketPart(random: SeededRandom): BucketPart {
  const trade = drawn(TRADES, ({ share }) => share, random);
  if (trade === undefined) throw new RangeError("a bucket without a trade");
  const fate = drawn(FATES, (one) => FATE_SHARES[one], random) ?? "as made";
  if (chance(UNLISTED_SHARE, random)) return unlistedPart(trade, fate, random);
  const name = drawn(Object.keys(trade.parts), (one) => trade.parts[one] ?? 0, random) ?? "";
  const thread = findThread(name);
  if (thread === undefined) throw new RangeError(`the bucket knows no ${name}`);
  const kind = kindOf(thread, trade, random);
  const wanted: ThreadSide = INSIDE.has(kind) ? "internal" : "external";
  const within = limitsOf(thread, wanted);
  const side = within === undefined ? "external" : wanted;
  const band = within ?? limitsOf(thread, "external");
  if (band === undefined) throw new RangeError(`${name} has no size`);
  const { min, max } = band;
  const made = madeWithin(min, max, random);
  const change = added(fate, made, max - min, random);
  const sizeMm = made + (side === "external" ? change : -0.6 * change);
  return {
    thread,
    trade,
    kind: within === undefined ? "bolt" : kind,
    side,
    pitchMm: thread.pitchMm,
    flankAngleDeg: thread.flankAngleDeg,
    tapered: thread.taper !== undefined,
    sizeMm,
    fatMm: change,
    threadedMm: threadedLength(thread.majorMm, kind, random),
    shankMm: shankOf(kind, sizeMm, thread.pitchMm, random),
    fate,
  };
}

function unlistedPart(trade: Trade, fate: Fate, random: SeededRandom): BucketPart {
  const { majorMm, pitchMm } = unlisted(random);
  const kind: BucketKind = chance(80, random) ? "bolt" : "stud";
  return {
    thread: undefined,
    trade,
    kind,
    side: "external",
    pitchMm,
    flankAngleDeg: chance(70, random) ? 60 : 55,
    tapered: false,
    sizeMm: majorMm,
    fatMm: 0,
    threadedMm: threadedLength(majorMm, kind, random),
    shankMm: shankOf(kind, majorMm, pitchMm, random),
    fate,
  };
}
