import {
  HEAD_WORDS,
  angleWords,
  lastReading,
  leafWords,
  markWords,
  pitchWords,
  printFigure,
  printLength,
  printPlain,
  sideOf,
  type MeasuredSizes,
  type PartKind,
  type Reading,
  type Units,
} from "@root-gauge/core";
import type { PanelName } from "../shell/use-panel";

/** The places of a drawing that a tag may point to. */
export type AnchorName = "form" | "pitch" | "size" | "length" | "flats" | "mark" | "taper";

/** A tag on the drawing: what is read there, and what was. */
export interface PanelTag {
  readonly at: AnchorName;
  readonly opens: PanelName;
  readonly row: "top" | "bottom";
  readonly label: string;
  /** Absent while nothing was read. */
  readonly figure?: string;
}

type TagText = Pick<PanelTag, "label" | "figure">;

const read = (label: string, mm: number | undefined, units: Units): TagText =>
  mm === undefined ? { label } : { label, figure: printLength(mm, units) };

/** A leaf keeps the mark it is stamped with; the label then gives the pitch in the units asked for. */
function pitchText(sizes: MeasuredSizes, units: Units): TagText {
  if (sizes.pitchMm === undefined) return { label: "pitch" };
  const figure = pitchWords(sizes.pitchMm, units);
  const mark = sizes.leaf === undefined ? figure : leafWords(sizes.leaf);
  return { label: mark === figure ? "pitch" : `pitch, ${figure}`, figure: mark };
}

/** The form as it was seen: the flank angle, the hand when it is left, or the taper. */
function formText(readings: readonly Reading[]): TagText {
  const angle = lastReading(readings, "flank-angle");
  const hand = lastReading(readings, "hand");
  const taper = lastReading(readings, "taper");
  const left = hand?.hand === "left" ? "LH" : undefined;
  const shape = taper && (taper.tapered ? "tapered" : "parallel");
  if (angle !== undefined) {
    const label = ["form", left ?? shape].filter(Boolean).join(", ");
    return { label, figure: angleWords(angle.degrees) };
  }
  const figure = [left, shape].filter(Boolean).join(", ");
  return figure === "" ? { label: "form" } : { label: "form", figure };
}

function taperText(sizes: MeasuredSizes, units: Units): TagText {
  if (sizes.taper === undefined) return { label: "both ends, apart" };
  const { smallMm, largeMm, apartMm, onDiameter: taper } = sizes.taper;
  const [small, large, apart] = [smallMm, largeMm, apartMm].map((mm) => printFigure(mm, units));
  return {
    label: `${small}–${large}, ${apart}`,
    figure: taper < 0.004 ? "none" : `1 in ${printPlain(1 / taper, 0)}`,
  };
}

/** The mark, and over it the head that bears it once that was seen. */
function markText(readings: readonly Reading[]): TagText {
  const mark = lastReading(readings, "head-mark")?.mark;
  const head = lastReading(readings, "head-style")?.head;
  const label = head === undefined ? "mark" : HEAD_WORDS[head];
  return mark === undefined ? { label } : { label, figure: markWords(mark) };
}

/** The tags of a part's drawing: what can be read of such a part. */
export function tagsOf(
  part: PartKind,
  sizes: MeasuredSizes,
  readings: readonly Reading[],
  units: Units,
): readonly PanelTag[] {
  const inside = sideOf(part) === "internal";
  const size = inside
    ? read("bore", sizes.boreMm, units)
    : read("Ø over crests", sizes.majorMm, units);
  const thread: PanelTag[] = [
    { at: "form", opens: "form", row: "top", ...formText(readings) },
    { at: "pitch", opens: "pitch", row: "top", ...pitchText(sizes, units) },
    { at: "size", opens: "diameter", row: "top", ...size },
  ];
  const flats: PanelTag = {
    at: "flats",
    opens: "flats",
    row: "bottom",
    ...read("across flats", sizes.flatsMm, units),
  };
  const mark: PanelTag = { at: "mark", opens: "head", row: "bottom", ...markText(readings) };
  const length: PanelTag = {
    at: "length",
    opens: "length",
    row: "bottom",
    ...read("length", sizes.lengthMm, units),
  };
  const taper: PanelTag = {
    at: "taper",
    opens: "taper",
    row: "bottom",
    ...taperText(sizes, units),
  };
  const also: Readonly<Record<PartKind, readonly PanelTag[]>> = {
    bolt: [length, flats, mark],
    stud: [length],
    nut: [flats, mark],
    "tapped-hole": [],
    "pipe-male": [taper],
    "pipe-female": [],
  };
  return [...thread, ...also[part]];
}
