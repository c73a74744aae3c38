import { threadName } from "../../catalogue/threads";
import { pairOutcomeWords, designationProblemWords } from "../charts";
import { formatCallout, nearWord, type CalloutProblem, type OwnWord } from "../../callout";
import type { SpannerFit, SpecProblem } from "../../decide/replace";
import { lineProblems, type AlternateProblem, type JudgedLine } from "../../decide/order";
import { printLength, type Units } from "../../measure";
import {
  FINISH_WORDS,
  HEAD_WORDS,
  aThread,
  percentWords,
  upperFirst,
  withArticle,
} from "../common";
import { gradeSpoken, nominalLengthWords, turningToolWords } from "./fastener-words";

export function listWords(names: readonly string[], last: "or" | "and"): string {
  if (names.length < 2) return names[0] ?? "";
  return `${names.slice(0, -1).join(", ")} ${last} ${names.at(-1)}`;
}

const EXAMPLE = "7/16-14 x 2-1/4 gr 5 zinc";
const MOST_NAMED = 5;

/** "Did you mean washer?", of words that are one slip from one that is known. */
function meantWords(words: readonly string[]): string {
  const meant = words.flatMap((word) => nearWord(word) ?? []);
  return meant.length === 0
    ? ""
    : ` Did you mean ${listWords(
        meant.map((word) => `“${word}”`),
        "and",
      )}?`;
}

/** Why a call-out was not taken, with what would be. */
export function calloutProblemWords(problem: CalloutProblem): string {
  switch (problem.code) {
    case "callout-empty":
      return `Nothing was read. Write the part as you would order it, such as ${EXAMPLE}.`;
    case "callout-not-understood": {
      const words = listWords(
        problem.words.map((word) => `“${word}”`),
        "and",
      );
      const wanted = `Write the thread, the length, the head, the grade and the finish, such as ${EXAMPLE}.`;
      const rest =
        problem.understood === undefined
          ? wanted
          : `Of the rest was read: ${formatCallout(problem.understood)}. Take the word out or write it another way.`;
      return `${words} in “${problem.read}” was not understood.${meantWords(problem.words)} ${rest}`;
    }
    case "callout-too-long":
      return `Read ${problem.letters} letters: too long for one part. Accepted: at most ${problem.most}.`;
    case "callout-not-a-screw":
      return `“${problem.read}” is ${withArticle(problem.part)}: sheets are made of screws, bolts, studs, nuts, washers, plugs and fittings.`;
    case "callout-thread":
      return designationProblemWords(problem.problem);
    case "callout-which-thread":
      return `“${problem.read}” may be ${listWords(problem.threads.slice(0, MOST_NAMED).map(threadName), "or")}: say which.`;
    case "callout-not-held":
      return `“${upperFirst(problem.part)}” in “${problem.read}” is a part of a kind that no table here holds, so it has no sheet. On an order it stands as it was written: write it there in your own words. Accepted are parts with metric, unified, Whitworth, BA, pipe and other machine threads.`;
    case "callout-two-metals": {
      const [one, other] = problem.metals.map((metal) => FINISH_WORDS[metal]);
      return `“${problem.read}” says ${one} and ${other}: a part is of one metal. Say which.`;
    }
    case "callout-length":
      return `“${problem.length}” in “${problem.read}” is no length. Write it as 40, 1-1/2 or 1.5 in.`;
    case "callout-grade":
      return `“${problem.grade}” in “${problem.read}” is no grade held here. Accepted are 4.6 to 12.9, grade 1, 2, 5, 5.2 and 8, A307, A325, A490, A574, A2-70 and the like, and grade R to X.`;
  }
}

/** What is wrong with a part as it is asked for, with what would be right. */
export function specProblemWords(problem: SpecProblem): string {
  switch (problem.code) {
    case "grade-not-in-size": {
      const made = problem.made
        .filter(({ system }) => system === problem.grade.system)
        .map(({ name }) => name);
      const right = made.length === 0 ? "" : ` Made in this size: ${listWords(made, "and")}.`;
      return `${problem.grade.standard} has no ${gradeSpoken(problem.grade.name)} in ${problem.thread.designation}.${right}`;
    }
    case "grade-of-other-system": {
      const right =
        problem.nearest === undefined
          ? ""
          : ` The nearest that is no weaker is ${gradeSpoken(problem.nearest.name)}.`;
      return `${gradeSpoken(problem.grade.name)} is not a grade of ${problem.thread.designation} bolts.${right}`;
    }
    case "grade-against-metal":
      // A titanium's grade names its alloy: grade 5 is no grade 5 of SAE J429.
      if (problem.finish === "titanium") {
        return `No class of steel is one of titanium’s: its grades name the alloy, and none of them is held here. Order it by its maker’s words.`;
      }
      return `${upperFirst(FINISH_WORDS[problem.finish])} is not made as ${gradeSpoken(problem.grade.name)}: the two exclude each other. Say which is right.`;
    case "never-galvanised":
      return `${upperFirst(gradeSpoken(problem.grade.name))} is never hot-dip galvanised: hydrogen of the pickling breaks steel this hard (ISO 10684 ends at 10.9; ASTM F3125 forbids it for A490). Take zinc flake, or a lower class that the joint allows by its drawing.`;
    case "not-structural":
      return `In the place of a structural bolt by ${problem.madeTo} nothing of another standard goes in: head, thread length, nut and washer belong together.`;
    case "weaker-head":
      return `A ${HEAD_WORDS[problem.head]} head breaks before its thread, at ${percentWords(problem.share)} of its class: it does not stand for a ${HEAD_WORDS[problem.original]} head of the same class.`;
    case "ends-too-long": {
      const { thread } = problem;
      const [ends, whole] = [problem.endsMm, problem.lengthMm].map((mm) =>
        nominalLengthWords(mm, { thread }),
      );
      return `Its two ends are threaded ${ends} together, more than the ${whole} that the stud is long: one of the figures is wrong.`;
    }
    case "length-not-stocked": {
      const { thread } = problem;
      const ends = [problem.shorter, problem.longer]
        .filter((length) => length !== undefined)
        .map((length) => nominalLengthWords(length, { thread }));
      const right = ends.length === 0 ? "" : ` Stocked are ${listWords(ends, "and")}.`;
      return `${nominalLengthWords(problem.lengthMm, { thread })} is no stock length of this screw.${right}`;
    }
    case "nut-of-other-thread": {
      const { male, female } = problem.pair;
      return `${upperFirst(aThread(female))} nut does not belong on ${aThread(male)} bolt. ${pairOutcomeWords(problem.pair)}. Take ${aThread(male)} nut.`;
    }
    case "washer-of-other-size": {
      const washer = `A washer for ${threadName(problem.washer)}`;
      const wrong =
        problem.fits === "small"
          ? `does not go over ${aThread(problem.thread)} screw`
          : `is too wide for ${aThread(problem.thread)} screw: its head bears on little of it`;
      return `${washer} ${wrong}. Take one for ${threadName(problem.thread)}.`;
    }
    case "nut-weaker": {
      const right = problem.right === undefined ? "" : ` Take ${problem.right.name} or stronger.`;
      return `${upperFirst(withArticle(problem.nutClass.name))} nut strips before ${withArticle(gradeSpoken(problem.grade.name))} bolt breaks.${right}`;
    }
    case "not-the-thread":
      return `${threadName(problem.thread)} is not the ${threadName(problem.original)} that came out: put back the same thread.`;
    case "weaker-than-original":
      return `${upperFirst(gradeSpoken(problem.grade.name))} is not shown to hold what ${gradeSpoken(problem.original.name)} does: put in ${gradeSpoken(problem.original.name)} or stronger.`;
    case "softer-than-original": {
      const is = problem.hardness ?? "A set screw whose class is not said";
      return `${is} is not shown to be as hard as the ${problem.original} that came out, and its point gives way: put in ${problem.original} or harder.`;
    }
    case "shorter-than-original":
      return `${nominalLengthWords(problem.lengthMm, problem)} is shorter than the ${nominalLengthWords(problem.originalMm, problem)} that came out: less thread holds it.`;
    case "galvanised-with-plain-nut":
      return "A hot-dip galvanised bolt wants its own nut, tapped over size after dipping: a plain one does not go on.";
    case "plain-with-galvanised-nut":
      return "A galvanised nut is tapped over size and strips on a bolt that is not dipped: take a nut of the bolt’s own finish.";
  }
}

/** What is wrong with each line of an order, in sentences. */
export function lineProblemWords(
  lines: readonly JudgedLine[],
  words: readonly OwnWord[] = [],
): readonly (readonly string[])[] {
  return lineProblems(lines, words).map((problems) => problems.map(specProblemWords));
}

/** Whether a spanner fits, and which one does. */
export function spannerFitWords({ tool, triedMm, fit }: SpannerFit, units: Units): string {
  const right = turningToolWords(tool);
  const tried = printLength(triedMm, units);
  switch (fit) {
    case "fits":
      return `${tried} fits: it is turned with ${withArticle(right)}.`;
    case "will-not-go":
      return `${tried} does not go ${tool.kind === "key" ? "in" : "on"}: take ${withArticle(right)}.`;
    case "loose":
      return `${tried} goes ${tool.kind === "key" ? "in" : "on"} loose and rounds the corners: take ${withArticle(right)}.`;
    case "not-a-spanner-head":
      return `No spanner size is held for this head: it is turned with ${right}.`;
  }
}

/** Why a part may not be ordered in the place of another. */
export function alternateProblemWords(problem: AlternateProblem): string {
  switch (problem.code) {
    case "another-part":
      return "It is another part, or of another thread: it does not go in there.";
    case "weaker-nut":
      return "It is weaker than the nut it would stand for, or its class is not said.";
    case "alternate-not-read":
      return "It was not understood as a part, so it cannot be held against the other.";
    default:
      return specProblemWords(problem);
  }
}
