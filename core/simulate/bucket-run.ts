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
  leafPitchMm,
  testKey,
  type Identification,
  type InformativeTest,
  type Reading,
} from "../identify";
import type { SeededRandom } from "../random";

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

/** A course that the engine led, from the part to its end. */
export interface BucketCourse {
  readonly part: BucketPart;
  readonly result: Identification;
  /** In the order taken. */
  readonly readings: readonly Reading[];
}

const MOST_TESTS = 10;

/** The size, then whatever the engine asks for next, until it is settled or there is nothing left to ask. */
export function ledThroughBucket(random: SeededRandom): BucketCourse {
  const part = bucketPart(random);
  const fitter = bucketFitter(random);
  const readings = [sizeReading(takeSize(part, fitter, random), part)];
  const skip: string[] = [];
  for (;;) {
    const result = identify(readings, { part: part.kind, skip });
    const test = result.nextTests.find((next) => "outcomes" in next);
    if (test === undefined || !("outcomes" in test) || readings.length >= MOST_TESTS) {
      return { part, result, readings };
    }
    const reading = answerInBucket(test, part, fitter, random);
    if (reading === undefined) skip.push(testKey(test));
    else readings.push(reading);
  }
}
