import { candidatesInTheRunning, type NextTest, type Suspect, type Verdict } from "../identify";
import type { Thread } from "../threads";
import { printLength, printRange, type Units } from "../units";
import { leafWords, pitchWords } from "./figures";
import { angleWords } from "./thread-words";

const upperFirst = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const COUNT_WORDS = ["none", "one", "two", "three", "four"] as const;

/** "Settled", "Down to two", "Wide open" or "Doesn't add up". */
export function verdictWords(identification: {
  readonly verdict: Verdict;
  readonly candidates: readonly { readonly probability: number }[];
}): string {
  switch (identification.verdict) {
    case "settled":
      return "Settled";
    case "narrowed":
      return `Down to ${COUNT_WORDS[candidatesInTheRunning(identification.candidates)] ?? "a few"}`;
    case "open":
      return "Wide open";
    case "contradictory":
      return "Doesn't add up";
  }
}

function namesOf(threads: readonly Thread[]): string {
  return threads.length === 0
    ? "none of these"
    : threads
        .slice(0, 3)
        .map(({ designation }) => designation)
        .join(" or ");
}

/** A test as an instruction with what each outcome would mean. */
export function nextTestWords(test: NextTest): { title: string; meaning: string } {
  switch (test.kind) {
    case "external-diameter":
      return {
        title: "Measure over the crests",
        meaning: "The diameter leaves a handful of threads standing. Touch Ø, or the drawing.",
      };
    case "leaf": {
      const [dropsIn, rocks] = test.outcomes;
      return {
        title: `Lay the ${leafWords(test.leaf)} leaf on it`,
        meaning: `Drops in: ${namesOf(dropsIn.leaves)}. Rocks: ${namesOf(rocks.leaves)}.`,
      };
    }
    case "flank-angle":
      return {
        title: "Check the flank angle",
        meaning: test.outcomes
          .map(({ outcome, leaves }) => `${upperFirst(angleWords(outcome))}: ${namesOf(leaves)}.`)
          .join(" "),
      };
    case "taper": {
      const [tapered, parallel] = test.outcomes;
      return {
        title: "See whether it tapers",
        meaning: `Tapered: ${namesOf(tapered.leaves)}. Parallel: ${namesOf(parallel.leaves)}.`,
      };
    }
    case "crest-to-crest":
      return {
        title: "Measure crest to crest",
        meaning: "Over as many threads as the jaws span; ten make the pitch ten times surer.",
      };
  }
}

/** Which reading may be the wrong one, and what it would have to be for everything to fit. */
export function suspectWords(suspect: Suspect, units: Units): string {
  const fits = `everything fits ${suspect.thread.designation}`;
  const { reason, thread } = suspect;
  switch (reason.code) {
    case "leaf":
      return reason.outcome === "rocks"
        ? `If the ${leafWords(reason.leaf)} leaf really dropped in, ${fits}.`
        : `If the ${leafWords(reason.leaf)} leaf was really ${pitchWords(thread.pitchMm, thread.tpi === undefined ? "mm" : "in")}, ${fits}.`;
    case "count":
      return `If the count was really ${Math.round(reason.expectedThreads * 2) / 2}, ${fits}.`;
    case "crest-to-crest":
      return `If crest to crest was really ${printLength(reason.expectedMm, units)}, ${fits}.`;
    case "diameter-inside":
    case "diameter-under":
    case "diameter-over":
      return `If the diameter was really ${printRange(reason.minMm, reason.maxMm, units)}, ${fits}.`;
    case "flank-angle":
      return `If the flank angle was really ${angleWords(reason.threadDegrees)}, ${fits}.`;
    case "taper":
      return `If it is really ${reason.threadTapered ? "tapered" : "parallel"}, ${fits}.`;
    case "origin":
    case "function":
    case "internal-only":
    case "commonness":
      return `Without it, ${fits}.`;
  }
}
