import {
  commonnessWeight,
  identify,
  measuredSizes,
  type IdentifyOptions,
  type Reading,
  type Verdict,
} from "@root-gauge/core/identify/weigh";
import { byChart, byFixedOrder, byOwnTests, canBeTold, outsideThreads } from "./methods";
import { seededRandom } from "@root-gauge/core/random";
import { calibrationError } from "./calibration";
import { readDiameter, readPitch } from "./simulated-fitter";
import { drawPart, type SimulatedPart } from "./simulated-part";

/** How a method did over all the parts. */
interface Score {
  readonly parts: number;
  readonly top1: number;
  readonly top3: number;
}

export interface TrialRun {
  readonly parts: number;
  /** Share of the parts that diameter and leaf could not tell from another thread, whatever the method. */
  readonly inseparable: number;
  readonly chart: { readonly all: Score; readonly separable: Score };
  readonly engine: { readonly all: Score; readonly separable: Score };
  /** Mean distance of the probability of the first answer from how often it was right, by tenths. */
  readonly calibrationError: number;
  readonly settled: number;
  readonly wrongButSettled: number;
  readonly contradictory: number;
  readonly own: CourseScore;
  readonly fixed: CourseScore;
}

/** How a way of testing did: how often it settled, was right in the end, was settled and wrong, and its tests. */
interface CourseScore {
  readonly parts: number;
  readonly settled: number;
  readonly right: number;
  readonly wrongButSettled: number;
  readonly meanTests: number;
}

interface Answer {
  readonly separable: boolean;
  readonly chartRank: number;
  readonly engineRank: number;
  readonly confidence: number;
  readonly verdict: Verdict;
}

function answerFor(
  part: SimulatedPart,
  [diameter, pitch]: readonly [Reading, Reading],
  options: IdentifyOptions,
): Answer {
  const mm = diameter.kind === "external-diameter" ? diameter.mm : 0;
  const { pitchMm = 0 } = measuredSizes([pitch]);
  const { candidates, verdict } = identify([diameter, pitch], options);
  return {
    separable: canBeTold(part),
    chartRank: byChart(mm, pitchMm).findIndex(({ id }) => id === part.thread.id),
    engineRank: candidates.findIndex(({ thread }) => thread.id === part.thread.id),
    confidence: candidates[0]?.probability ?? 0,
    verdict,
  };
}

function scoreOf(ranks: readonly number[]): Score {
  const within = (most: number) =>
    ranks.filter((rank) => rank >= 0 && rank < most).length / ranks.length;
  return { parts: ranks.length, top1: within(1), top3: within(3) };
}

function courseScore(
  courses: readonly { settled: boolean; right: boolean; tests: number }[],
): CourseScore {
  const share = (of: (course: { settled: boolean; right: boolean }) => boolean) =>
    courses.filter(of).length / courses.length;
  return {
    parts: courses.length,
    settled: share(({ settled }) => settled),
    right: share(({ right }) => right),
    wrongButSettled: share(({ settled, right }) => settled && !right),
    meanTests: courses.reduce((sum, { tests }) => sum + tests, 0) / courses.length,
  };
}

export interface TrialOptions {
  /** Draw threads as often as they are common, else all alike; the engine is told which. */
  readonly weighted: boolean;
  /** How many of the parts are tested step by step by the engine's own choice; default all. */
  readonly courses?: number;
  /** How many in the fixed order; default as many. */
  readonly fixed?: number;
}

/**
 * Draws parts from the catalogue and lets three methods identify them: the chart, the engine on the same diameter
 * and leaf, and the engine choosing its own tests, beside the same tests in a fixed order.
 */
export function trialRun(
  seed: number,
  parts: number,
  { weighted, courses = parts, fixed = courses }: TrialOptions,
): TrialRun {
  const random = seededRandom(seed);
  const threads = outsideThreads();
  const options: IdentifyOptions = { part: "bolt", useCommonness: weighted };
  const weightOf = weighted ? commonnessWeight : () => 1;
  const drawnParts = Array.from({ length: parts }, () => drawPart(threads, weightOf, random));
  const answers = drawnParts.map((part) =>
    answerFor(part, [readDiameter(part, random), readPitch(part, random)], options),
  );
  const course = (method: typeof byOwnTests, count: number) =>
    courseScore(
      drawnParts.slice(0, count).map((part) => {
        const { result, tests } = method(part, random, options);
        return {
          settled: result.verdict === "settled",
          right: result.candidates[0]?.thread.id === part.thread.id,
          tests,
        };
      }),
    );
  const separable = answers.filter((answer) => answer.separable);
  const share = (of: (answer: Answer) => boolean) => answers.filter(of).length / parts;
  return {
    parts,
    inseparable: 1 - separable.length / parts,
    chart: {
      all: scoreOf(answers.map(({ chartRank }) => chartRank)),
      separable: scoreOf(separable.map(({ chartRank }) => chartRank)),
    },
    engine: {
      all: scoreOf(answers.map(({ engineRank }) => engineRank)),
      separable: scoreOf(separable.map(({ engineRank }) => engineRank)),
    },
    calibrationError: calibrationError(
      answers.map(({ confidence, engineRank }) => ({ confidence, right: engineRank === 0 })),
    ),
    settled: share(({ verdict }) => verdict === "settled"),
    wrongButSettled: share(({ verdict, engineRank }) => verdict === "settled" && engineRank !== 0),
    contradictory: share(({ verdict }) => verdict === "contradictory"),
    own: course(byOwnTests, courses),
    fixed: course(byFixedOrder, fixed),
  };
}
