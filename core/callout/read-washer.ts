import type { WasherStyle } from "../catalogue/fasteners";
import type { Thread } from "../catalogue/threads";
import type { Mm } from "../measure";
import type { CalloutProblem, FastenerSpec, WasherSpec } from "./fastener-spec";
import { ownMeaning } from "./own-words";
import { WASHER_PHRASES } from "./phrases";
import { definedAs, ofAnyThread, partOfThread, takeMade, type Pieces, type Sized } from "./pieces";
import { ofBolt, styleOf } from "./read-nut";
import type { Remaining } from "./read-words";
import { canBeOutside, thickOf } from "./washer-figures";

/** BS 4320: the forms of plain washers that are as wide as the usual one. */
const FORM = /(?<![\w/])form ?[a-c](?![\w/])/i;
const COPPER = /(?<![\w/])cu(?![\w/])/i;
const VICKERS = /(?<![\w/.])(?:(\d{3}) ?hv|hv ?(\d{3}))(?![\w/])/i;

function takeVickers(remaining: Remaining): Pick<WasherSpec, "hardnessHv"> {
  const found = remaining.take(VICKERS);
  return found === undefined ? {} : { hardnessHv: Number(found[1] ?? found[2]) };
}

/** "M8 x 25": what stands after the thread of a washer as a length, where it can be its width. */
function outsideOf(sized: Sized, style: WasherStyle): Mm | undefined {
  if ("code" in sized || sized.lengthMm === undefined) return undefined;
  return canBeOutside(sized.lengthMm, style, sized.thread) ? sized.lengthMm : undefined;
}

/** "2 mm thick". */
const THICK = /(?:x ?)?(?<![\w.])(\d+(?:\.\d+)?) ?mm thick\b/i;
/** "25 mm OD": a width by its name. */
const OUTSIDE_NAMED = /(?<!\w)(?:o\.?\/?d\.?|outside(?: dia(?:meter)?)?)(?!\w)/i;
const FIGURE = String.raw`(\d[\d/ .-]*|\.\d+) ?(mm|in|")?`;
const LAST_FIGURE = new RegExp(String.raw` ?x ?${FIGURE}[ \u0001,;]*$`, "i");

/** Takes how thick it is: said so, or the figure behind its hole and a larger outside. */
function takeThickness(remaining: Remaining): Pick<WasherSpec, "thickMm"> {
  const said = remaining.take(THICK)?.[1];
  if (said !== undefined) return { thickMm: Number(said) };
  const thickMm = thickOf(remaining.rest());
  if (thickMm === undefined) return {};
  remaining.take(LAST_FIGURE);
  return { thickMm };
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
  pieces.remaining.take(OUTSIDE_NAMED);
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
