import type { WasherStyle } from "../catalogue/fasteners";
import type { Thread } from "../catalogue/threads";
import type { Mm } from "../measure";
import type { WasherSpec } from "./fastener-spec";
import { contradicting, definedAs, finished, type ReadWith } from "./pieces";
import type { ThreadAndLength } from "./read-thread";
import { canBeOutside, sizeOfAnyThread, thickOf } from "./washer-figures";
import { WASHER_KINDS } from "./kinds";
import { madeSaid, sameFinish } from "./made-said";
import {
  PLACES_OF_ALL,
  leftOut,
  quantityOf,
  readWithOf,
  refused,
  sizeProblem,
  styled,
  withoutPlace,
} from "./part-said";
import { sizeTextOf, threadIn, type Said } from "./said";
import { AGAINST, type Reading } from "./weigh";

const PLACES = { ...PLACES_OF_ALL, hardness: 1, thickness: 1 };
/** A washer that goes with another part has that part's thread. */
const PLACES_WITHOUT_THREAD = { ...PLACES, pitch: 0, tpi: 0, tolerance: 0, "left-hand": 0 };

/** "14 x 20": the hole and the outside of a ring that seals, which are millimetres where they can be both. */
const RING = /^(\d{1,2}) ?x ?(\d{1,2})(?![\d/"])/;
const WIDEST_RING = 2.2;

function metricRing(text: string): string {
  const [, hole, outside] = RING.exec(text) ?? [];
  const times = Number(outside) / Number(hole);
  return times > 1 && times <= WIDEST_RING ? `m${text}` : text;
}

/** What is said of the sizes of a washer: the thread that goes through it, its outside, its thickness. */
interface Sizes {
  readonly read: ThreadAndLength;
  readonly thickMm?: Mm;
  /** The thread is that of the part it goes with. */
  readonly ofPart?: true;
}

/** A figure at the end, with the cross before it. */
const LAST_FIGURE = / ?x ?[\d./ -]*\d ?(?:mm|in|")?$/;

function sizesOf(said: Said, readWith: ReadWith, style: WasherStyle): Sizes {
  const whole = sizeTextOf(said, readWith);
  const text = style === "copper" ? metricRing(whole) : whole;
  const named = said.all("thickness")[0]?.means.mm;
  const third = named === undefined ? thickOf(text) : undefined;
  const bare = third === undefined ? text : text.replace(LAST_FIGURE, "");
  const thickMm = named ?? third;
  const thick = thickMm === undefined ? {} : { thickMm };
  const read = threadIn(bare, said, {});
  const [first] = read.kind === "choices" ? read.threads : [];
  const any = said.all("tolerance").length > 0 ? undefined : sizeOfAnyThread(bare);
  if (first === undefined || any === undefined) return { read, ...thick };
  const width = any.widthMm === undefined ? {} : { lengthMm: any.widthMm };
  return { read: { kind: "found", thread: first, after: any.after, ...width }, ...thick };
}

/** A washer with the thread of another part, or with one of its own. */
function ofPartOrOwn(said: Said, readWith: ReadWith, style: WasherStyle, ofPart?: Thread): Sizes {
  if (ofPart === undefined) return sizesOf(said, readWith, style);
  const text = said.sizeText();
  const own = /\d.*[a-z#/-]|[a-z#].*\d/i.test(text) ? sizesOf(said, readWith, style) : undefined;
  return own?.read.kind === "found"
    ? own
    : { read: { kind: "found", thread: ofPart, after: text }, ofPart: true };
}

/** Styles that are told apart by how wide they are. */
const WIDE: ReadonlySet<WasherStyle> = new Set(["large", "copper", "bonded-seal"]);

/**
 * Reads a washer out of what is said of it.
 * @param ofPart the thread of the part that it goes with, which it has unless it says its own
 */
export function washerOf(read: string, said: Said, ofPart?: Thread): Reading {
  const early = refused(read, said);
  if (early !== undefined) return early;
  const readWith = readWithOf(read, said);
  const look = styled(said, WASHER_KINDS, "flat", definedAs(readWith, "washer")?.style);
  const { style } = look;
  const sizes = ofPartOrOwn(said, readWith, style, ofPart);
  const { made, unplaced } = madeSaid(said);
  const extra = [
    ...withoutPlace(said, sizes.ofPart ? PLACES_WITHOUT_THREAD : PLACES, sameFinish),
    ...unplaced,
  ];
  const { unknown, against } = leftOut(said, look, extra);
  if (sizes.read.kind !== "found") {
    const { result, cost } = sizeProblem(read, sizes.read, unknown);
    return { result, cost: cost + against };
  }
  const { thread, after, lengthMm, toleranceClass } = sizes.read;
  const isOutside = lengthMm !== undefined && canBeOutside(lengthMm, style, thread);
  const [hard] = said.all("hardness");
  const spec: WasherSpec = {
    part: "washer",
    style,
    thread,
    ...(toleranceClass === undefined ? {} : { toleranceClass }),
    ...quantityOf(said),
    ...(isOutside ? { outsideMm: lengthMm } : {}),
    ...(sizes.thickMm === undefined ? {} : { thickMm: sizes.thickMm }),
    ...(hard === undefined ? {} : { hardnessHv: hard.means.vickers }),
    ...made,
  };
  const left = [
    ...(after === "" || isOutside ? [] : [after]),
    ...contradicting(readWith, (means) => means.part === "washer" && means.style === style),
  ];
  const ofSeveral = isOutside && !WIDE.has(style) && said.isOfSeveral();
  return {
    result: finished(readWith, spec, [...unknown, ...left]),
    cost:
      against +
      left.length * AGAINST.unplaced +
      (isOutside ? AGAINST.length : 0) +
      (ofSeveral ? AGAINST.widthOfSeveral : 0),
  };
}
