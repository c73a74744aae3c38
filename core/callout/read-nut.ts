import { nutClassById } from "../grades";
import type { Thread } from "../threads";
import type { CalloutProblem, FastenerSpec, NutSpec } from "./fastener-spec";
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
  const finish = takeFinish(pieces);
  const sized =
    threadOfBolt === undefined ? withoutLength(sizeOf(pieces)) : ofBolt(pieces, threadOfBolt);
  if ("code" in sized) return sized;
  // "M10 hex nut 10": a bare figure after the thread is the class, never a length.
  const bare = written === undefined ? bareNutClass(sized.after, sized.thread) : undefined;
  const nutClass = written?.(sized.thread) ?? bare;
  const left = sized.after === "" || bare !== undefined ? [] : [sized.after];
  const spec: NutSpec = {
    part: "nut",
    style,
    ...common(pieces, sized, isStainlessNut(nutClass?.id) ? "stainless" : finish),
    ...(nutClass?.id === undefined ? {} : { nutClassId: nutClass.id }),
    ...(nutClass?.steel === undefined ? {} : { steel: nutClass.steel }),
  };
  const against = contradicting(pieces, (means) => means.part === "nut" && means.style === style);
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

/** Reads a washer, by the thread that goes through it; asked for with a bolt, by that of the bolt. */
export function readWasher(pieces: Pieces, threadOfBolt?: Thread): FastenerSpec | CalloutProblem {
  const style = styleOf(
    pieces.remaining.takePhrase(WASHER_PHRASES),
    ownMeaning(pieces.own, "washer")?.style,
    definedAs(pieces, "washer")?.style,
    "flat",
  );
  const made = takeMade(pieces);
  return partOfThread(
    pieces,
    (threaded) => ({ part: "washer", style, ...threaded, ...made }),
    (means) => means.part === "washer" && means.style === style,
    (read, sizedBy) =>
      threadOfBolt === undefined ? ofAnyThread(read(), sizedBy) : ofBolt(sizedBy, threadOfBolt),
  );
}
