import { catalogue, type Thread } from "../catalogue/threads";
import { withEachThread } from "./called-screw";
import { commonestFirst } from "./commonest-first";
import { isCalloutProblem, type CalloutProblem, type ScrewSpec } from "./fastener-spec";
import { formatCallout } from "./format-callout";
import { nearWord } from "./near-word";
import type { OwnWord } from "./own-words";
import { parseCallout } from "./parse-callout";
import {
  DRIVE_PHRASES,
  FINISH_PHRASES,
  HEAD_PHRASES,
  NUT_PHRASES,
  WASHER_PHRASES,
} from "./phrases";
import { pieceChoices, pieceWritten } from "./screw-pieces";

/** How what was typed may go on. */
export interface CalloutSuggestion {
  /** What it puts in or completes: "M10", "x 40", "8.8". */
  readonly adds: string;
  /** The whole call-out with it. */
  readonly text: string;
}

const MOST = 8;
/** Of what was only begun, beside what may follow. */
const MOST_BEGUN = 3;
/** What is asked for next, in the order it is usually written in. */
const NEXT_PIECES = ["length", "grade", "head", "finish"] as const;
/** Beginnings of a screw's stock lengths that are hardly asked for, in diameters. */
const SHORT_DIAMETERS = 1.5;

let written: readonly { readonly name: string; readonly thread: Thread }[] | undefined;

/** How every thread is written in a call-out, the commonest first. */
function threadNames() {
  written ??= commonestFirst(catalogue().filter(({ only }) => only !== "internal")).map(
    (thread) => ({ thread, name: formatCallout({ part: "screw", thread }) }),
  );
  return written;
}

const squeezed = (text: string) => text.toLowerCase().replace(/[\s"]/g, "");

/** Threads whose name begins with what was typed. */
function threadsBegun(text: string): CalloutSuggestion[] {
  const begun = squeezed(text);
  if (begun === "") return [];
  return threadNames()
    .filter(({ name }) => squeezed(name).startsWith(begun) || squeezed(name) === `#${begun}`)
    .slice(0, MOST)
    .map(({ name }) => ({ adds: name, text: name }));
}

const WORDS: readonly string[] = [
  HEAD_PHRASES,
  FINISH_PHRASES,
  DRIVE_PHRASES,
  NUT_PHRASES,
  WASHER_PHRASES,
].flatMap((phrases: readonly { readonly written: string }[]) => phrases.map((one) => one.written));

/** A word that was begun at the end, completed. */
function wordsBegun(text: string, problem: CalloutProblem): CalloutSuggestion[] {
  if (problem.code !== "callout-not-understood") return [];
  const [last = ""] = /[a-z]+(?: [a-z]+)?$/i.exec(text) ?? [];
  const alone = last.split(" ").at(-1) ?? "";
  if (alone === "" || !problem.words.some((word) => word.endsWith(alone))) return [];
  const begun = [last, alone];
  for (const word of begun) {
    const found = [...new Set(WORDS)].filter((one) => one.startsWith(word.toLowerCase()));
    if (found.length > 0) {
      const before = text.slice(0, text.length - word.length);
      return found.slice(0, MOST).map((adds) => ({ adds, text: `${before}${adds}` }));
    }
  }
  return [];
}

/** What was typed with the words that are meant in the place of those that are one slip from them. */
function withoutSlips(text: string, problem: CalloutProblem): CalloutSuggestion[] {
  if (problem.code !== "callout-not-understood") return [];
  const slips = problem.words.flatMap((word) => {
    const meant = nearWord(word);
    return meant === undefined ? [] : [{ word, meant }];
  });
  if (slips.length === 0) return [];
  const corrected = slips.reduce((typed, { word, meant }) => typed.replace(word, meant), text);
  return corrected === text
    ? []
    : [{ adds: slips.map(({ meant }) => meant).join(" "), text: corrected }];
}

/** Stock lengths that a typed figure begins: "M10 x 4" may become 40 or 45. */
function lengthsBegun(text: string, words: readonly OwnWord[]): CalloutSuggestion[] {
  const [, before = "", figure = ""] = /^(.*?)(?: ?x ?| )([\d./-]+)$/i.exec(text) ?? [];
  const size = figure === "" ? undefined : parseCallout(before, words);
  if (size === undefined || isCalloutProblem(size) || size.part !== "screw") return [];
  if (size.lengthMm !== undefined) return [];
  return pieceChoices(size, "length")
    .map(({ written: length = "" }) => length.replace(/^x /, ""))
    .filter((length) => length !== figure && length.startsWith(figure))
    .slice(0, MOST_BEGUN)
    .map((length) => ({ adds: `x ${length}`, text: `${before} x ${length}` }));
}

/** What is not said yet, in the way this size has it. */
function nextOf(text: string, spec: ScrewSpec): CalloutSuggestion[] {
  const isSaid = (piece: (typeof NEXT_PIECES)[number]) =>
    // Brass has no class.
    pieceWritten(spec, piece) !== undefined || (piece === "grade" && spec.finish === "brass");
  const next = NEXT_PIECES.find((piece) => !isSaid(piece));
  if (next === undefined) return [];
  const bare = text.replace(/[\s,]*(?:x|-)?\s*$/i, "");
  const least = next === "length" ? SHORT_DIAMETERS * spec.thread.majorMm : 0;
  return pieceChoices(spec, next)
    .filter(({ spec: one }) => (one.lengthMm ?? least) >= least)
    .flatMap(({ written: adds }) => {
      if (adds === undefined) return [];
      return [{ adds, text: next === "length" ? `${bare} ${adds}` : `${bare}, ${adds}` }];
    })
    .slice(0, MOST);
}

/**
 * How a call-out may go on, as it is typed: threads that begin so, the commonest first; then the lengths that are stocked in
 * that size, the grades that exist in it, heads and finishes; at a word that was begun, the words it may become.
 */
export function suggestCallouts(
  text: string,
  words: readonly OwnWord[] = [],
): readonly CalloutSuggestion[] {
  const typed = text.trimStart();
  if (typed.trim() === "") return [];
  const read = parseCallout(typed.replace(/[\s,]*(?:\bx)?\s*$/i, ""), words);
  if (!isCalloutProblem(read)) {
    if (read.part !== "screw") return [];
    const named = pieceWritten(read, "thread") ?? "";
    const begun = squeezed(formatCallout(read)) === squeezed(named) ? threadsBegun(typed) : [];
    const others = begun.filter(({ text: one }) => squeezed(one) !== squeezed(typed));
    return [
      ...lengthsBegun(typed, words),
      ...others.slice(0, MOST_BEGUN),
      ...nextOf(typed, read),
    ].slice(0, MOST);
  }
  if (read.code === "callout-which-thread") {
    const names = commonestFirst(read.threads).map((thread) => thread.designation);
    const each = withEachThread(read, names).map((one, at) => ({
      adds: names[at] ?? one,
      text: one,
    }));
    return distinct([...threadsBegun(typed), ...each]);
  }
  const slips = withoutSlips(typed, read);
  if (slips.length > 0) return slips;
  const completed = wordsBegun(typed, read);
  if (completed.length > 0) return completed;
  return distinct([...lengthsBegun(typed, words), ...threadsBegun(typed)]);
}

function distinct(all: readonly CalloutSuggestion[]): readonly CalloutSuggestion[] {
  return all
    .filter(({ text }, at) => all.findIndex((one) => one.text === text) === at)
    .slice(0, MOST);
}
