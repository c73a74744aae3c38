import { nutClassById } from "../catalogue/grades";
import type { Thread } from "../catalogue/threads";
import type { CalloutProblem, FastenerSpec, NutSpec } from "./fastener-spec";
import { impliedBy } from "./implied-thread";
import { ownMeaning } from "./own-words";
import { NUT_PHRASES } from "./phrases";
import {
  FILLERS,
  THREAD_WORDS,
  common,
  contradicting,
  definedAs,
  finished,
  madeToBy,
  sizeOf,
  takeFinish,
  withoutLength,
  type Pieces,
  type Sized,
} from "./pieces";
import { bareNutClass, takeNutClass } from "./read-grade";

const isStainlessNut = (id: string | undefined) =>
  id !== undefined && nutClassById(id)?.system === "stainless";

/** What is said, by words before standards; a plain word gives way to what a standard tells it is. */
export function styleOf<Style extends string>(
  said: Style | undefined,
  own: Style | undefined,
  defined: Style | undefined,
  plain: Style,
): Style {
  return own ?? (said === undefined || said === plain ? (defined ?? plain) : said);
}

/** "M30 nut 8", "ISO 4032 - M20 - 8": a bare figure behind the word, or a class that is no pitch behind the size. */
const BARE_CLASS =
  /(?<=m ?\d+(?: ?x ?\d(?:\.\d+)?)?[ \u0001]*\u0001 +)\d{1,2}(?![\w./-]| ?x)|(?<=m ?\d+(?: ?x ?\d(?:\.\d+)?)?)[ \u0001-]+(?:5|8|9|10|12)(?=[ \u0001]*$)/i;

/** "Flange nut M8 serrated": under its flange, as it is beside the noun. */
const SERRATED = /(?<![\w/])serrated(?![\w/])/i;

/** Reads a nut; where it is asked for with its bolt, of the bolt's thread unless it says its own. */
export function readNut(pieces: Pieces, threadOfBolt?: Thread): FastenerSpec | CalloutProblem {
  const { remaining, own } = pieces;
  const style = styleOf(
    remaining.takePhrase(NUT_PHRASES),
    ownMeaning(own, "nut")?.style,
    definedAs(pieces, "nut")?.style,
    "hex",
  );
  if (style === "flange") remaining.take(SERRATED);
  const written = takeNutClass(remaining);
  const figure =
    written === undefined ? remaining.take(BARE_CLASS)?.[0].replace(/[^\d]/g, "") : undefined;
  const finish = takeFinish(pieces);
  const sized =
    threadOfBolt === undefined
      ? withoutLength(sizeOf(pieces, impliedBy(written?.id)))
      : ofBolt(pieces, threadOfBolt);
  if ("code" in sized) return sized;
  const lengthMm = style === "coupling" ? sized.lengthMm : undefined;
  // "M10 hex nut 10": a bare figure after the thread is the class, never a length.
  const bare =
    written === undefined ? bareNutClass(figure ?? sized.after, sized.thread) : undefined;
  const nutClass = written?.of(sized.thread) ?? bare;
  const isClass = bare !== undefined && figure === undefined;
  const left = [
    ...(sized.after === "" || isClass || lengthMm !== undefined ? [] : [sized.after]),
    ...(figure === undefined || bare !== undefined ? [] : [figure]),
  ];
  const spec: NutSpec = {
    part: "nut",
    style,
    ...(lengthMm === undefined ? {} : { lengthMm }),
    ...common(pieces, sized, isStainlessNut(nutClass?.id) ? "stainless" : finish),
    ...(nutClass?.id === undefined ? {} : { nutClassId: nutClass.id }),
    ...(nutClass?.steel === undefined ? {} : { steel: nutClass.steel }),
    ...madeToBy(pieces, sized.thread),
  };
  const against = contradicting(
    pieces,
    (means) =>
      means.part === "nut" && (means.style === style || (means.others?.includes(style) ?? false)),
  );
  return finished(pieces, spec, [...sized.unknown, ...left, ...against], nutClass);
}

/** The thread of a nut or a washer that is asked for with its bolt: its own where one was said, else the bolt's. */
export function ofBolt(pieces: Pieces, thread: Thread): Sized {
  const before = pieces.remaining.rest().replace(FILLERS, " ").trim();
  if (/\d.*[a-z#/-]|[a-z#].*\d/i.test(before)) return withoutLength(sizeOf(pieces));
  pieces.remaining.takeAll(FILLERS);
  const unknown = pieces.remaining.takeUnknown(THREAD_WORDS);
  return { thread, after: pieces.remaining.rest(), unknown };
}
