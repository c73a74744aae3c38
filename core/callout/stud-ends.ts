import { goesByInches } from "../catalogue/heads";
import { lookUpThreadAlone, type Thread } from "../catalogue/threads";
import { readLength, roundTo, type Mm } from "../measure";
import type { StudEnd, StudPlace } from "./fastener-spec";

/** The ends of a stud that were said one by one, and what is left of its call-out: one thread, and all else. */
export interface StudEnds {
  readonly rest: string;
  /** How far the end that is left is threaded, and where it goes, as far as it was said. */
  readonly own: Omit<StudEnd, "thread" | "toleranceClass">;
  /** The other end; undefined where nothing says it apart. */
  readonly other: StudEnd | undefined;
}

const STUD = /\bstuds?\b/i;
const FIGURE = String.raw`\d+(?:\.\d+)?(?:[ -]\d+\/\d+|\/\d+)?(?: ?mm\b|"| ?in\b)?`;
const PITCH = String.raw`(?:\d?\.\d+|[1-6](?:\.\d+)?)(?![\d.]|\/\d)`;
const SERIES = String.raw`(?:un[cf]|unef|un|n[cf]|bsw|bsf|whit(?:worth)?|cycle|cei|ba)(?!\w)`;
const CLASS = String.raw`(?:[ -](?:\d[efgh](?:\d[efgh])?|[123]a)(?!\w))?`;
const METRIC = String.raw`m ?\d+(?:\.\d+)?(?:(?: ?x ?|-)${PITCH})?`;
const INCH_SIZE = String.raw`(?:#\d+|\d+[ -]\d+\/\d+|\d+\/\d+|\d+)"?`;
const INCH = String.raw`${INCH_SIZE}(?:-\d{1,2}(?!\d|\/\d+(?![\d/]))(?:[ -]?${SERIES})?|[ -]?${SERIES})`;
const THREAD = String.raw`(?:${METRIC}|${INCH})${CLASS}(?: ?lh\b)?`;
const SAID = String.raw`(?:thread(?:ed)?|thd)(?!\w)`;
/** How far an end is threaded: "x 20 thread", ", 20 thd". */
const far = (name: string) => String.raw`,? ?(?:x ?)?(?<${name}>${FIGURE}) ?(?:of )?${SAID}`;
/** Where an end goes: "tap end", "nut end", "one end". */
const PLACE = String.raw`,? ?(?:on |at )?(?:the )?`;
const WHERE = "1|one|other|opposite|first|second|tap(?:ped|ping)?|metal|screwed[- ]in|nut";
const place = (name: string) => String.raw`(?:${PLACE}(?<${name}>${WHERE}) end)?`;
const BEFORE_PLACE = String.raw`${PLACE}(?:${WHERE}) end`;

/** "M10 x 1.25 x 20 / M10 x 1.5 x 25 x 60": a figure before the joint, and the first of two after it, are of the thread alone. */
const TWO_ENDS = new RegExp(
  [
    String.raw`(?<![\w./])(?<one>${THREAD})`,
    String.raw`(?:${far("far1")}|(?: ?x ?)(?<bare1>${FIGURE})(?= ?\/ ?(?:m|#|\d+[-/ ]\d)|${BEFORE_PLACE}))?`,
    place("place1"),
    String.raw`(?<joint> ?\/ ?| ?x ?| ?- ?| to |,? and |, ?)`,
    String.raw`(?<two>${THREAD})`,
    String.raw`(?:${far("far2")}|(?: ?x ?)(?<bare2>${FIGURE})(?= ?x ?(?<last>${FIGURE})|${BEFORE_PLACE}))?`,
    String.raw`${place("place2")}(?![\w./]*\w)`,
  ].join(""),
  "i",
);
/** "M10 x 20/30 x 80 stud": one thread, threaded so far at either end. */
const ONE_THREAD = new RegExp(
  String.raw`(?<![\w./])(${METRIC}) ?x ?(\d+(?:\.\d+)?) ?\/ ?(\d+(?:\.\d+)?)(?= ?x ?\d)`,
  "i",
);
/** "20 thread both ends", "20 each end", "300 long, thread both ends 60": of two figures the smaller is the thread's. */
const BOTH_ALIKE = new RegExp(
  String.raw`,? ?(?:x ?)?(${FIGURE}) ?,? ?(?:of )?(?:${SAID} ?)?,? ?(?:on |at )?(?:each|both|either) ends?(?!\w)(?:,? ?(?:x ?)?(${FIGURE}))?`,
  "i",
);
/** One size and two pitches, or two series: "M10 x 1.25/1.5", "3/8 UNC/UNF". */
const TWO_PITCHES: readonly (readonly [RegExp, string])[] = [
  [
    new RegExp(String.raw`(m ?\d+(?:\.\d+)?) ?x ?(\d?\.\d+|[1-6]) ?\/ ?(${PITCH})`, "i"),
    "$1 x $2 / $1 x $3",
  ],
  [new RegExp(String.raw`(${INCH_SIZE}) ?(${SERIES}) ?\/ ?(${SERIES})`, "i"), "$1 $2 / $1 $3"],
];
/** Words that say no more than that the ends are not alike, and that the length is the whole one. */
const SAYS_NO_MORE =
  /(?<!\w)(?:step(?:ped)?|repair) (?=stud)|(?<!\w)over[- ]?all(?: length)?(?!\w)/gi;

const LENGTHS = { minMm: 1, maxMm: 1000 };

interface Read {
  readonly thread: Thread;
  readonly toleranceClass?: string;
}

function threadOf(written: string): Read | undefined {
  const read = lookUpThreadAlone(written);
  return read.kind === "found" ? read : undefined;
}

function threadedFar(written: string | undefined, thread: Thread): { readonly threadMm?: Mm } {
  if (written === undefined) return {};
  const read = readLength(written, goesByInches(thread) ? "in" : "mm", LENGTHS);
  return read.ok ? { threadMm: roundTo(read.mm, 6) } : {};
}

function goes(place: string | undefined): { readonly goes?: StudPlace } {
  if (place === undefined || /^(?:1|one|other|opposite|first|second)$/i.test(place)) return {};
  return { goes: /^nut$/i.test(place) ? "under-nut" : "in-hole" };
}

/** A joint that parts a list too is one of two ends only where an end was said. */
const isList = (joint: string) => !/[/x-]/i.test(joint);

function twoEnds(text: string): StudEnds | undefined {
  const found = TWO_ENDS.exec(text);
  if (found === null) return undefined;
  const { one = "", joint = "", two = "", ...said } = found.groups ?? {};
  const first = threadOf(one);
  const second = threadOf(two);
  if (first === undefined || second === undefined) return undefined;
  const placed = said.place1 ?? said.place2;
  if (isList(joint) && placed === undefined) return undefined;
  // "x 60 x 4 off": a figure that no length follows is the length itself.
  const isLength =
    said.bare2 !== undefined &&
    said.place2 === undefined &&
    parseFloat(said.last ?? "") <= parseFloat(said.bare2);
  const part2 = isLength ? undefined : said.bare2;
  const after = text.slice(found.index + found[0].length);
  const behind = isLength ? ` x ${said.bare2}${after}` : after;
  return {
    rest: `${text.slice(0, found.index)}${one}${behind}`,
    own: { ...threadedFar(said.far1 ?? said.bare1, first.thread), ...goes(said.place1) },
    other: {
      thread: second.thread,
      ...(second.toleranceClass === undefined ? {} : { toleranceClass: second.toleranceClass }),
      ...threadedFar(said.far2 ?? part2, second.thread),
      ...goes(said.place2),
    },
  };
}

function oneThread(text: string): StudEnds | undefined {
  const found = ONE_THREAD.exec(text);
  const [whole = "", written = "", one, two] = found ?? [];
  const read = threadOf(written);
  if (found === null || read === undefined) return undefined;
  return {
    rest: text.replace(whole, written),
    own: threadedFar(one, read.thread),
    other: { thread: read.thread, ...threadedFar(two, read.thread) },
  };
}

function bothAlike(text: string): StudEnds | undefined {
  const found = BOTH_ALIKE.exec(text);
  const written = new RegExp(THREAD, "i").exec(text)?.[0];
  const read = written === undefined ? undefined : threadOf(written);
  if (found === null || written === undefined || read === undefined) return undefined;
  const [whole, one = "", behind] = found;
  const [less = one, more] = [one, behind]
    .filter((figure) => figure !== undefined)
    .sort((a, b) => parseFloat(a) - parseFloat(b));
  const rest = text.replace(whole, more === undefined ? "" : ` x ${more}`);
  // A figure that stands alone is the length of the whole stud.
  if (!/\d/.test(rest.replace(written, ""))) return undefined;
  const own = threadedFar(less, read.thread);
  return { rest, own, other: { thread: read.thread, ...own } };
}

/**
 * Reads the two ends of a stud, where they are said apart: "M10 x 1.25 / M10 x 1.5 x 60 stud", "M10 x 1.5 tap end,
 * M10 x 1.25 nut end", "M10 x 20 thread / M10 x 30 thread x 80", "20 thread both ends".
 * @param spelled in the one spelling of call-outs
 * @returns undefined of anything else
 */
export function studEnds(spelled: string): StudEnds | undefined {
  if (!STUD.test(spelled)) return undefined;
  const text = TWO_PITCHES.reduce(
    (written, [pattern, by]) => written.replace(pattern, by),
    spelled.replace(SAYS_NO_MORE, ""),
  );
  const found = twoEnds(text) ?? oneThread(text) ?? bothAlike(text);
  return found && { ...found, rest: found.rest.replace(/\s+/g, " ").trim() };
}
