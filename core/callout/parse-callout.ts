import { gradeById, gradeSystemOf, nutClassById } from "../grades";
import type { Finish } from "../looks";
import type { Thread } from "../threads";
import { MOST_LETTERS, oneSpelling } from "../units";
import {
  isCalloutProblem,
  type CalloutProblem,
  type FastenerSpec,
  type NutSpec,
  type ScrewSpec,
} from "./fastener-spec";
import {
  DRIVE_PHRASES,
  FINISH_PHRASES,
  HEAD_PHRASES,
  NUT_PHRASES,
  POINT_PHRASES,
  WASHER_PHRASES,
} from "./phrases";
import { bareNutClass, takeGrade, takeNutClass, type WrittenGrade } from "./read-grade";
import { readThreadAndLength } from "./read-thread";
import { Remaining } from "./read-words";

/** "10 off", "10 pcs", "qty 10", "10 no." at the start. */
const QUANTITY =
  /^ ?(?:qty\.? ?|quantity ?)?(\d{1,5}) ?(?:off\b|of\b|pcs?\b\.?|pieces?\b|no\.(?= )|x (?=m ?\d|#|\d+\/))|^ ?(?:qty\.?|quantity) ?(\d{1,5})\b/i;
const QUANTITY_AFTER = /(?:, ?| )(?:qty\.? ?(\d{1,5})|(\d{1,5}) ?(?:off|pcs|pieces)) ?$/i;
const WITH_NUT = /\b(?:with|c\/w|w\/|and|plus) ((?:an? )?[^,]*\bnuts?\b.*)$/i;
const FULL_THREAD = /\b(?:full(?:y)?[ -]?thread(?:ed)?|all[ -]?thread)\b/i;
/** Words that say nothing which is not known by then. */
const FILLERS =
  /(?<![\w/])(?:long|length|bolts?|screws?|machine|steel|right[ -]?hand(?:ed)?|rh|a|an|the|dia(?:meter)?|head|thread)(?![\w/])/gi;
/** Letters that belong to a thread or to a length. */
const THREAD_WORDS =
  /^(?:m|x|in|inch|mm|tpi|unc|unf|unef|uns|un|nc|nf|nef|bsw|bsf|whit|whitworth|cycle|cei|coarse|fine|lh|left|hand|handed|ba|b\.a|g|r|rc|rp|npt|nptf|npsm|npsc|nps|bsp|bspp|bspt|tr|acme|stub|square|pg|nh|ght|w|ww|brass|l|no|p|pitch|mmx|inx)$/i;
/** A tolerance class said with the thread: "6g", "UNC-2A", "6H/6g". */
const TOLERANCE =
  /(?<![\w/.])(?:[1-3][AB](?:\/[1-3][AB])?|\d[efgh](?:\d[efgh])?(?:\/\d[efgh](?:\d[efgh])?)?)(?![\w/.])/i;

interface Pieces {
  readonly read: string;
  readonly remaining: Remaining;
  readonly quantity?: number;
}

function startOf(text: string): Pieces {
  const remaining = new Remaining(text);
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
  | {
      readonly thread: Thread;
      readonly toleranceClass?: string;
      /** What stands after the thread, and the length it is where it is one. */
      readonly after: string;
      readonly lengthMm?: number;
      readonly unknown: readonly string[];
    }
  | CalloutProblem;

function sizeOf({ read, remaining }: Pieces): Sized {
  remaining.takeAll(FILLERS);
  const written = remaining.take(TOLERANCE)?.[0];
  const unknown = remaining.takeUnknown(THREAD_WORDS);
  const notUnderstood = { code: "callout-not-understood", read, words: unknown } as const;
  const bare = remaining.rest();
  if (bare === "") {
    if (unknown.length > 0) return notUnderstood;
    return { code: "callout-thread", read, problem: { code: "designation-unreadable", read } };
  }
  const sized = readThreadAndLength(bare, written);
  switch (sized.kind) {
    case "found":
      return { ...sized, unknown };
    case "choices":
      return unknown.length > 0
        ? notUnderstood
        : { code: "callout-which-thread", read, threads: holdingBolts(sized.threads) };
    case "length-unreadable":
      return unknown.length > 0
        ? notUnderstood
        : { code: "callout-length", read, length: sized.length };
    case "problem":
      return unknown.length > 0
        ? notUnderstood
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
    : { code: "callout-not-understood", read, words: unknown, understood: spec };
}

/** What every part may have been said to have. */
function common({ quantity }: Pieces, sized: Exclude<Sized, CalloutProblem>, finish?: Finish) {
  const { thread, toleranceClass } = sized;
  return {
    thread,
    ...(toleranceClass === undefined ? {} : { toleranceClass }),
    ...(quantity === undefined ? {} : { quantity }),
    ...(finish === undefined ? {} : { finish }),
  };
}

/** Nuts and washers have no length: what cannot be read after their thread is not understood. */
function withoutLength(sized: Sized): Sized {
  if (!("code" in sized) || sized.code !== "callout-length") return sized;
  return { code: "callout-not-understood", read: sized.read, words: [sized.length] };
}

const isStainlessNut = (id: string | undefined) =>
  id !== undefined && nutClassById(id)?.system === "stainless";

function readNut(pieces: Pieces, threadOfBolt?: Thread): FastenerSpec | CalloutProblem {
  const { remaining } = pieces;
  const style = remaining.takePhrase(NUT_PHRASES) ?? "hex";
  const inchWritten = threadOfBolt?.majorInch !== undefined || /\d\/\d|#|gr/i.test(pieces.read);
  const named = takeNutClass(remaining, inchWritten);
  const finish = remaining.takePhrase(FINISH_PHRASES);
  const sized =
    threadOfBolt === undefined ? withoutLength(sizeOf(pieces)) : ofBolt(pieces, threadOfBolt);
  if ("code" in sized) return sized;
  // "M10 hex nut 10": a bare figure after the thread is the class, never a length.
  const bare = named === undefined ? bareNutClass(sized.after, sized.thread) : undefined;
  const nutClass = named ?? bare;
  const left = sized.after === "" || bare !== undefined ? [] : [sized.after];
  const spec: NutSpec = {
    part: "nut",
    style,
    ...common(pieces, sized, isStainlessNut(nutClass?.id) ? "stainless" : finish),
    ...(nutClass?.id === undefined ? {} : { nutClassId: nutClass.id }),
    ...(nutClass?.steel === undefined ? {} : { steel: nutClass.steel }),
  };
  return finished(pieces, spec, [...sized.unknown, ...left], nutClass);
}

/** The thread of a nut that is asked for with its bolt: its own where one was said, else the bolt's. */
function ofBolt(pieces: Pieces, thread: Thread): Sized {
  const before = pieces.remaining.rest().replace(FILLERS, " ").trim();
  if (/\d.*[a-z#/-]|[a-z#].*\d/i.test(before)) return withoutLength(sizeOf(pieces));
  pieces.remaining.takeAll(FILLERS);
  const unknown = pieces.remaining.takeUnknown(THREAD_WORDS);
  return { thread, after: pieces.remaining.rest(), unknown };
}

function readWasher(pieces: Pieces): FastenerSpec | CalloutProblem {
  const style = pieces.remaining.takePhrase(WASHER_PHRASES) ?? "flat";
  const finish = pieces.remaining.takePhrase(FINISH_PHRASES);
  const sized = withoutLength(sizeOf(pieces));
  if ("code" in sized) return sized;
  const left = sized.after === "" ? [] : [sized.after];
  const spec = { part: "washer", style, ...common(pieces, sized, finish) } as const;
  return finished(pieces, spec, [...sized.unknown, ...left], undefined);
}

/** A grade that only one system has narrows what a bare size may mean. */
function ofItsSystem(problem: CalloutProblem, gradeId: string | undefined): CalloutProblem {
  if (problem.code !== "callout-which-thread" || gradeId === undefined) return problem;
  const system = gradeById(gradeId)?.system;
  const threads = problem.threads.filter((thread) => gradeSystemOf(thread) === system);
  return threads.length > 0 ? { ...problem, threads } : problem;
}

/** A problem with the nut is one with the whole, whose screw it does not say. */
function ofWhole(problem: CalloutProblem, read: string): CalloutProblem {
  if (problem.code === "callout-too-long") return problem;
  return problem.code === "callout-not-understood"
    ? { code: problem.code, read, words: problem.words }
    : { ...problem, read };
}

function readScrew(pieces: Pieces, nutText: string | undefined): FastenerSpec | CalloutProblem {
  const { remaining } = pieces;
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
  if (nut !== undefined && isCalloutProblem(nut)) return ofWhole(nut, pieces.read);
  const ofStainless = grade?.id !== undefined && /^[ACF]\d-/.test(grade.id);
  const coat = finish ?? (ofStainless ? "stainless" : undefined);
  const spec: ScrewSpec = {
    part: "screw",
    ...common(pieces, sized, coat),
    ...(sized.lengthMm === undefined ? {} : { lengthMm: sized.lengthMm }),
    ...(head === undefined ? {} : { head: head.head }),
    ...(drive === undefined ? {} : { drive }),
    ...(cup === undefined ? {} : { point: cup }),
    ...(fullThread || head?.fullThread === true ? { fullThread: true } : {}),
    ...(grade?.id === undefined ? {} : { gradeId: grade.id }),
    ...(nut?.part === "nut" ? { nut } : {}),
  };
  return finished(pieces, spec, sized.unknown, grade);
}

/**
 * Reads what shops and drawings write for a part: "7/16-14 x 2-1/4 gr 5 zinc", "M8x30 12.9 socket cap", "10 off M10 x
 * 1.25 x 40 LH hex bolt, 8.8, zinc", "M6 nylon insert nut class 8", in any order of its words. A length without a
 * unit is in the thread's own. Nothing written is dropped: a word or figure that has no place in the part is a problem.
 * @returns what is asked for, or what was not understood of it
 */
export function parseCallout(text: string): FastenerSpec | CalloutProblem {
  const read = text.trim();
  if (read === "") return { code: "callout-empty", read };
  if (read.length > MOST_LETTERS) {
    return { code: "callout-too-long", letters: read.length, most: MOST_LETTERS };
  }
  const spelled = oneSpelling(read);
  const withNut = WITH_NUT.exec(spelled);
  const own = withNut === null ? spelled : spelled.slice(0, withNut.index).replace(/[, ]+$/, "");
  const pieces = { ...startOf(own), read };
  if (withNut === null && /\bwashers?\b/i.test(spelled)) return readWasher(pieces);
  if (withNut === null && /\bnuts?\b/i.test(spelled)) return readNut(pieces);
  return readScrew(pieces, withNut?.[1]);
}
