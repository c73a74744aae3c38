import { gradeById, gradeSystemOf, nutClassById } from "../grades";
import type { Thread } from "../threads";
import {
  DRIVE_PHRASES,
  FINISH_PHRASES,
  HEAD_PHRASES,
  NUT_PHRASES,
  POINT_PHRASES,
  WASHER_PHRASES,
} from "./phrases";
import { takeGrade, takeNutClass, type WrittenGrade } from "./read-grade";
import { readThreadAndLength } from "./read-thread";
import { Remaining } from "./read-words";
import {
  isCalloutProblem,
  type CalloutProblem,
  type FastenerSpec,
  type NutSpec,
  type ScrewSpec,
} from "./fastener-spec";

/** "10 off", "10 pcs", "qty 10", "10 no." at the start. */
const QUANTITY =
  /^\s*(?:qty\.?\s*|quantity\s*)?(\d{1,5})\s*(?:off\b|of\b|pcs?\b\.?|pieces?\b|no\.(?=\s)|(?:x|×)\s+(?=m\s*\d|#|\d+\/))|^\s*(?:qty\.?|quantity)\s*(\d{1,5})\b/i;
const QUANTITY_AFTER = /(?:,\s*|\s)(?:qty\.?\s*(\d{1,5})|(\d{1,5})\s*(?:off|pcs|pieces))\s*$/i;
const WITH_NUT = /\b(?:with|c\/w|w\/|and|plus)\s+((?:an?\s+)?[^,]*\bnuts?\b.*)$/i;
const FULL_THREAD = /\b(?:full(?:y)?[\s-]*thread(?:ed)?|all[\s-]*thread)\b/i;
/** Words that say nothing which is not known by then. */
const FILLERS =
  /(?<![\w/])(?:long|length|bolts?|screws?|machine|steel|right[\s-]*hand(?:ed)?|rh|a|an|the|dia(?:meter)?|head|thread)(?![\w/])/gi;
/** Letters that belong to a thread or to a length. */
const THREAD_WORDS =
  /^(?:m|x|in|inch|mm|tpi|unc|unf|unef|uns|un|nc|nf|nef|bsw|bsf|whit|whitworth|cycle|cei|coarse|fine|lh|left|hand|handed|left-hand|ba|b\.a\.?|g|r|rc|rp|npt|nptf|npsm|npsc|nps|bsp|bspp|bspt|tr|acme|stub|square|pg|nh|ght|w|ww|brass|l|no|[1-3][ab]|\d?[efgh]\d?[gh]?|p)$/i;

function unknownWords(text: string): string[] {
  return text
    .split(/[\s\d.,"'/#=-]+/)
    .filter((word) => word !== "" && /[a-z]/i.test(word) && !THREAD_WORDS.test(word))
    .map((word) => word.trim());
}

interface Pieces {
  readonly read: string;
  readonly remaining: Remaining;
  readonly quantity?: number;
}

/** One spelling for crosses, quotes, dashes and the decimal comma. */
function spelled(text: string): string {
  return text
    .replace(/[×*]/g, "x")
    .replace(/[″”“]|''/g, '"')
    .replace(/[–—−]/g, "-")
    .replace(/(\d),(\d)/g, "$1.$2");
}

function startOf(text: string): Pieces {
  const remaining = new Remaining(spelled(text));
  const found = remaining.take(QUANTITY) ?? remaining.take(QUANTITY_AFTER);
  const figure = found?.[1] ?? found?.[2];
  const quantity = figure === undefined ? {} : { quantity: Number(figure) };
  return { read: text.trim(), remaining, ...quantity };
}

/** Of the threads a bare size may mean, those that bolts are made with, where there are any. */
function holdingBolts(threads: readonly Thread[]): readonly Thread[] {
  const held = threads.filter((thread) => gradeSystemOf(thread) !== undefined);
  return held.length > 0 ? held : threads;
}

type Sized =
  | { readonly thread: Thread; readonly lengthMm?: number; readonly unknown: readonly string[] }
  | CalloutProblem;

function sizeOf({ read, remaining }: Pieces): Sized {
  remaining.take(/^\s*(?:an?|the)\s/i);
  const text = remaining.rest().replace(FILLERS, " ").replace(/\s+/g, " ").trim();
  const unknown = unknownWords(text);
  const bare = unknown
    .reduce((left, word) => left.replace(word, " "), text)
    .replace(/\s+/g, " ")
    .trim();
  if (bare === "") {
    return unknown.length > 0
      ? { code: "callout-not-understood", read, words: unknown }
      : { code: "callout-thread", read, problem: { code: "designation-unreadable", read } };
  }
  const sized = readThreadAndLength(bare);
  switch (sized.kind) {
    case "found":
      return { ...sized, unknown };
    case "choices":
      return { code: "callout-which-thread", read, threads: holdingBolts(sized.threads) };
    case "length-unreadable":
      return unknown.length > 0
        ? { code: "callout-not-understood", read, words: unknown }
        : { code: "callout-length", read, length: sized.length };
    case "problem":
      return unknown.length > 0
        ? { code: "callout-not-understood", read, words: unknown }
        : { code: "callout-thread", read, problem: sized.problem };
  }
}

function finished(
  { read }: Pieces,
  spec: FastenerSpec,
  unknown: readonly string[],
  grade: WrittenGrade | undefined,
): FastenerSpec | CalloutProblem {
  if (grade !== undefined && grade.id === undefined) {
    return { code: "callout-grade", read, grade: grade.written.trim() };
  }
  return unknown.length === 0
    ? spec
    : { code: "callout-not-understood", read, words: unknown, without: spec };
}

function readNut(pieces: Pieces, threadOfBolt?: Thread): FastenerSpec | CalloutProblem {
  const { remaining, quantity } = pieces;
  const inch = threadOfBolt?.majorInch !== undefined || /\d\/\d|#|gr/i.test(pieces.read);
  const nutClass = takeNutClass(remaining, inch);
  const style = remaining.takePhrase(NUT_PHRASES) ?? "hex";
  const finish = remaining.takePhrase(FINISH_PHRASES);
  const bare = remaining.rest().replace(FILLERS, " ").trim();
  const sized: Sized =
    threadOfBolt !== undefined && !/\d/.test(bare)
      ? { thread: threadOfBolt, unknown: unknownWords(bare) }
      : sizeOf(pieces);
  if ("code" in sized) return sized;
  const stainless = nutClass?.id !== undefined && nutClassById(nutClass.id)?.system === "stainless";
  const spec: NutSpec = {
    part: "nut",
    thread: sized.thread,
    style,
    ...(quantity === undefined ? {} : { quantity }),
    ...(nutClass?.id === undefined ? {} : { nutClassId: nutClass.id }),
    ...(finish !== undefined && !stainless ? { finish } : stainless ? { finish: "stainless" } : {}),
  };
  return finished(pieces, spec, sized.unknown, nutClass);
}

function readWasher(pieces: Pieces): FastenerSpec | CalloutProblem {
  const style = pieces.remaining.takePhrase(WASHER_PHRASES) ?? "flat";
  const finish = pieces.remaining.takePhrase(FINISH_PHRASES);
  const sized = sizeOf(pieces);
  if ("code" in sized) return sized;
  const { quantity } = pieces;
  return finished(
    pieces,
    {
      part: "washer",
      thread: sized.thread,
      style,
      ...(quantity === undefined ? {} : { quantity }),
      ...(finish === undefined ? {} : { finish }),
    },
    sized.unknown,
    undefined,
  );
}

/** A grade that only one system has narrows what a bare size may mean. */
function ofItsSystem(problem: CalloutProblem, gradeId: string | undefined): CalloutProblem {
  if (problem.code !== "callout-which-thread" || gradeId === undefined) return problem;
  const system = gradeById(gradeId)?.system;
  const threads = problem.threads.filter((thread) => gradeSystemOf(thread) === system);
  return threads.length > 0 ? { ...problem, threads } : problem;
}

function readScrew(pieces: Pieces, nutText: string | undefined): FastenerSpec | CalloutProblem {
  const { remaining, quantity } = pieces;
  const fullThread = remaining.take(FULL_THREAD) !== undefined;
  const grade = takeGrade(remaining);
  const point = remaining.takePhrase(POINT_PHRASES.filter(({ means }) => means !== "cup"));
  const head = remaining.takePhrase(HEAD_PHRASES);
  const cup = point ?? remaining.takePhrase(POINT_PHRASES);
  const drive = remaining.takePhrase(DRIVE_PHRASES) ?? head?.drive;
  const finish = remaining.takePhrase(FINISH_PHRASES);
  const sized = sizeOf(pieces);
  if ("code" in sized) return ofItsSystem(sized, grade?.id);
  const nut = nutText === undefined ? undefined : readNut(startOf(nutText), sized.thread);
  if (nut !== undefined && isCalloutProblem(nut)) return { ...nut, read: pieces.read };
  const ofStainless = grade?.id !== undefined && /^[ACF]\d-/.test(grade.id);
  const coat = finish ?? (ofStainless ? "stainless" : undefined);
  const spec: ScrewSpec = {
    part: "screw",
    thread: sized.thread,
    ...(quantity === undefined ? {} : { quantity }),
    ...(sized.lengthMm === undefined ? {} : { lengthMm: sized.lengthMm }),
    ...(head === undefined ? {} : { head: head.head }),
    ...(drive === undefined ? {} : { drive }),
    ...(cup === undefined ? {} : { point: cup }),
    ...(fullThread || head?.fullThread === true ? { fullThread: true } : {}),
    ...(grade?.id === undefined ? {} : { gradeId: grade.id }),
    ...(coat === undefined ? {} : { finish: coat }),
    ...(nut?.part === "nut" ? { nut } : {}),
  };
  return finished(pieces, spec, sized.unknown, grade);
}

/**
 * Reads what shops and drawings write for a part: "1/2-13 x 1-1/2 gr 5 zinc", "M8x30 12.9 socket cap", "10 off M10 x
 * 1.25 x 40 LH hex bolt, 8.8, zinc", "M6 nylon insert nut class 8", in any order of its words. A length without a
 * unit is in the thread's own.
 * @returns what is asked for, or what was not understood of it
 */
export function parseCallout(text: string): FastenerSpec | CalloutProblem {
  if (text.trim() === "") return { code: "callout-empty", read: "" };
  const withNut = WITH_NUT.exec(text);
  const own = withNut === null ? text : text.slice(0, withNut.index).replace(/[,\s]+$/, "");
  const pieces = { ...startOf(own), read: text.trim() };
  if (withNut === null && /\bwashers?\b/i.test(text)) return readWasher(pieces);
  if (withNut === null && /\bnuts?\b/i.test(text)) return readNut(pieces);
  return readScrew(pieces, withNut?.[1]);
}
