import type { BucketPart } from "../bucket";
import { identify, type Identification, type Verdict } from "@root-gauge/core/identify/weigh";
import { seededRandom, type SeededRandom } from "@root-gauge/core/random";
import { BucketTable, drawTwo, type TwoReadings } from "./bucket-bound";
import { ledThroughBucket, pitchReading, sizeReading } from "./bucket-run";
import { calibrationError } from "./calibration";

/** How the engine did on the mixed bucket; all but counts and means are shares. */
export interface BucketTrial {
  readonly parts: number;
  /** Of the parts whose thread is held: named first from size and pitch, among three, and the most that is possible. */
  readonly first: number;
  readonly three: number;
  readonly bound: number;
  readonly sizeAlone: number;
  readonly calibrationError: number;
  readonly settled: number;
  readonly settledWrong: number;
  /** Of parts whose condition was given, and of all the others that did not slip: said not to add up. */
  readonly accusedStated: number;
  readonly accusedSound: number;
  /** Of slips that can be seen: among the suspects, and first of them. */
  readonly slipsSeen: number;
  readonly slipNamed: number;
  readonly slipNamedFirst: number;
  /** Of threads not held: called unknown, open or contradictory. */
  readonly unheldSaid: number;
  readonly led: {
    readonly parts: number;
    readonly settled: number;
    readonly settledWrong: number;
    readonly right: number;
    readonly meanTests: number;
    /** The same of those alone that it settled. */
    readonly meanTestsOfSettled: number;
  };
}

export interface BucketOptions {
  readonly parts: number;
  readonly led: number;
  /** Parts counted for the bound. */
  readonly counted: number;
}

/** What is kept of an identification: a whole one of every part would fill the memory. */
interface Judged extends TwoReadings {
  readonly verdict: Verdict;
  readonly confidence: number;
  readonly right: boolean;
  readonly amongThree: boolean;
  /** Places of the readings under suspicion, the first suspect first. */
  readonly suspects: readonly number[];
  readonly rightBySize: boolean;
  readonly mostPossible: boolean;
  /** The readings were never met together without a slip. */
  readonly odd: boolean;
}

const isRight = (part: BucketPart, { candidates }: Identification, among = 1) =>
  candidates.slice(0, among).some(({ thread }) => thread.id === part.thread?.id);

const shareOf = <One>(all: readonly One[], of: (one: One) => boolean) =>
  all.length === 0 ? 0 : all.filter(of).length / all.length;

const slipOf = ({ size, pitch }: TwoReadings) => size.slip ?? pitch.slip;

function judge(two: TwoReadings, table: BucketTable): Judged {
  const { part, size, pitch } = two;
  const options = { part: part.kind };
  const first = sizeReading(size, part);
  const result = identify([first, pitchReading(pitch)], options);
  return {
    ...two,
    verdict: result.verdict,
    confidence: result.candidates[0]?.probability ?? 0,
    right: isRight(part, result),
    amongThree: isRight(part, result, 3),
    suspects: result.suspects.map(({ reading }) => reading),
    rightBySize: isRight(part, identify([first], options)),
    mostPossible: table.commonest(two) === part.thread?.id,
    odd: !table.metSound(two),
  };
}

function slipsOf(judged: readonly Judged[]) {
  const seen = judged.filter((one) => slipOf(one) !== undefined && one.odd && one.part.thread);
  const place = (one: Judged) => (one.size.slip === undefined ? 1 : 0);
  return {
    slipsSeen: seen.length,
    slipNamed: shareOf(seen, (one) => one.suspects.includes(place(one))),
    slipNamedFirst: shareOf(seen, (one) => one.suspects[0] === place(one)),
  };
}

interface Led {
  readonly settled: boolean;
  readonly right: boolean;
  readonly tests: number;
}

function ledThrough(random: SeededRandom): Led {
  const { part, result, tests } = ledThroughBucket(random);
  return {
    settled: result.verdict === "settled",
    right: isRight(part, result),
    tests,
  };
}

const meanTests = (courses: readonly Led[]) =>
  courses.reduce((sum, { tests }) => sum + tests, 0) / courses.length;

function ledOf(courses: readonly Led[]): BucketTrial["led"] {
  return {
    parts: courses.length,
    settled: shareOf(courses, ({ settled }) => settled),
    settledWrong: shareOf(courses, ({ settled, right }) => settled && !right),
    right: shareOf(courses, ({ right }) => right),
    meanTests: meanTests(courses),
    meanTestsOfSettled: meanTests(courses.filter(({ settled }) => settled)),
  };
}

/** The engine against the mixed bucket; the same for the same seed. */
export function bucketTrial(seed: number, { parts, led, counted }: BucketOptions): BucketTrial {
  const table = new BucketTable(counted, seed + 1);
  const random = seededRandom(seed);
  const judged = Array.from({ length: parts }, () => judge(drawTwo(random), table));
  const held = judged.filter(({ part }) => part.thread !== undefined);
  const contradicts = ({ verdict }: Judged) => verdict === "contradictory";
  const clean = held.filter((one) => slipOf(one) === undefined);
  const settled = ({ verdict }: Judged) => verdict === "settled";
  const stated = ({ size }: Judged) => size.condition !== undefined;
  return {
    parts,
    first: shareOf(held, ({ right }) => right),
    three: shareOf(held, ({ amongThree }) => amongThree),
    bound: shareOf(held, ({ mostPossible }) => mostPossible),
    sizeAlone: shareOf(held, ({ rightBySize }) => rightBySize),
    calibrationError: calibrationError(judged),
    settled: shareOf(judged, settled),
    settledWrong: shareOf(judged, (one) => settled(one) && !one.right),
    accusedStated: shareOf(clean.filter(stated), contradicts),
    accusedSound: shareOf(
      clean.filter((one) => !stated(one)),
      contradicts,
    ),
    ...slipsOf(judged),
    unheldSaid: shareOf(
      judged.filter(({ part }) => part.thread === undefined),
      (one) => one.verdict === "open" || contradicts(one),
    ),
    led: ledOf(Array.from({ length: led }, () => ledThrough(random))),
  };
}
