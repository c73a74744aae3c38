import {
  bucketFitter,
  bucketPart,
  judgeAngle,
  judgeTaper,
  leafLies,
  readMark,
  takeCount,
  takeCrests,
  takeFlats,
  takeSize,
  tellPlace,
  tryKnown,
  TURNS_TRIED,
  type BucketPart,
  type Fitter,
  type SaidCount,
  type SaidPitch,
  type SaidSize,
} from "../bucket";
import {
  FLANK_ANGLES,
  identify,
  leafMark,
  leafPitchMm,
  testKey,
  type Identification,
  type InformativeTest,
  type Reading,
} from "../identify";
import type { SeededRandom } from "../random";
import { lookUpThreadAlone } from "../threads";

export function sizeReading({ mm, condition }: SaidSize, part: BucketPart): Reading {
  const judged = condition === undefined ? {} : { condition };
  return part.side === "external"
    ? { kind: "external-diameter", mm, instrument: "caliper", ...judged }
    : { kind: "internal-diameter", mm, instrument: "caliper", ...judged };
}

export function pitchReading(said: SaidPitch | SaidCount): Reading {
  if (said.says === "count") {
    return { kind: "count", threads: said.threads, spanMm: said.spanMm };
  }
  const { tpi, pitchMm = 0 } = said;
  return { kind: "leaf", ...(tpi === undefined ? { pitchMm } : { tpi }), outcome: "drops-in" };
}

/** What the fitter answers to a test, with this part in hand; undefined where he has nothing to answer with. */
export function answerInBucket(
  test: InformativeTest,
  part: BucketPart,
  fitter: Fitter,
  random: SeededRandom,
): Reading | undefined {
  switch (test.kind) {
    case "leaf": {
      const lies = leafLies(leafPitchMm(test.leaf), part, random);
      return { kind: "leaf", ...test.leaf, outcome: lies ? "drops-in" : "rocks" };
    }
    case "flank-angle": {
      const judged = judgeAngle(part, random);
      const degrees = FLANK_ANGLES.find((angle) => angle === judged);
      return degrees === undefined ? undefined : { kind: "flank-angle", degrees };
    }
    case "taper":
      return { kind: "taper", tapered: judgeTaper(part, random) };
    case "crest-to-crest": {
      const { pitches } = test;
      if (pitches * part.pitchMm > part.threadedMm) return undefined;
      return { kind: "crest-to-crest", pitches, mm: takeCrests(pitches, part, fitter, random) };
    }
    case "count":
      return pitchReading(takeCount(part, fitter, random));
    case "across-flats": {
      const mm = takeFlats(part, fitter, random);
      return mm === undefined ? undefined : { kind: "across-flats", mm };
    }
    case "head-mark": {
      const mark = readMark(part, random);
      return mark === undefined ? undefined : { kind: "head-mark", mark };
    }
    case "origin": {
      const place = tellPlace(part, random);
      return place === undefined ? undefined : { kind: "origin", place };
    }
    case "trial-fit":
      return {
        kind: "trial-fit",
        with: test.with.designation,
        partIs: part.side,
        outcome: tryKnown(part, test.with, random),
        turns: TURNS_TRIED,
      };
  }
}

/** The same reading once more, with a fresh hand; what is no figure and no leaf stays as it was said. */
function takenAgain(
  reading: Reading,
  part: BucketPart,
  fitter: Fitter,
  random: SeededRandom,
): Reading {
  switch (reading.kind) {
    case "external-diameter":
    case "internal-diameter":
      return sizeReading(takeSize(part, fitter, random), part);
    case "leaf": {
      const lies = leafLies(leafPitchMm(leafMark(reading)), part, random);
      return { ...reading, outcome: lies ? "drops-in" : "rocks" };
    }
    case "count":
      return pitchReading(takeCount(part, fitter, random));
    case "crest-to-crest":
      return { ...reading, mm: takeCrests(reading.pitches, part, fitter, random) };
    case "taper":
      return { ...reading, tapered: judgeTaper(part, random) };
    case "flank-angle": {
      const judged = FLANK_ANGLES.find((angle) => angle === judgeAngle(part, random));
      return judged === undefined ? reading : { ...reading, degrees: judged };
    }
    case "across-flats": {
      const mm = takeFlats(part, fitter, random);
      return mm === undefined ? reading : { ...reading, mm };
    }
    case "trial-fit": {
      const known = lookUpThreadAlone(reading.with);
      return known.kind === "found"
        ? { ...reading, outcome: tryKnown(part, known.thread, random) }
        : reading;
    }
    default:
      return reading;
  }
}

/** A course that the engine led, from the part to its end. */
export interface BucketCourse {
  readonly part: BucketPart;
  readonly result: Identification;
  /** In the order taken; one that was taken again stands in the place of the first. */
  readonly readings: readonly Reading[];
  /** How often something was taken, again or for the first time. */
  readonly tests: number;
}

const MOST_TESTS = 10;

/** The size, then whatever the engine asks for next, until it is settled or there is nothing left to ask. */
export function ledThroughBucket(random: SeededRandom): BucketCourse {
  const part = bucketPart(random);
  const fitter = bucketFitter(random);
  const readings = [sizeReading(takeSize(part, fitter, random), part)];
  const skip: string[] = [];
  let tests = 1;
  for (;;) {
    const result = identify(readings, { part: part.kind, skip });
    const test = result.nextTests.find((next) => "outcomes" in next || next.kind === "again");
    if (test === undefined || tests >= MOST_TESTS) return { part, result, readings, tests };
    tests += 1;
    if (test.kind === "again") {
      readings[test.at] = takenAgain(test.reading, part, fitter, random);
      skip.push(testKey(test));
      continue;
    }
    if (!("outcomes" in test)) return { part, result, readings, tests };
    const reading = answerInBucket(test, part, fitter, random);
    if (reading === undefined) skip.push(testKey(test));
    else readings.push(reading);
  }
}
