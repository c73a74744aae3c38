import {
  identify,
  leafPitchMm,
  testKey,
  type Identification,
  type IdentifyOptions,
  type LeafMark,
  type Reading,
} from "@root-gauge/core/identify/weigh";
import { catalogue, sizesOverCrests, type Thread } from "@root-gauge/core/catalogue/threads";
import type { Mm } from "@root-gauge/core/measure";
import type { SeededRandom } from "@root-gauge/core/random";
import {
  answerTo,
  layLeaf,
  readAngle,
  readCrests,
  readDiameter,
  readTaper,
  teethIn,
} from "./simulated-fitter";
import type { SimulatedPart } from "./simulated-part";

interface OutsideThread {
  readonly thread: Thread;
  readonly min: Mm;
  readonly max: Mm;
}

let outside: readonly OutsideThread[] | undefined;

/** Threads that are made outside with their sizes over the crests, worked out when the first part is drawn. */
function outsideSizes(): readonly OutsideThread[] {
  outside ??= catalogue().flatMap((thread) => {
    const sizes = sizesOverCrests(thread);
    return sizes === undefined ? [] : [{ thread, ...sizes }];
  });
  return outside;
}

/** Threads that are made outside. */
export function outsideThreads(): readonly Thread[] {
  return outsideSizes().map(({ thread }) => thread);
}

const SAME_NOMINAL_MM = 0.006;

/** By the chart: the nearest nominal diameter, then the nearest pitch that the chart lists under it; likeliest first. */
export function byChart(diameterMm: Mm, pitchMm: Mm): readonly Thread[] {
  const threads = outsideThreads();
  const off = ({ majorMm }: Thread) => Math.abs(majorMm - diameterMm);
  const nearest = threads.reduce((a, b) => (off(b) < off(a) ? b : a));
  return threads
    .filter(({ majorMm }) => Math.abs(majorMm - nearest.majorMm) <= SAME_NOMINAL_MM)
    .sort((a, b) => Math.abs(a.pitchMm - pitchMm) - Math.abs(b.pitchMm - pitchMm));
}

/** An identification that went its way, and how many tests it took. */
export interface Course {
  readonly result: Identification;
  readonly tests: number;
}

const MOST_TESTS = 15;

/** What the simulated fitter cannot answer: where the part is from, and marks that were not drawn. */
const CANNOT_ANSWER = ["origin", "head-mark"];

/** The diameter, then whatever the engine asks for next, until it is settled or there is nothing left to ask. */
export function byOwnTests(
  part: SimulatedPart,
  random: SeededRandom,
  options: IdentifyOptions,
): Course {
  const readings = [readDiameter(part, random)];
  const skip = [...CANNOT_ANSWER];
  let tests = 1;
  for (;;) {
    const result = identify(readings, { ...options, skip });
    const test = result.nextTests.find((next) => "outcomes" in next);
    if (test === undefined || !("outcomes" in test) || tests >= MOST_TESTS)
      return { result, tests };
    // Of leaves to choose from the likeliest is laid on, and every leaf counts, as it does in the fixed order.
    const reading = answerTo(test, part, random);
    if (reading === undefined) skip.push(testKey(test));
    else {
      readings.push(reading);
      tests += 1;
    }
  }
}

/** Threads whose crests may read this much beside their limits. */
const CHART_SLACK_MM = 0.4;

/** Leaves of the threads that the diameter allows, as a chart is read: metric coarse to fine, then inch coarse to fine. */
function leavesByChart(diameterMm: Mm): LeafMark[] {
  const marks = outsideSizes()
    .filter(
      ({ min, max }) => diameterMm > min - CHART_SLACK_MM && diameterMm < max + CHART_SLACK_MM,
    )
    .map(({ thread: { tpi, pitchMm } }): LeafMark => (tpi === undefined ? { pitchMm } : { tpi }));
  const coarseFirst = (a: LeafMark, b: LeafMark) => leafPitchMm(b) - leafPitchMm(a);
  const different = (leaves: LeafMark[]) =>
    leaves.filter((leaf, i) => leafPitchMm(leaf) !== leafPitchMm(leaves[i - 1] ?? { pitchMm: 0 }));
  const metric = marks.filter((leaf) => "pitchMm" in leaf).sort(coarseFirst);
  const inch = marks.filter((leaf) => "tpi" in leaf).sort(coarseFirst);
  return [...different(metric), ...different(inch)];
}

/**
 * In a fixed order: the diameter; leaf after leaf as the chart lists them until one drops in; the flank angle; the
 * taper; ten pitches from crest to crest. It stops as soon as the same engine calls the readings settled.
 */
export function byFixedOrder(
  part: SimulatedPart,
  random: SeededRandom,
  options: IdentifyOptions,
): Course {
  const diameter = readDiameter(part, random);
  const readings = [diameter];
  // The order is fixed, so the engine is spared the choosing.
  const judge = () => identify(readings, { ...options, tools: [] });
  let result = judge();
  const settledWith = (reading: Reading) => {
    readings.push(reading);
    result = judge();
    return result.verdict === "settled";
  };
  if (result.verdict === "settled") return { result, tests: 1 };
  const mm = diameter.kind === "external-diameter" ? diameter.mm : 0;
  for (const leaf of leavesByChart(mm)) {
    const reading = layLeaf(leaf, part, random);
    if (settledWith(reading)) return { result, tests: readings.length };
    if (reading.kind === "leaf" && reading.outcome === "drops-in") break;
  }
  const last = [readAngle, readTaper, (p: SimulatedPart, r: SeededRandom) => readCrests(10, p, r)];
  last.some((read) => settledWith(read(part, random)));
  return { result, tests: readings.length };
}

/** Leaf and caliper tell no more than this apart, mm. */
const CALIPER_TELLS_MM = 0.06;
const LIGHT_TELLS_MM = 0.1;
/** A worn part may belong to a thread that starts this much higher. */
const WORN_SLACK_MM = 0.3;

/**
 * Whether diameter and leaf could tell this part's thread from every other at all: no other thread has its true size
 * within what a caliper tells of the limits, and a pitch whose leaf would lie in it without more light than is seen.
 */
export function canBeTold(part: SimulatedPart): boolean {
  const { thread, majorMm } = part;
  const engaged = teethIn(thread.pitchMm);
  const slackBelow = part.worn ? WORN_SLACK_MM : 0;
  return !outsideSizes().some(({ thread: other, min, max }) => {
    const light = ((engaged - 1) * Math.abs(other.pitchMm - thread.pitchMm)) / 2;
    return (
      other.id !== thread.id &&
      light < LIGHT_TELLS_MM &&
      majorMm > min - CALIPER_TELLS_MM - slackBelow &&
      majorMm < max + CALIPER_TELLS_MM
    );
  });
}
