import { isPipeThread, lookUpThreadAlone, type Thread } from "../catalogue/threads";
import type {
  CalloutProblem,
  FastenerSpec,
  FittingEnd,
  FittingEnds,
  FittingStyle,
} from "./fastener-spec";
import { FITTING_PHRASES } from "./phrases";
import {
  FILLERS,
  common,
  finished,
  partOfThread,
  takeMade,
  type Pieces,
  type Sized,
} from "./pieces";

const ENDS: Readonly<Record<FittingEnds, RegExp>> = {
  male: /(?<![\w/])(?:male|m\/m)(?![\w/])|(?<=\w )m$/i,
  female: /(?<![\w/])(?:female|f\/f)(?![\w/])|(?<=\w )f$/i,
};
const ENDS_SAID = Object.keys(ENDS) as FittingEnds[];

/** What stands between the two ends of a fitting. */
const JOINT = /\s+(?:x|to|by|-)\s+/gi;
const CROSSED = /(\d)x(?=\d)/gi;
const REDUCING = /(?<![\w/])(?:reducing|reducer)(?![\w/])/i;
/** One end of a thread outside, the other of the same inside. */
const STREET =
  /(?<![\w/])(?:street|m\/f|f\/m|(?:male|female) ?(?:to|x|\/|-|and) ?(?:fe)?male)(?![\w/])/i;
/** The second figure of these is as likely their length. */
const HAVE_LENGTHS: ReadonlySet<FittingStyle> = new Set(["nipple", "hexagon-nipple"]);

interface Side {
  readonly ends: FittingEnds | undefined;
  /** Without the word that says which way round it is. */
  readonly text: string;
  /** The letters of its series: "BSPT", "G". */
  readonly letters: string;
}

function sideOf(written: string): Side {
  const ends = ENDS_SAID.find((one) => ENDS[one].test(written));
  const text = (ends === undefined ? written : written.replace(ENDS[ends], " "))
    .replace(/[\s,]+/g, " ")
    .trim();
  return { ends, text, letters: text.replace(/[^a-z]+/gi, " ").trim() };
}

/** What the thread of a side may be by its own letters, else by those that the other side has for both. */
function threadsOf({ text }: Side, letters: string): readonly Thread[] {
  const borrowed = letters === "" ? [] : [`${text} ${letters}`, `${letters} ${text}`];
  const readings = [text, ...borrowed].map(lookUpThreadAlone);
  const found = readings.find((reading) => reading.kind === "found");
  if (found !== undefined) return [found.thread];
  // "1/2 BSP" may be two threads, a bare "1/2" is none.
  const [own, ...lent] = readings;
  const said = letters === "" || /[a-z]/i.test(text) ? [own] : lent;
  const open = said.find((reading) => reading?.kind === "choices");
  return open?.kind === "choices" ? open.threads : [];
}

type Ends =
  | { readonly kind: "found"; readonly ends: readonly [FittingEnd, FittingEnd] }
  | { readonly kind: "choices"; readonly threads: readonly Thread[] };

/** The two ends of a fitting: "1/2 x 3/8 BSPT", "M12 x 1.5 male x G 1/4 female"; undefined where it has one. */
function twoEnds(text: string, style: FittingStyle): Ends | undefined {
  for (const { index, 0: joint } of text.matchAll(JOINT)) {
    const left = sideOf(text.slice(0, index));
    const right = sideOf(text.slice(index + joint.length));
    const [ones, others] = [
      threadsOf(left, right.letters),
      threadsOf(right, HAVE_LENGTHS.has(style) ? "" : left.letters),
    ];
    const [one, other] = [ones[0], others[0]];
    if (one === undefined || other === undefined) continue;
    // "3/8 x 2 NPT nipple" is two inches long; a nipple is called by its larger end.
    if (HAVE_LENGTHS.has(style) && left.letters === "" && other.majorMm > one.majorMm) continue;
    const open = [ones, others].find((threads) => threads.length > 1);
    if (open !== undefined) {
      if (open.every(isPipeThread)) return { kind: "choices", threads: open };
      continue;
    }
    const end = (thread: Thread, { ends }: Side): FittingEnd =>
      ends === undefined ? { thread } : { thread, ends };
    return { kind: "found", ends: [end(one, left), end(other, right)] };
  }
  return undefined;
}

/** "3/8 x 2 NPT": the series beside the size, the length behind it. */
const LENGTH_INSIDE = /(\d[\d/ -]*"?) ?x ?([\d./ -]*\d ?(?:mm|"|in)?) ?(npt|bspt|bspp)(?!\w)/i;

/** A nipple as it is read with its length, which no other fitting has. */
function withLength(read: () => Sized, style: FittingStyle): Sized {
  const sized = read();
  if ("code" in sized || !HAVE_LENGTHS.has(style)) return sized;
  // Two threads have no room on less: "1/2 BSPT x 3 nipple" is three of something else than millimetres.
  const isLong = sized.lengthMm !== undefined && sized.lengthMm >= sized.thread.majorMm;
  return isLong ? { ...sized, after: "" } : sized;
}

/** Reads a fitting of a pipe: its kind, its thread or threads, and whether those are outside or inside. */
export function readFitting(pieces: Pieces): FastenerSpec | CalloutProblem {
  const { remaining } = pieces;
  const said = remaining.takePhrase(FITTING_PHRASES);
  const style = said ?? "adaptor";
  const made = takeMade(pieces);
  remaining.takeAll(FILLERS);
  const pair = twoEnds(remaining.rest().replace(REDUCING, " ").replace(CROSSED, "$1 x "), style);
  if (pair?.kind === "choices") {
    return { code: "callout-which-thread", read: pieces.read, threads: pair.threads };
  }
  if (pair !== undefined) {
    const [{ thread, ends }, other] = pair.ends;
    const threaded = common(pieces, { thread });
    const turned = ends === undefined ? {} : { ends };
    return finished(pieces, { part: "fitting", style, ...threaded, ...made, ...turned, other }, []);
  }
  if (HAVE_LENGTHS.has(style)) remaining.rewrite(LENGTH_INSIDE, "$1 $3 x $2");
  const isStreet = remaining.take(STREET) !== undefined;
  const ends = isStreet ? "male" : ENDS_SAID.find((one) => remaining.take(ENDS[one]) !== undefined);
  return partOfThread(
    pieces,
    (threaded, lengthMm) => ({
      part: "fitting",
      style,
      ...threaded,
      ...(lengthMm === undefined ? {} : { lengthMm }),
      ...made,
      ...(ends === undefined ? {} : { ends }),
      ...(isStreet ? { other: { thread: threaded.thread, ends: "female" } } : {}),
    }),
    () => false,
    (read) => withLength(read, style),
    { pipe: true },
  );
}
