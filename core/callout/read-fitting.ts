import { lookUpThreadAlone, type Thread } from "../threads";
import type {
  CalloutProblem,
  FastenerSpec,
  FittingEnd,
  FittingEnds,
  FittingStyle,
} from "./fastener-spec";
import { FITTING_PHRASES } from "./phrases";
import { FILLERS, common, finished, partOfThread, takeMade, type Pieces } from "./pieces";

const ENDS: Readonly<Record<FittingEnds, RegExp>> = {
  male: /(?<![\w/])(?:male|m\/m)(?![\w/])/i,
  female: /(?<![\w/])(?:female|f\/f)(?![\w/])/i,
};
const ENDS_SAID = Object.keys(ENDS) as FittingEnds[];

/** What stands between the two ends of a fitting. */
const JOINT = /\s+(?:x|to|by)\s+/gi;
const REDUCING = /(?<![\w/])reducing(?![\w/])/i;
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

/** The thread of a side by its own letters, else by those that the other side has for both. */
function threadOf({ text }: Side, letters: string): Thread | undefined {
  const borrowed = letters === "" ? [] : [`${text} ${letters}`, `${letters} ${text}`];
  for (const written of [text, ...borrowed]) {
    const reading = lookUpThreadAlone(written);
    if (reading.kind === "found") return reading.thread;
  }
  return undefined;
}

/** The two ends of a fitting: "1/2 x 3/8 BSPT", "M12 x 1.5 male x G 1/4 female"; undefined where it has one. */
function twoEnds(text: string, style: FittingStyle): readonly [FittingEnd, FittingEnd] | undefined {
  for (const { index, 0: joint } of text.matchAll(JOINT)) {
    const left = sideOf(text.slice(0, index));
    const right = sideOf(text.slice(index + joint.length));
    const [one, other] = [
      threadOf(left, right.letters),
      threadOf(right, HAVE_LENGTHS.has(style) ? "" : left.letters),
    ];
    if (one === undefined || other === undefined) continue;
    const end = (thread: Thread, { ends }: Side): FittingEnd =>
      ends === undefined ? { thread } : { thread, ends };
    return [end(one, left), end(other, right)];
  }
  return undefined;
}

/** Reads a fitting of a pipe: its kind, its thread or threads, and whether those are outside or inside. */
export function readFitting(pieces: Pieces): FastenerSpec | CalloutProblem {
  const { remaining } = pieces;
  const style = remaining.takePhrase(FITTING_PHRASES) ?? "nipple";
  const made = takeMade(pieces);
  remaining.takeAll(FILLERS);
  const pair = twoEnds(remaining.rest().replace(REDUCING, " "), style);
  if (pair !== undefined) {
    const [{ thread, ends }, other] = pair;
    const threaded = common(pieces, { thread, after: "", unknown: [] });
    const said = ends === undefined ? {} : { ends };
    return finished(pieces, { part: "fitting", style, ...threaded, ...made, ...said, other }, []);
  }
  const ends = ENDS_SAID.find((one) => remaining.take(ENDS[one]) !== undefined);
  return partOfThread(
    pieces,
    (threaded) => ({
      part: "fitting",
      style,
      ...threaded,
      ...made,
      ...(ends === undefined ? {} : { ends }),
    }),
    () => false,
  );
}
