import { gradeSystemOf } from "../catalogue/grades";
import { MADE_TO, isStudStandard, threadBelowShoulder, type MadeTo } from "../catalogue/heads";
import { sizeThroughWasher } from "../catalogue/fasteners";
import type { Finish } from "../catalogue/looks";
import type { Thread } from "../catalogue/threads";
import type { Mm } from "../measure";
import type { CalloutProblem, FastenerSpec } from "./fastener-spec";
import { inInches, lookUpImplied, type Implied } from "./implied-thread";
import { ownMeaning, type OwnWord } from "./own-words";
import { FINISH_PHRASES } from "./phrases";
import { takeQuantity } from "./quantity";
import { takeSteel, type WrittenGrade } from "./read-grade";
import { readThreadAndLength } from "./read-thread";
import { Remaining } from "./read-words";
import type { DefinedPart } from "./standard-parts";
import { sizeOfAnyThread } from "./washer-figures";
import { takeStandards, type WrittenStandard } from "./standards";

/** Words that say nothing which is not known by then. */
export const FILLERS =
  /(?<![\w/.])(?:long|length|lg|bolts?|screws?|scrs?|machine|m\/c|alloy|(?:carbon )?steel|std|standard|new|replacement|spares?|matching|rolled|headed|u\/h|finish(?:ed)?|(?:size|type)(?! ?\d)|under(?: the)?(?= heads?(?!\w))|right[ -]?hand(?:ed)?|rh|(?<!\bg ?\d[\d/ -]*)a|an|the|of|off|metric|st|dia(?:meter)?|nom(?:inal)?|heads?|hd|threads?|thd|part[ -]?thread(?:ed)?)(?![\w/])/gi;
/** Letters that belong to a thread or to a length. */
export const THREAD_WORDS =
  /^(?:m|x|in|inch|inches|mm|tpi|unc|unf|unef|uns|un|nc|nf|nef|bsw|bsf|whit|whitworth|cycle|cei|coarse|fine|gas|lh|l\.h|left|hand|handed|ba|b\.a|g|r|rc|rp|npt|nptf|npsm|npsc|nps|bsp|bspp|bspt|pf|tr|acme|stub|square|pg|sti|nh|ght|w|ww|brass|l|no|p|pt|pitch|mmx|inx)$/i;
/** A tolerance class said with the thread: "6g", "UNC-2A", "6H/6g". */
const TOLERANCE =
  /(?<![\w/.])(?:[1-3][AB](?:\/[1-3][AB])?|(?<=\bg ?\d[\d/ -]*)[ab]|\d[efgh](?:\d[efgh])?(?:\/\d[efgh](?:\d[efgh])?)?)(?![\w/.])/i;

/** What a part is read with besides its size. */
export interface ReadWith {
  readonly read: string;
  readonly standards: readonly WrittenStandard[];
  readonly quantity?: number;
}

/** A call-out that is being read: what is left of it, and what has been taken out so far. */
export interface Pieces extends ReadWith {
  readonly remaining: Remaining;
  /** Words of the shop that stood in it. */
  readonly own: readonly OwnWord[];
}

/** Takes out what stands by itself: the shop's own words, standards and the quantity. */
export function startOf(text: string, words: readonly OwnWord[]): Pieces {
  const remaining = new Remaining(text);
  const own = words.filter(({ word }) => remaining.takeWord(word));
  const standards = takeStandards(remaining);
  const quantity = takeQuantity(remaining);
  return {
    read: text.trim(),
    remaining,
    standards,
    own,
    ...(quantity === undefined ? {} : { quantity }),
  };
}

/** Of the threads a bare size may mean, those that bolts are made with, where there are any. */
export function holdingBolts(threads: readonly Thread[]): readonly Thread[] {
  const held = threads.filter((thread) => gradeSystemOf(thread) !== undefined);
  return held.length > 0 ? held : threads;
}

export type Sized =
  | {
      readonly thread: Thread;
      readonly toleranceClass?: string;
      /** What stands after the thread, and the length it is where it is one. */
      readonly after: string;
      readonly lengthMm?: number;
      readonly unknown: readonly string[];
    }
  | CalloutProblem;

/** A size without its letter, where a metric standard was written: "ISO 7089-8"; of a washer the hole, "DIN 125 A10.5", of a shoulder screw the shoulder. */
export function metricByStandard(bare: string, { standards }: ReadWith): string {
  if (!standards.some(({ written }) => /iso|din|en|gb|jis/i.test(written))) return bare;
  const washer = standards.some(({ means }) => means?.part === "washer");
  const [, figure, rest = ""] = /^[a-c]? ?(\d{1,2}(?:\.\d)?)( ?x.*)?$/i.exec(bare) ?? [];
  if (figure === undefined) return bare;
  const throughHole = washer && rest === "" ? sizeThroughWasher(Number(figure)) : undefined;
  const shoulder = standards.some(
    ({ means }) => means?.part === "screw" && means.head === "shoulder",
  );
  const below = shoulder ? threadBelowShoulder(Number(figure)) : undefined;
  return shoulder && below === undefined ? bare : `M${below ?? throughHole ?? figure}${rest}`;
}

/**
 * Reads thread and length out of what is left once its words are out.
 * @param implied what its class says of the thread
 */
export function sizeOf(pieces: Pieces, implied: Implied = {}): Sized {
  const { read, remaining } = pieces;
  remaining.takeAll(FILLERS);
  const written = remaining.take(TOLERANCE)?.[0];
  const unknown = remaining.takeUnknown(THREAD_WORDS);
  const notUnderstood = { code: "callout-not-understood", read, words: unknown } as const;
  const rest = implied.inches ? inInches(remaining.rest()) : remaining.rest();
  const bare = metricByStandard(rest, pieces);
  if (bare === "") {
    if (unknown.length > 0) return notUnderstood;
    return { code: "callout-thread", read, problem: { code: "designation-unreadable", read } };
  }
  const sized = readThreadAndLength(bare, written, (name) => lookUpImplied(name, implied));
  if (sized.kind === "found") return { ...sized, unknown };
  if (unknown.length > 0) return notUnderstood;
  switch (sized.kind) {
    case "choices":
      return { code: "callout-which-thread", read, threads: holdingBolts(sized.threads) };
    case "length-unreadable":
      return { code: "callout-length", read, length: sized.length };
    case "problem":
      return { code: "callout-thread", read, problem: sized.problem };
  }
}

/** Nuts, washers and plugs have no length: what cannot be read after their thread is not understood. */
export function withoutLength(sized: Sized): Sized {
  if (!("code" in sized) || sized.code !== "callout-length") return sized;
  return { code: "callout-not-understood", read: sized.read, words: [sized.length] };
}

/** The part, or what of it was not understood. */
export function finished(
  { read, standards }: ReadWith,
  spec: FastenerSpec,
  unknown: readonly string[],
  grade?: WrittenGrade,
): FastenerSpec | CalloutProblem {
  if (grade !== undefined && grade.id === undefined) {
    return { code: "callout-grade", read, grade: grade.written.trim() };
  }
  const words = [...unknown, ...standards.filter(({ means }) => !means).map((one) => one.written)];
  return words.length === 0
    ? spec
    : { code: "callout-not-understood", read, words, understood: spec };
}

/** Hexagons that DIN made wider or narrower than ISO does, by diameter, mm. */
const OTHER_HEXAGONS: ReadonlySet<Mm> = new Set([10, 12, 14, 22]);
/** Standards whose sizes are other at every diameter. */
const WHOLLY_OTHER: ReadonlySet<MadeTo> = new Set([
  "DIN 985",
  "DIN 6914",
  "DIN 6915",
  "EN 14399-3",
  "EN 14399-4",
]);

const isMadeTo = (number: string): number is MadeTo =>
  (MADE_TO as readonly string[]).includes(number);

/** The standard that a part is made to, where one was written whose sizes are other than today's; today's rules where both were. */
export function madeToBy(
  { standards }: ReadWith,
  { family, majorMm }: Thread,
): { readonly madeTo?: MadeTo } {
  if (family !== "iso-metric") return {};
  const numbers = standards.map(({ number }) => number);
  if (numbers.some((number) => number.startsWith("ISO 40"))) return {};
  const madeTo = numbers.find(isMadeTo);
  if (madeTo === undefined) return {};
  return isStudStandard(madeTo) || WHOLLY_OTHER.has(madeTo) || OTHER_HEXAGONS.has(majorMm)
    ? { madeTo }
    : {};
}

/** What every threaded part may have been said to have. */
export function common(
  { quantity }: ReadWith,
  sized: Pick<Exclude<Sized, CalloutProblem>, "thread" | "toleranceClass">,
  finish?: Finish,
) {
  const { thread, toleranceClass } = sized;
  return {
    thread,
    ...(toleranceClass === undefined ? {} : { toleranceClass }),
    ...(quantity === undefined ? {} : { quantity }),
    ...(finish === undefined ? {} : { finish }),
  };
}

/** The part of this kind that a standard defines, where one was written. */
export function definedAs<Part extends DefinedPart["part"]>(
  { standards }: ReadWith,
  part: Part,
): Extract<DefinedPart, { part: Part }> | undefined {
  return standards
    .map(({ means }) => means)
    .find((means): means is Extract<DefinedPart, { part: Part }> => means?.part === part);
}

/** Takes what it is coated with or made of, in the words of counters or of the shop. */
export function takeFinish({ remaining, own }: Pieces): Finish | undefined {
  return remaining.takePhrase(FINISH_PHRASES) ?? ownMeaning(own, "finish")?.finish;
}

/** Takes finish and steel of a part that has no strength class. */
export function takeMade(pieces: Pieces): { readonly finish?: Finish; readonly steel?: string } {
  const finish = takeFinish(pieces);
  const steel = takeSteel(pieces.remaining);
  if (steel !== undefined) return { finish: "stainless", steel };
  return finish === undefined ? {} : { finish };
}

/** Of a bare inch size, what goes over any thread of it is taken for the first: coarse unified. It may be followed by a width. */
export function ofAnyThread(sized: Sized, { read, remaining }: Pieces): Sized {
  if (!("code" in sized) || sized.code !== "callout-which-thread") return sized;
  const [thread] = sized.threads;
  const bare = sizeOfAnyThread(remaining.rest());
  if (thread === undefined || bare === undefined || TOLERANCE.test(read)) return sized;
  const { after, widthMm } = bare;
  return { thread, after, unknown: [], ...(widthMm === undefined ? {} : { lengthMm: widthMm }) };
}

/** Reads the thread of a part that has no length and no class, and makes the part of it. */
export function partOfThread(
  pieces: Pieces,
  part: (threaded: ReturnType<typeof common>, lengthMm?: Mm) => FastenerSpec,
  agrees: (means: DefinedPart) => boolean,
  settle: (read: () => Sized, pieces: Pieces) => Sized = (read) => read(),
  implied: Implied = {},
): FastenerSpec | CalloutProblem {
  const sized = settle(() => withoutLength(sizeOf(pieces, implied)), pieces);
  if ("code" in sized) return sized;
  const left = sized.after === "" ? [] : [sized.after];
  const against = contradicting(pieces, agrees);
  const spec = part(common(pieces, sized), sized.lengthMm);
  return finished(pieces, spec, [...sized.unknown, ...left, ...against]);
}

/** The standards that say something else than what was read. */
export function contradicting(
  { standards }: ReadWith,
  agrees: (means: DefinedPart) => boolean,
): string[] {
  return standards
    .filter(({ means }) => means !== undefined && means.part !== "any" && !agrees(means))
    .map(({ written }) => written);
}
