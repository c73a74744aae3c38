import { drawn, type SeededRandom } from "@root-gauge/core/random";
import type { Mm } from "@root-gauge/core/measure";
import type { BucketPart } from "./bucket-part";
import { chance } from "./chance";

/** What went wrong with a reading, as only this generator knows. */
type BucketSlip = "digits" | "shank" | "zero" | "flats" | "unit" | "next-leaf" | "fence-post";

/** What a fitter says he read, in words of this generator; `slip` is not said. */
export interface SaidSize {
  readonly says: "size";
  readonly mm: Mm;
  readonly condition?: "plated" | "galvanised" | "painted" | "rusted" | "worn";
  readonly slip?: BucketSlip;
}

export interface SaidPitch {
  readonly says: "leaf";
  /** The leaf that lay best, by its stamp. */
  readonly pitchMm?: Mm;
  readonly tpi?: number;
  readonly slip?: BucketSlip;
}

export interface SaidCount {
  readonly says: "count";
  readonly threads: number;
  readonly spanMm: Mm;
  readonly slip?: BucketSlip;
}

/** A fitter and what he has in hand. */
export interface Fitter {
  /** How steadily a caliper is held, mm. */
  readonly steadyMm: Mm;
  /** To what his instrument is read, mm. */
  readonly readToMm: Mm;
  /** By how much his jaws are out, mm; the same for every size taken at this sitting. */
  readonly zeroMm: Mm;
  /** How often, of a hundred readings, something slips. */
  readonly slipsInHundred: number;
  readonly hasInchLeaves: boolean;
  readonly hasMetricLeaves: boolean;
  readonly saysCondition: boolean;
}

const HANDS = [
  { weight: 55, steadyMm: 0.012, readToMm: 0.01, slipsInHundred: 1.5 },
  { weight: 30, steadyMm: 0.03, readToMm: 0.01, slipsInHundred: 3 },
  { weight: 15, steadyMm: 0.045, readToMm: 0.05, slipsInHundred: 4.5 },
] as const;

export function bucketFitter(random: SeededRandom): Fitter {
  const hand = drawn(HANDS, ({ weight }) => weight, random) ?? HANDS[0];
  const unset = chance(1.2, random);
  const leaves = 100 * random.even();
  return {
    steadyMm: hand.steadyMm,
    readToMm: hand.readToMm,
    zeroMm: unset ? (0.05 + 0.3 * random.even()) * (chance(50, random) ? 1 : -1) : 0,
    slipsInHundred: hand.slipsInHundred,
    hasInchLeaves: leaves > 4,
    hasMetricLeaves: leaves < 97,
    saysCondition: chance(70, random),
  };
}

const rounded = (value: number, to: number) => Number((Math.round(value / to) * to).toFixed(2));

/** Two neighbouring digits change places, or one is read one off. */
function withWrongDigits(mm: Mm, random: SeededRandom): Mm {
  const digits = [...mm.toFixed(2).replace(".", "")];
  const at = Math.floor(random.even() * (digits.length - 1));
  const [first = "0", second = "0"] = digits.slice(at, at + 2);
  if (first !== second && chance(55, random)) digits.splice(at, 2, second, first);
  else digits[at] = String((Number(first) + (chance(50, random) ? 1 : 9)) % 10);
  const wrong = Number(digits.join("")) / 100;
  return wrong < 0.6 ? mm : wrong;
}

/** What a fitter calls each fate, where he has a word for it. */
export const STATED = {
  "as made": undefined,
  cheap: undefined,
  "bright plated": "plated",
  "dipped in zinc": "galvanised",
  "painted over": "painted",
  rusted: "rusted",
  worn: "worn",
} as const;

/** Thin plating is said by one in three of those who say anything. */
function conditionSaid(part: BucketPart, fitter: Fitter, random: SeededRandom) {
  const condition = STATED[part.fate];
  if (!fitter.saysCondition || condition === undefined) return {};
  if (condition === "plated" && !chance(33, random)) return {};
  return { condition };
}

/** Jaws over the crests, or in the bore, where they lie as chords. */
export function takeSize(part: BucketPart, fitter: Fitter, random: SeededRandom): SaidSize {
  const hold =
    part.side === "external" ? -0.02 * random.even() ** 2 : -(0.01 + 0.04 * random.even());
  const read = part.sizeMm + hold + fitter.steadyMm * random.normal() + fitter.zeroMm;
  const said = conditionSaid(part, fitter, random);
  const size = (mm: Mm, slip?: BucketSlip): SaidSize => ({
    says: "size",
    mm: rounded(mm, fitter.readToMm),
    ...said,
    ...(slip === undefined ? {} : { slip }),
  });
  if (!chance(fitter.slipsInHundred, random)) {
    return fitter.zeroMm === 0 ? size(read) : size(read, "zero");
  }
  const which = 100 * random.even();
  const shank = part.shankMm;
  if (which < 45) {
    const wrong = withWrongDigits(rounded(read, fitter.readToMm), random);
    return wrong === rounded(read, fitter.readToMm) ? size(read) : size(wrong, "digits");
  }
  if (which < 75 && shank !== undefined) return size(shank + 0.015 * random.normal(), "shank");
  if (which < 85 && part.side === "external") return size(1.55 * part.sizeMm, "flats");
  if (which < 90) return size(read / 25.4 > 0.6 ? read / 25.4 : read, "unit");
  return size(read + (0.08 + 0.25 * random.even()) * (chance(50, random) ? 1 : -1), "zero");
}

const METRIC = [
  0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.6, 0.7, 0.75, 0.8, 0.9, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4,
  4.5, 5, 5.5, 6,
];
const INCH = [
  4, 4.5, 5, 6, 7, 8, 9, 10, 11, 11.5, 12, 13, 14, 16, 18, 19, 20, 22, 24, 26, 27, 28, 30, 32, 36,
  40, 44, 48, 56, 60,
];

interface Leaf {
  readonly pitchMm: Mm;
  readonly stamp: { readonly pitchMm: Mm } | { readonly tpi: number };
}

const LEAVES: readonly Leaf[] = [
  ...METRIC.map((pitchMm) => ({ pitchMm, stamp: { pitchMm } })),
  ...INCH.map((tpi) => ({ pitchMm: 25.4 / tpi, stamp: { tpi } })),
];

function ownLeaves({ hasMetricLeaves, hasInchLeaves }: Fitter): readonly Leaf[] {
  return LEAVES.filter(({ stamp }) => ("tpi" in stamp ? hasInchLeaves : hasMetricLeaves));
}

/** A leaf's blade is some 13 mm of teeth; of a short thread it meets what there is. */
function teethMet(pitchMm: Mm, part: BucketPart): number {
  return Math.max(2, Math.min(12, Math.floor(Math.min(13, part.threadedMm) / pitchMm)));
}

/** How far the worst tooth stands off, as the eye has it, mm. */
function standsOff(pitchMm: Mm, part: BucketPart, random: SeededRandom): Mm {
  const off = (teethMet(pitchMm, part) / 2) * Math.abs(pitchMm - part.pitchMm);
  const dirt = part.fate === "as made" || part.fate === "bright plated" ? 0.012 : 0.03;
  return Math.abs(off + dirt * random.normal());
}

/** So much light is overlooked, mm. */
const overlooked = (part: BucketPart) => 0.05 + 0.025 * part.pitchMm;

/** A leaf is thought to lie right. A V leaf lies in no square-shouldered spindle. */
export function leafLies(pitchMm: Mm, part: BucketPart, random: SeededRandom): boolean {
  if (part.flankAngleDeg < 40) {
    return Math.abs(pitchMm / part.pitchMm - 1) < 0.03 && chance(35, random);
  }
  return standsOff(pitchMm, part, random) < overlooked(part);
}

/** Every leaf that is near is tried, and the one that lies best is called; one slip in fifty calls its neighbour. */
export function takeLeaf(
  part: BucketPart,
  fitter: Fitter,
  random: SeededRandom,
): SaidPitch | SaidCount {
  const leaves = ownLeaves(fitter);
  const tried = leaves
    .filter(({ pitchMm }) => Math.abs(pitchMm / part.pitchMm - 1) < 0.3)
    .map((leaf) => ({ leaf, off: standsOff(leaf.pitchMm, part, random) }))
    .sort((a, b) => a.off - b.off);
  const [best] = tried;
  const spindle = part.flankAngleDeg < 40;
  if (best === undefined || spindle || best.off > overlooked(part)) {
    return takeCount(part, fitter, random);
  }
  const slips = chance(0.6 * fitter.slipsInHundred, random);
  const other = tried[1 + Math.floor(2 * random.even())];
  if (slips && other !== undefined) return { says: "leaf", ...other.leaf.stamp, slip: "next-leaf" };
  return { says: "leaf", ...best.leaf.stamp };
}

/** Threads over an inch, or over as much of it as there is; the first is often counted as one. */
export function takeCount(part: BucketPart, fitter: Fitter, random: SeededRandom): SaidCount {
  const spanMm = part.threadedMm >= 25.4 ? 25.4 : part.threadedMm >= 12.7 ? 12.7 : 10;
  const threads = spanMm / part.pitchMm + 0.3 * random.normal();
  const counted = Math.max(1, Math.round(2 * threads) / 2);
  return chance(2.2 * fitter.slipsInHundred, random)
    ? { says: "count", threads: counted + 1, spanMm, slip: "fence-post" }
    : { says: "count", threads: counted, spanMm };
}

/** Crest to crest over some pitches, with the jaws' points. */
export function takeCrests(
  pitches: number,
  part: BucketPart,
  fitter: Fitter,
  random: SeededRandom,
): Mm {
  const slip = chance(fitter.slipsInHundred, random) ? 1 : 0;
  const sd = 0.03 + fitter.steadyMm;
  return rounded((pitches + slip) * part.pitchMm + sd * random.normal() + fitter.zeroMm, 0.01);
}
