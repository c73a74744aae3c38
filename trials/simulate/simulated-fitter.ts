import {
  FLANK_ANGLES,
  LEAVES,
  leafPitchMm,
  type FlankAngle,
  type InformativeTest,
  type LeafMark,
  type Reading,
  type TrialOutcome,
} from "@root-gauge/core/identify/weigh";
import { willItGo } from "@root-gauge/core/identify/mating";
import type { Mm } from "@root-gauge/core/measure";
import type { SeededRandom } from "@root-gauge/core/random";
import type { SimulatedPart } from "./simulated-part";

const CALIPER_SD = 0.02;
const SKEW_SD = 0.015;
const CREST_SD = 0.045;
const COUNT_SD = 0.35;

const toHundredths = (mm: Mm) => Math.round(mm * 100) / 100;

/** The caliper over the crests: its own spread, and a hold that is always a little askew. */
export function readDiameter(part: SimulatedPart, random: SeededRandom): Reading {
  const askew = Math.abs(random.normal()) * SKEW_SD;
  return {
    kind: "external-diameter",
    mm: toHundredths(part.majorMm + random.normal() * CALIPER_SD - askew),
    instrument: "caliper",
  };
}

/** A leaf is about 15 mm of teeth; seldom do more than ten lie in the thread, or fewer than three. */
export function teethIn(leafPitch: Mm): number {
  return Math.min(10, Math.max(3, Math.floor(15 / leafPitch)));
}

/** Light under the leaf's ends as the eye takes it, mm: the true gap, judged to a third, and a little that is not there. */
function lightSeen(leafPitch: Mm, part: SimulatedPart, random: SeededRandom): Mm {
  const gap = ((teethIn(leafPitch) - 1) * Math.abs(leafPitch - part.thread.pitchMm)) / 2;
  return gap * Math.exp(0.3 * random.normal()) + 0.02 * Math.abs(random.normal());
}

/** As much light as passes for none: coarser threads are judged more coarsely. */
const lightPassed = ({ thread }: SimulatedPart) => 0.06 + 0.03 * thread.pitchMm;

const PITCHES_WITHOUT_LEAF = 5;

/**
 * The pitch: the whole gauge tried against the light, and the leaf that shows least; where even that shows some, the
 * gauge has no such leaf, and five pitches are measured from crest to crest.
 */
export function readPitch(part: SimulatedPart, random: SeededRandom): Reading {
  const seen = LEAVES.map((leaf) => ({ leaf, light: lightSeen(leafPitchMm(leaf), part, random) }));
  const best = seen.reduce((a, b) => (b.light < a.light ? b : a));
  if (best.light > lightPassed(part)) return readCrests(PITCHES_WITHOUT_LEAF, part, random);
  return { kind: "leaf", ...best.leaf, outcome: "drops-in" };
}

export function layLeaf(leaf: LeafMark, part: SimulatedPart, random: SeededRandom): Reading {
  const light = lightSeen(leafPitchMm(leaf), part, random);
  return { kind: "leaf", ...leaf, outcome: light <= lightPassed(part) ? "drops-in" : "rocks" };
}

export function readAngle(part: SimulatedPart, random: SeededRandom): Reading {
  const sd = 1.3 * Math.max(1, 1.5 / part.thread.pitchMm);
  const judged = part.thread.flankAngleDeg + sd * random.normal();
  const degrees = FLANK_ANGLES.reduce<FlankAngle>(
    (best, angle) => (Math.abs(angle - judged) < Math.abs(best - judged) ? angle : best),
    60,
  );
  return { kind: "flank-angle", degrees };
}

export function readTaper(part: SimulatedPart, random: SeededRandom): Reading {
  const truly = part.thread.taper !== undefined;
  const misjudged = random.even() < (truly ? 0.05 : 0.02);
  return { kind: "taper", tapered: truly !== misjudged };
}

export function readCrests(pitches: number, part: SimulatedPart, random: SeededRandom): Reading {
  const mm = toHundredths(pitches * part.thread.pitchMm + CREST_SD * random.normal());
  return { kind: "crest-to-crest", pitches, mm };
}

function readCount(spanMm: Mm, part: SimulatedPart, random: SeededRandom): Reading {
  const threads = Math.round(2 * (spanMm / part.thread.pitchMm + COUNT_SD * random.normal())) / 2;
  return { kind: "count", threads: Math.max(1, threads), spanMm };
}

const TRIED = {
  mates: "runs-freely",
  binds: "binds",
  loose: "loose",
  "will-not-start": "will-not-start",
} as const;

function tryPart(
  test: Extract<InformativeTest, { kind: "trial-fit" }>,
  part: SimulatedPart,
  random: SeededRandom,
): Reading {
  const { fit } = part;
  const { outcome, cause, turns } = willItGo(part.thread, test.with, { fit });
  const clumsy = random.even() < 0.03;
  const found: TrialOutcome = clumsy || cause === "taper-joint" ? "binds" : TRIED[outcome];
  return {
    kind: "trial-fit",
    with: test.with.designation,
    partIs: "external",
    outcome: outcome === "binds" && (turns ?? 0) < 0.5 ? "will-not-start" : found,
  };
}

/** What this fitter, with this part in hand, answers to a test; undefined where there is nothing to answer with. */
export function answerTo(
  test: InformativeTest,
  part: SimulatedPart,
  random: SeededRandom,
): Reading | undefined {
  switch (test.kind) {
    case "leaf":
      return layLeaf(test.leaf, part, random);
    case "flank-angle":
      return readAngle(part, random);
    case "taper":
      return readTaper(part, random);
    case "crest-to-crest":
      return readCrests(test.pitches, part, random);
    case "count":
      return readCount(test.spanMm, part, random);
    case "across-flats":
      return part.flatsMm === undefined
        ? undefined
        : { kind: "across-flats", mm: toHundredths(part.flatsMm + 0.03 * random.normal()) };
    case "trial-fit":
      return tryPart(test, part, random);
    case "crest-form":
    case "taper-measured":
    case "thread-depth":
    case "head-mark":
    case "origin":
      return undefined;
  }
}
