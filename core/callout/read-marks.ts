import {
  isCalloutProblem,
  type CalloutProblem,
  type FastenerSpec,
  type WasherSpec,
} from "./fastener-spec";
import { formatCallout } from "./format-callout";
import type { OwnWord } from "./own-words";
import { assignments, type Assignment } from "./assign";
import { lexicon, type Lexicon } from "./lexicon";
import { coatOfWhole } from "./coat-of-whole";
import { nutOf } from "./nut-said";
import type { Mark, PartRead } from "./meaning";
import { partOf } from "./part-of";
import { pinOf } from "./pin-said";
import { plugOf } from "./plug-said";
import { washerOf } from "./washer-said";
import type { Reading } from "./weigh";
import { ownMarks } from "./own-marks";
import { Said } from "./said";
import { itemsOf, sectionsOf, type Sections } from "./sections";
import type { Token } from "./tokens";

/** "Nuts and washers, M10": the size of both stands behind the last. */
function withSize({ main, companions }: Sections, tokens: readonly Token[]): Sections {
  const isFigure = (at: number) => tokens[at]?.kind === "number";
  const last = companions.at(-1);
  if (last === undefined || main.some(({ mark, from }) => mark === undefined && isFigure(from))) {
    return { main, companions };
  }
  const sized = last.filter(({ mark }) => mark === undefined || mark.means.role === "thread");
  return {
    main: [...main, ...sized],
    companions: [...companions.slice(0, -1), last.filter((item) => !sized.includes(item))],
  };
}

interface Way {
  readonly tokens: readonly Token[];
  readonly part: PartRead;
  readonly assignment: Assignment;
}

/** Reads a part by itself. */
function partAlone(part: PartRead, read: string, said: Said): Reading {
  switch (part) {
    case "nut":
      return nutOf(read, said);
    case "washer":
      return washerOf(read, said);
    case "pin":
      return pinOf(read, said);
    case "plug":
      return plugOf(read, said);
  }
}

/** A problem of what goes with a part is one of the whole. */
function ofWhole(problem: CalloutProblem): CalloutProblem {
  if (problem.code !== "callout-not-understood") return problem;
  const { code, read, words } = problem;
  return { code, read, words };
}

/** Reads a call-out one way. */
function readingOf(read: string, { tokens, part, assignment }: Way): Reading {
  const items = itemsOf(assignment);
  const { main, companions } =
    part === "nut" || part === "plug"
      ? withSize(sectionsOf(items, tokens), tokens)
      : { main: items, companions: [] };
  const own = new Said(tokens, main);
  const others = companions.map((one) => new Said(tokens, one));
  const alone = partAlone(part, read, own);
  const { result } = alone;
  if (isCalloutProblem(result) || (result.part !== "nut" && result.part !== "plug")) return alone;
  const coat = coatOfWhole([own, ...others]);
  const coated = coat === undefined ? {} : { finish: coat };
  const washers: WasherSpec[] = [];
  let cost = alone.cost;
  for (const said of others) {
    const washer = washerOf(read, said, result.thread);
    cost += washer.cost;
    if (isCalloutProblem(washer.result)) return { result: ofWhole(washer.result), cost };
    if (washer.result.part === "washer") washers.push({ ...coated, ...washer.result });
  }
  return {
    result: { ...result, ...coated, ...(washers.length === 0 ? {} : { washers }) },
    cost,
  };
}

interface Weighed extends Reading {
  readonly assignment: Assignment;
}

/** A second meaning that costs so little more is as likely, and is asked. */
const AS_NEAR = 0.01;

/** The marks that two readings take for different things; none where both come to the same part. */
function openBetween(best: Weighed, second: Weighed): readonly Mark[] {
  if (isCalloutProblem(best.result) || isCalloutProblem(second.result)) return [];
  if (formatCallout(best.result) === formatCallout(second.result)) return [];
  return best.assignment.marks.filter(
    (mark) =>
      !second.assignment.marks.some(
        ({ from, to, means }) => from === mark.from && to === mark.to && means === mark.means,
      ),
  );
}

/**
 * Reads the call-out of a washer or a pin, or of a nut or a plug with the washers that go with it: every token takes a role, and the cheapest
 * way in which all have one and the part is possible is what was meant.
 * @param words the shop's own
 * @param by the lexicon it is read by
 * @returns undefined of other parts
 */
export function readMarks(
  read: string,
  words: readonly OwnWord[],
  by: Lexicon = lexicon(),
): FastenerSpec | CalloutProblem | undefined {
  const tokens = by.tokens(read);
  const marks = by.marks(tokens);
  const part = partOf(tokens, marks);
  if (part === undefined) return undefined;
  let best: Weighed | undefined;
  let second: Weighed | undefined;
  for (const assignment of assignments(tokens, marks, ownMarks(tokens, words))) {
    if (best !== undefined && assignment.cost > best.cost + AS_NEAR) break;
    const { result, cost } = readingOf(read, { tokens, part, assignment });
    const weighed = { result, assignment, cost: cost + assignment.cost };
    if (best === undefined || weighed.cost < best.cost) [best, second] = [weighed, best];
    else if (second === undefined || weighed.cost < second.cost) second = weighed;
  }
  if (best === undefined || isCalloutProblem(best.result)) return best?.result;
  const open =
    second !== undefined && second.cost - best.cost <= AS_NEAR ? openBetween(best, second) : [];
  if (open.length === 0) return best.result;
  const said = new Said(tokens, []);
  return {
    code: "callout-not-understood",
    read,
    words: open.map(({ from, to }) => said.written(from, to)),
    understood: best.result,
  };
}
