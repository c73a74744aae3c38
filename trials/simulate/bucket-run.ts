import {
  bucketFitter,
  bucketPart,
  judgeAngle,
  judgeCrests,
  judgeTaper,
  lookAtPart,
  leafLies,
  readMark,
  takeCount,
  takeCrests,
  takeDepth,
  takeEnds,
  takeFlats,
  takeLeaf,
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
  TOOLS,
  identify,
  leafMark,
  leafPitchMm,
  testKey,
  type Identification,
  type InformativeTest,
  type LeafMark,
  type Reading,
  type Tool,
} from "@root-gauge/core/identify/weigh";
import type { SeededRandom } from "@root-gauge/core/random";
import { lookUpThreadAlone } from "@root-gauge/core/catalogue/threads";

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

/** The leaf that lies best of the whole gauge; where none does, those that were asked for rock. */
function foundLeaf(
  asked: readonly LeafMark[],
  part: BucketPart,
  fitter: Fitter,
  random: SeededRandom,
): readonly Reading[] {
  const found = pitchReading(takeLeaf(part, fitter, random));
  return found.kind === "leaf"
    ? [found]
    : asked.map((leaf): Reading => ({ kind: "leaf", ...leaf, outcome: "rocks" }));
}

/** What the fitter answers to a test, with this part in hand; nothing where he has nothing to answer with. */
function answerInBucket(
  test: InformativeTest,
  part: BucketPart,
  fitter: Fitter,
  random: SeededRandom,
): readonly Reading[] {
  if (test.kind === "leaf" && test.others.length > 0) {
    return foundLeaf([test.leaf, ...test.others], part, fitter, random);
  }
  const answer = oneAnswer(test, part, fitter, random);
  return answer === undefined ? [] : [answer];
}

function oneAnswer(
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
    case "crest-form":
      return { kind: "crest-form", form: judgeCrests(part, random) };
    case "taper":
      return { kind: "taper", tapered: judgeTaper(part, random) };
    case "taper-measured": {
      const ends = takeEnds(part, fitter, random);
      return ends && { kind: "taper-measured", ...ends };
    }
    case "thread-depth": {
      const mm = takeDepth(part, random);
      return mm === undefined ? undefined : { kind: "thread-depth", mm };
    }
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

/** A leaf reading of one who has one gauge alone says so. */
function ofGauge(reading: Reading, { hasInchLeaves, hasMetricLeaves }: Fitter): Reading {
  if (reading.kind !== "leaf" || hasInchLeaves === hasMetricLeaves) return reading;
  return { ...reading, gauge: hasMetricLeaves ? "metric" : "inch" };
}

/** All that there is but the leaves that he has not got. */
function toolsOf({ hasInchLeaves, hasMetricLeaves }: Fitter): readonly Tool[] {
  return TOOLS.filter((tool) => {
    if (tool === "metric-leaves") return hasMetricLeaves;
    return hasInchLeaves || (tool !== "inch-leaves" && tool !== "leaves-55");
  });
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
  const tools = toolsOf(fitter);
  const skip: string[] = [];
  let tests = 1;
  for (;;) {
    const result = identify(readings, { part: part.kind, skip, tools });
    const [test] = result.nextTests;
    if (test === undefined || tests >= MOST_TESTS) return { part, result, readings, tests };
    tests += 1;
    if ("tool" in test) {
      readings.push(sizeReading(takeSize(part, fitter, random), part));
      continue;
    }
    if (test.kind === "condition") {
      const condition = lookAtPart(part, random);
      readings[test.at] = { ...test.reading, condition };
      skip.push(testKey(test));
      continue;
    }
    if (test.kind === "again") {
      readings[test.at] = takenAgain(test.reading, part, fitter, random);
      skip.push(testKey(test));
      continue;
    }
    if (!("outcomes" in test)) return { part, result, readings, tests };
    const answers = answerInBucket(test, part, fitter, random);
    if (answers.length === 0) skip.push(testKey(test));
    readings.push(...answers.map((answer) => ofGauge(answer, fitter)));
  }
}
