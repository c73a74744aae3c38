import {
  HEAD_WORDS,
  angleWords,
  hasFlats,
  isPipe,
  lastReading,
  leafWords,
  markWords,
  pitchWords,
  printFigure,
  printLength,
  readingOfMajor,
  readingWords,
  saidSpan,
  sideOf,
  widestReading,
  type MeasuredSizes,
  type PartKind,
  type Reading,
  type Units,
  taperFigure,
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
  /** For a low tag: the figure where it is short, else what is read there in one word. */
  readonly short: string;
}

type TagText = Pick<PanelTag, "label" | "figure">;

/** What was read, as it was said. */
function read(label: string, reading: Reading | undefined, units: Units): TagText {
  return reading === undefined ? { label } : { label, figure: readingWords(reading, units).figure };
}

/** The size over the crests: as it was said, between two holes, or at the large end of a taper. */
function sizeText(readings: readonly Reading[], units: Units): TagText {
  const label = "Ø over crests";
  const reading = readingOfMajor(readings);
  return reading?.kind === "taper-measured"
    ? { label, figure: printLength(reading.largeMm, units) }
    : read(label, reading, units);
}

/** What was counted or measured over inches gives threads to the inch. */
function saidInInches(readings: readonly Reading[]): boolean {
  const reading = lastReading(readings, "crest-to-crest") ?? lastReading(readings, "count");
  return reading !== undefined && saidSpan(reading, "mm").endsWith(" in");
}

/** A leaf keeps the mark it is stamped with; the label then gives the pitch in the units asked for. */
function pitchText(sizes: MeasuredSizes, readings: readonly Reading[], units: Units): TagText {
  if (sizes.pitchMm === undefined) return { label: "pitch" };
  const figure = pitchWords(sizes.pitchMm, units);
  const said = saidInInches(readings) ? pitchWords(sizes.pitchMm, "in") : figure;
  const mark = sizes.leaf === undefined ? said : leafWords(sizes.leaf);
  return { label: mark === figure ? "pitch" : `pitch, ${figure}`, figure: mark };
}

/** The form as it was seen: the flank angle, and the hand when it is left. */
function formText(readings: readonly Reading[]): TagText {
  const angle = lastReading(readings, "flank-angle");
  const left = lastReading(readings, "hand")?.hand === "left";
  if (angle !== undefined) {
    return { label: left ? "form, LH" : "form", figure: angleWords(angle.degrees) };
  }
  return left ? { label: "form", figure: "LH" } : { label: "form" };
}

/** The taper: measured at both ends, else as it was seen. */
function taperText(sizes: MeasuredSizes, readings: readonly Reading[], units: Units): TagText {
  const seen = lastReading(readings, "taper")?.tapered;
  if (sizes.taper === undefined) {
    if (seen === undefined) return { label: "taper" };
    return { label: "taper", figure: seen ? "tapered" : "parallel" };
  }
  const { smallMm, largeMm, apartMm, onDiameter: taper } = sizes.taper;
  const [small, large, apart] = [smallMm, largeMm, apartMm].map((mm) => printFigure(mm, units));
  return {
    label: `${small}–${large}, ${apart}`,
    figure: taperFigure(taper) ?? "none",
  };
}

/** The mark, and over it the head that bears it once that was seen. */
function markText(readings: readonly Reading[]): TagText {
  const mark = lastReading(readings, "head-mark")?.mark;
  const head = lastReading(readings, "head-style")?.head;
  const label = head === undefined ? "mark" : HEAD_WORDS[head];
  return mark === undefined ? { label } : { label, figure: markWords(mark) };
}

/** A figure of more letters does not fit a low tag. */
const SHORT_FIGURE = 10;

const SHORT: Readonly<Record<AnchorName, string>> = {
  form: "form",
  pitch: "pitch",
  size: "Ø",
  length: "length",
  flats: "flats",
  mark: "mark",
  taper: "taper",
};

type LongTag = Omit<PanelTag, "short">;

function withShort(tag: LongTag, inside: boolean): PanelTag {
  const { at, figure = "" } = tag;
  const word = at === "size" && inside ? "bore" : SHORT[at];
  return { ...tag, short: figure !== "" && figure.length <= SHORT_FIGURE ? figure : word };
}

/** A pipe end is tapered or not; of other parts it is shown once somebody saw or measured it. */
function showsTaper(part: PartKind, readings: readonly Reading[]): boolean {
  const seen = lastReading(readings, "taper")?.tapered === true;
  return isPipe(part) || seen || lastReading(readings, "taper-measured") !== undefined;
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
    ? read("bore", widestReading(readings, "internal-diameter"), units)
    : sizeText(readings, units);
  const thread: LongTag[] = [
    { at: "form", opens: "form", row: "top", ...formText(readings) },
    { at: "pitch", opens: "pitch", row: "top", ...pitchText(sizes, readings, units) },
    { at: "size", opens: "diameter", row: "top", ...size },
  ];
  const flats: LongTag = {
    at: "flats",
    opens: "flats",
    row: "bottom",
    ...read("across flats", widestReading(readings, "across-flats"), units),
  };
  const mark: LongTag = { at: "mark", opens: "head", row: "bottom", ...markText(readings) };
  const length: LongTag = {
    at: "length",
    opens: "length",
    row: "bottom",
    ...read("length", lastReading(readings, "length"), units),
  };
  const taper: LongTag = {
    at: "taper",
    opens: "taper",
    row: "bottom",
    ...taperText(sizes, readings, units),
  };
  const head = lastReading(readings, "head-style")?.head;
  const also: Readonly<Record<PartKind, readonly LongTag[]>> = {
    // What a key turns has no flats to measure across.
    bolt: head !== undefined && !hasFlats(head) ? [length, mark] : [length, flats, mark],
    stud: [length],
    nut: [flats, mark],
    "tapped-hole": [],
    "pipe-male": [],
    "pipe-female": [],
  };
  const tapers = showsTaper(part, readings) ? [taper] : [];
  return [...thread, ...also[part], ...tapers].map((tag) => withShort(tag, inside));
}
