import type { WasherStyle } from "../fasteners";
import { nutClassById } from "../grades";
import type { Thread } from "../threads";
import type { Mm } from "../units";
import type { CalloutProblem, FastenerSpec, NutSpec, WasherSpec } from "./fastener-spec";
import { impliedBy } from "./implied-thread";
import { ownMeaning } from "./own-words";
import { NUT_PHRASES, WASHER_PHRASES } from "./phrases";
import {
  FILLERS,
  THREAD_WORDS,
  common,
  contradicting,
  definedAs,
  finished,
  ofAnyThread,
  partOfThread,
  sizeOf,
  takeFinish,
  takeMade,
  withoutLength,
  type Pieces,
  type Sized,
} from "./pieces";
import { bareNutClass, takeNutClass } from "./read-grade";
import type { Remaining } from "./read-words";

const isStainlessNut = (id: string | undefined) =>
  id !== undefined && nutClassById(id)?.system === "stainless";

/** What is said, by words before standards; a plain word gives way to what a standard tells it is. */
function styleOf<Style extends string>(
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

/** Reads a nut; where it is asked for with its bolt, of the bolt's thread unless it says its own. */
export function readNut(pieces: Pieces, threadOfBolt?: Thread): FastenerSpec | CalloutProblem {
  const { remaining, own } = pieces;
  const style = styleOf(
    remaining.takePhrase(NUT_PHRASES),
    ownMeaning(own, "nut")?.style,
    definedAs(pieces, "nut")?.style,
    "hex",
  );
  const written = takeNutClass(remaining);
  const figure =
    written === undefined ? remaining.take(BARE_CLASS)?.[0].replace(/[^\d]/g, "") : undefined;
  const finish = takeFinish(pieces);
  const sized =
    threadOfBolt === undefined
      ? withoutLength(sizeOf(pieces, impliedBy(written?.id)))
      : ofBolt(pieces, threadOfBolt);
  if ("code" in sized) return sized;
  // "M10 hex nut 10": a bare figure after the thread is the class, never a length.
  const bare =
    written === undefined ? bareNutClass(figure ?? sized.after, sized.thread) : undefined;
  const nutClass = written?.of(sized.thread) ?? bare;
  const isClass = bare !== undefined && figure === undefined;
  const left = [
    ...(sized.after === "" || isClass ? [] : [sized.after]),
    ...(figure === undefined || bare !== undefined ? [] : [figure]),
  ];
  const spec: NutSpec = {
    part: "nut",
    style,
    ...common(pieces, sized, isStainlessNut(nutClass?.id) ? "stainless" : finish),
    ...(nutClass?.id === undefined ? {} : { nutClassId: nutClass.id }),
    ...(nutClass?.steel === undefined ? {} : { steel: nutClass.steel }),
  };
  const against = contradicting(
    pieces,
    (means) =>
      means.part === "nut" && (means.style === style || (means.others?.includes(style) ?? false)),
  );
  return finished(pieces, spec, [...sized.unknown, ...left, ...against], nutClass);
}

/** The thread of a nut or a washer that is asked for with its bolt: its own where one was said, else the bolt's. */
function ofBolt(pieces: Pieces, thread: Thread): Sized {
  const before = pieces.remaining.rest().replace(FILLERS, " ").trim();
  if (/\d.*[a-z#/-]|[a-z#].*\d/i.test(before)) return withoutLength(sizeOf(pieces));
  pieces.remaining.takeAll(FILLERS);
  const unknown = pieces.remaining.takeUnknown(THREAD_WORDS);
  return { thread, after: pieces.remaining.rest(), unknown };
}

/** BS 4320: the forms of plain washers that are as wide as the usual one. */
const FORM = /(?<![\w/])form ?[a-c](?![\w/])/i;
const COPPER = /(?<![\w/])cu(?![\w/])/i;
const VICKERS = /(?<![\w/.])(?:(\d{3}) ?hv|hv ?(\d{3}))(?![\w/])/i;

function takeVickers(remaining: Remaining): Pick<WasherSpec, "hardnessHv"> {
  const found = remaining.take(VICKERS);
  return found === undefined ? {} : { hardnessHv: Number(found[1] ?? found[2]) };
}

/** A washer is so many times as wide as its bolt, one that seals less; what is less is its thickness. */
const LEAST_WIDE: Partial<Record<WasherStyle, number>> = { copper: 1.15, "bonded-seal": 1.15 };
const [LEAST_WIDE_ELSE, MOST_WIDE] = [1.5, 8];

/** "M8 x 25": what stands after the thread of a washer as a length, where it can be its width. */
function outsideOf(sized: Sized, style: WasherStyle): Mm | undefined {
  if ("code" in sized || sized.lengthMm === undefined) return undefined;
  const times = sized.lengthMm / sized.thread.majorMm;
  const least = LEAST_WIDE[style] ?? LEAST_WIDE_ELSE;
  return times >= least && times <= MOST_WIDE ? sized.lengthMm : undefined;
}

const THREE_SIZES =
  /(?<![\w.#/])m? ?(\d+(?:\.\d+)?) ?x ?(\d+(?:\.\d+)?) ?x ?(\d+(?:\.\d+)?)(?![\d/."])/i;
const THIRD = /(?<=\d ?x ?\d+(?:\.\d+)?) ?x ?(\d+(?:\.\d+)?)/i;

/** "14 x 20 x 1.5": after the hole and a larger outside, how thick it is. */
function takeThickness(remaining: Remaining): Pick<WasherSpec, "thickMm"> {
  const [hole = 0, outside = 0, thick = 0] = (THREE_SIZES.exec(remaining.rest()) ?? [])
    .slice(1)
    .map(Number);
  if (outside <= hole || thick >= hole || thick === 0) return {};
  remaining.take(THIRD);
  return { thickMm: thick };
}

/** Reads a washer, by the thread that goes through it; asked for with a bolt, by that of the bolt. */
export function readWasher(pieces: Pieces, threadOfBolt?: Thread): FastenerSpec | CalloutProblem {
  const style = styleOf(
    pieces.remaining.takePhrase(WASHER_PHRASES),
    ownMeaning(pieces.own, "washer")?.style,
    definedAs(pieces, "washer")?.style,
    "flat",
  );
  if (style === "flat") pieces.remaining.take(FORM);
  if (style === "copper") pieces.remaining.take(COPPER);
  const made = takeMade(pieces);
  const hard = takeVickers(pieces.remaining);
  const thick = takeThickness(pieces.remaining);
  return partOfThread(
    pieces,
    (threaded, outsideMm) => ({
      part: "washer",
      style,
      ...threaded,
      ...(outsideMm === undefined ? {} : { outsideMm }),
      ...thick,
      ...hard,
      ...made,
    }),
    (means) => means.part === "washer" && means.style === style,
    (read, sizedBy) => {
      const sized =
        threadOfBolt === undefined ? ofAnyThread(read(), sizedBy) : ofBolt(sizedBy, threadOfBolt);
      return outsideOf(sized, style) === undefined ? sized : { ...sized, after: "" };
    },
  );
}
