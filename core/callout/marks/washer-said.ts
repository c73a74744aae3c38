import type { Thread } from "../../catalogue/threads";
import type { WasherSpec } from "../fastener-spec";
import { contradicting, definedAs, finished } from "../pieces";
import { WASHER_KINDS } from "./kinds";
import type { Meaning } from "./meaning";
import {
  PLACES_OF_ALL,
  finishOf,
  quantityOf,
  readWithOf,
  refused,
  styled,
  withoutPlace,
} from "./part-said";
import { sizeOfSaid, type Said } from "./said";
import { AGAINST, type Reading } from "./weigh";

/** A washer has a hardness, and no thread of its own where it goes with another part. */
const PLACES = { ...PLACES_OF_ALL, hardness: 1 };
const PLACES_WITHOUT_THREAD = { ...PLACES, pitch: 0, tpi: 0, tolerance: 0, "left-hand": 0 };

/** A steel of washers, which have no strength: "A4". */
function steelOf(means: Meaning | undefined): string | undefined {
  if (means?.role !== "class" || means.named.by !== "steel") return undefined;
  return means.named.strength === undefined ? means.named.steel : undefined;
}

const saysAgain = (means: Meaning, first: Meaning) =>
  means.role === "finish" && first.role === "finish" && first.finish === means.finish;

/** Reads a washer that goes with another part, of its thread unless it says its own. */
export function washerWith(read: string, said: Said, ofPart: Thread): Reading {
  const early = refused(read, said);
  if (early !== undefined) return early;
  const readWith = readWithOf(read, said);
  const text = said.sizeText();
  const own = /\d.*[a-z#/-]|[a-z#].*\d/i.test(text) ? sizeOfSaid(said, readWith, {}) : undefined;
  const isOwn = own?.kind === "found";
  const after = isOwn ? own.after : text;
  const [steel] = said.all("class");
  const ofSteel = steelOf(steel?.means);
  const look = styled(said, WASHER_KINDS, "flat", definedAs(readWith, "washer")?.style);
  const extra = [
    ...withoutPlace(said, isOwn ? PLACES : PLACES_WITHOUT_THREAD, saysAgain),
    ...(steel !== undefined && ofSteel === undefined ? [steel.item] : []),
  ];
  const [hard] = said.all("hardness");
  const finish = ofSteel === undefined ? finishOf(said) : "stainless";
  const spec: WasherSpec = {
    part: "washer",
    style: look.style,
    thread: isOwn ? own.thread : ofPart,
    ...quantityOf(said),
    ...(hard === undefined ? {} : { hardnessHv: hard.means.vickers }),
    ...(finish === undefined ? {} : { finish }),
    ...(ofSteel === undefined ? {} : { steel: ofSteel }),
  };
  const left = [
    ...(after === "" ? [] : [after]),
    ...contradicting(readWith, (means) => means.part === "washer" && means.style === look.style),
  ];
  const unknown = said.unplaced([...look.unplaced, ...extra]);
  return {
    result: finished(readWith, spec, [...unknown, ...left]),
    cost:
      (extra.length + left.length) * AGAINST.unplaced +
      (look.unplaced.length > 0 ? AGAINST.kinds : 0),
  };
}
