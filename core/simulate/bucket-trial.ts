import type { BucketPart } from "../bucket";
import { identify, type Identification } from "../identify";
import { seededRandom } from "../random";
import { BucketTable, drawTwo, type TwoReadings } from "./bucket-bound";
import { ledThroughBucket, pitchReading, sizeReading, type BucketCourse } from "./bucket-run";
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
  };
}

export interface BucketOptions {
  readonly parts: number;
  readonly led: number;
  /** Parts counted for the bound. */
  readonly counted: number;
}

interface Judged extends TwoReadings {
  readonly result: Identification;
  readonly alone: Identification;
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
  return {
    ...two,
    result: identify([first, pitchReading(pitch)], options),
    alone: identify([first], options),
    mostPossible: table.commonest(two) === part.thread?.id,
    odd: !table.metSound(two),
  };
}

function slipsOf(judged: readonly Judged[]) {
  const seen = judged.filter((one) => slipOf(one) !== undefined && one.odd && one.part.thread);
  const place = (one: Judged) => (one.size.slip === undefined ? 1 : 0);
  return {
    slipsSeen: seen.length,
    slipNamed: shareOf(seen, (one) =>
      one.result.suspects.some(({ reading }) => reading === place(one)),
    ),
    slipNamedFirst: shareOf(seen, (one) => one.result.suspects[0]?.reading === place(one)),
  };
}

function ledOf(courses: readonly BucketCourse[]): BucketTrial["led"] {
  const settled = ({ result }: BucketCourse) => result.verdict === "settled";
  return {
    parts: courses.length,
    settled: shareOf(courses, settled),
    settledWrong: shareOf(
      courses,
      (course) => settled(course) && !isRight(course.part, course.result),
    ),
    right: shareOf(courses, ({ part, result }) => isRight(part, result)),
    meanTests: courses.reduce((sum, { readings }) => sum + readings.length, 0) / courses.length,
  };
}

/** The engine against the mixed bucket; the same for the same seed. */
export function bucketTrial(seed: number, { parts, led, counted }: BucketOptions): BucketTrial {
  const table = new BucketTable(counted, seed + 1);
  const random = seededRandom(seed);
  const judged = Array.from({ length: parts }, () => judge(drawTwo(random), table));
  const held = judged.filter(({ part }) => part.thread !== undefined);
  const contradicts = ({ result }: Judged) => result.verdict === "contradictory";
  const clean = held.filter((one) => slipOf(one) === undefined);
  const settled = ({ result }: Judged) => result.verdict === "settled";
  return {
    parts,
    first: shareOf(held, ({ part, result }) => isRight(part, result)),
    three: shareOf(held, ({ part, result }) => isRight(part, result, 3)),
    bound: shareOf(held, ({ mostPossible }) => mostPossible),
    sizeAlone: shareOf(held, ({ part, alone }) => isRight(part, alone)),
    calibrationError: calibrationError(
      judged.map(({ part, result }) => ({
        confidence: result.candidates[0]?.probability ?? 0,
        right: isRight(part, result),
      })),
    ),
    settled: shareOf(judged, settled),
    settledWrong: shareOf(judged, (one) => settled(one) && !isRight(one.part, one.result)),
    accusedStated: shareOf(
      clean.filter(({ size }) => size.condition !== undefined),
      contradicts,
    ),
    accusedSound: shareOf(
      clean.filter(({ size }) => size.condition === undefined),
      contradicts,
    ),
    ...slipsOf(judged),
    unheldSaid: shareOf(
      judged.filter(({ part }) => part.thread === undefined),
      ({ result }) => result.verdict === "open" || contradicts({ result } as Judged),
    ),
    led: ledOf(Array.from({ length: led }, () => ledThroughBucket(random))),
  };
}
