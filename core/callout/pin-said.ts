import type { PinSpec } from "./fastener-spec";
import { PIN_KINDS } from "./kinds";
import type { Meaning } from "./meaning";
import { madeSaid, sameFinish } from "./made-said";
import {
  PLACES_OF_ALL,
  leftOut,
  quantityOf,
  readWithOf,
  refused,
  styled,
  withoutPlace,
} from "./part-said";
import { pinSizeIn, type PinSize } from "./pin-size";
import { contradicting, definedAs, finished } from "./pieces";
import type { Said } from "./said";
import { AGAINST, type Reading } from "./weigh";

/** A pin has no thread. */
const PLACES = {
  ...PLACES_OF_ALL,
  fit: 1,
  tolerance: 0,
  pitch: 0,
  tpi: 0,
  "left-hand": 0,
  thread: 0,
};

/** Diameter and length: "6 x 24", "1/8 x 1 1/2", "1/8 1 1/2"; a taper pin may have a number for its diameter. */
function sizeIn(text: string, numbered: number | undefined): PinSize | undefined {
  const bare = text.replace(/^[a-d](?=\d)/, "").replace(/(?<!\w)m ?(?=\d)/, "");
  const whole =
    numbered === undefined ? bare : `${numbered} in ${bare.replace(/^(?!x)(?=.)/, "x ")}`;
  return pinSizeIn(whole.trim());
}

const isShort = ({ diameterMm, lengthMm = diameterMm }: PinSize) => lengthMm < diameterMm;

/** "10 m6 x 50": what it is ground to stands behind its diameter; before it, "M6 x 24", the letter says that it is metric. */
function isFitBefore(said: Said): boolean {
  const [fit] = said.all("fit");
  return (
    fit !== undefined &&
    !said.items.some(({ from }) => from < fit.item.from && said.isLeftFigure(from))
  );
}

/** "Dowel pin": either noun is one of pins. */
const saysAgain = (means: Meaning, first: Meaning) =>
  sameFinish(means, first) ||
  (means.role === "part" && first.role === "part" && means.part === first.part);

/** Reads a pin out of what is said of it: its kind, diameter and length. */
export function pinOf(read: string, said: Said): Reading {
  const early = refused(read, said);
  if (early !== undefined) return early;
  const readWith = readWithOf(read, said);
  const look = styled(said, PIN_KINDS, "dowel", definedAs(readWith, "pin")?.style);
  const { style } = look;
  const numbered = said.all("pin-number")[0]?.means.inches;
  const { made, unplaced } = madeSaid(said);
  const places = { ...PLACES, "pin-number": style === "taper" ? 1 : 0 };
  const extra = [...withoutPlace(said, places, saysAgain), ...unplaced];
  const { unknown, against } = leftOut(said, look, extra);
  const soFar = against + (isFitBefore(said) ? AGAINST.unplaced : 0);
  const text = said.sizeText();
  const size = sizeIn(text, numbered);
  if (size === undefined) {
    return {
      result:
        unknown.length > 0
          ? { code: "callout-not-understood", read, words: unknown }
          : { code: "callout-length", read, length: text },
      cost: soFar + AGAINST.noThread,
    };
  }
  const fit = said.all("fit")[0]?.means.fit;
  const spec: PinSpec = {
    part: "pin",
    style,
    ...size,
    ...(fit === undefined ? {} : { fit }),
    ...quantityOf(said),
    ...made,
  };
  const left = contradicting(readWith, (means) => means.part === "pin" && means.style === style);
  return {
    result: finished(readWith, spec, [...unknown, ...left]),
    cost: soFar + left.length * AGAINST.unplaced + (isShort(size) ? AGAINST.shortPin : 0),
  };
}
