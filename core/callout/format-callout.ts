import { goesByInches } from "../catalogue/heads";
import { drivesOf, type HeadStyle } from "../catalogue/looks";
import type { Thread } from "../catalogue/threads";
import {
  inchesFromMm,
  nearestFraction,
  printFraction,
  printPlain,
  type Mm,
  type Units,
} from "../measure";
import { coatAtEnd, isCoat } from "./coats";
import {
  goingWith,
  type FastenerSpec,
  type FittingSpec,
  type NutSpec,
  type PinSpec,
  type PlugSpec,
  type ScrewSpec,
  type StudEnd,
  type StudPlace,
  type ThreadedSpec,
  type WasherSpec,
} from "./fastener-spec";
import {
  DRIVE_PHRASES,
  FINISH_PHRASES,
  HEAD_PHRASES,
  NUT_PHRASES,
  PIN_PHRASES,
  FITTING_PHRASES,
  PLUG_PHRASES,
  POINT_PHRASES,
  WASHER_PHRASES,
  writtenFor,
} from "./phrases";
import { gradeWritten, nutClassWritten } from "./read-grade";

type Sized = Pick<ThreadedSpec, "thread" | "toleranceClass">;

/** A coarse metric thread is written without its pitch (ISO 965-1), unless it stands beside another of its size. */
function sizeWritten({ thread, toleranceClass }: Sized, inFull = false): string {
  const { designation, family, series, majorMm, hand, starts } = thread;
  const plain = family === "iso-metric" && series === "coarse" && starts === 1 && !inFull;
  const size = plain ? `M${printPlain(majorMm)}` : designation;
  // ISO 228 writes the class of a pipe thread after a space: "G 1/2 A".
  const before = family === "pipe-parallel" ? " " : "-";
  const classed = toleranceClass === undefined ? size : `${size}${before}${toleranceClass}`;
  return hand === "left" ? `${classed} LH` : classed;
}

/** Nearer than this a length is the fraction of an inch, or the millimetre, that it was said as. */
const SAME_MM = 0.001;

/** A length as orders in a unit write it: "40", "1-1/2", "1.57", "25 mm". */
function figureIn(mm: Mm, units: Units): string {
  if (units === "mm") return printPlain(mm, 2);
  const { fraction, differenceMm } = nearestFraction(mm, 64);
  if (Math.abs(differenceMm) < SAME_MM) return printFraction(fraction).replace(" ", "-");
  const isWholeMm = Math.abs(mm - Math.round(mm)) < SAME_MM;
  return isWholeMm ? `${Math.round(mm)} mm` : printPlain(inchesFromMm(mm), 4);
}

/** A length as its thread's system writes it: "40", "1-1/2", "1.57". */
export function lengthWritten(lengthMm: Mm, thread: Thread): string {
  return figureIn(lengthMm, goesByInches(thread) ? "in" : "mm");
}

function headWritten(head: HeadStyle, { drive, fullThread, thread }: ScrewSpec): string {
  const phrases = HEAD_PHRASES.filter(({ means }) => means.head === head);
  const exact = phrases.find(
    ({ means }) => means.drive === drive && (means.fullThread ?? false) === (fullThread ?? false),
  );
  const usual = phrases.find(({ means }) => means.drive === undefined && !means.fullThread);
  // "Hex cap screw" is the inch trade's word, "hex bolt" the metric one's.
  const inchHex = head === "hex" && goesByInches(thread) && !fullThread;
  const found = head === "hex" && !inchHex && !fullThread ? phrases.at(-1) : (exact ?? usual);
  const written = found?.written ?? head;
  const saysDrive =
    drive === undefined || found?.means.drive === drive || drive === drivesOf(head)[0];
  const driven = saysDrive ? written : `${writtenFor(DRIVE_PHRASES, drive)} ${written}`;
  return fullThread && found?.means.fullThread !== true ? `${driven} full thread` : driven;
}

/** What was said of a screw whose head was not. */
function headlessWords({ drive, fullThread }: ScrewSpec): string {
  const driven = drive === undefined ? "" : ` ${writtenFor(DRIVE_PHRASES, drive)}`;
  return fullThread ? `${driven} full thread` : driven;
}

/** A coat of the last part alone stands before it, since behind it would be said of all. */
function coatFirst({ finish, quantity, ...part }: NutSpec | WasherSpec): string {
  const counted = quantity === undefined ? "" : `${quantity} off `;
  const coat = finish === undefined ? "" : `${writtenFor(FINISH_PHRASES, finish)} `;
  return `${counted}${coat}${formatCallout(part)}`;
}

/** The nut and the washers that are asked for with a part, each as it is written. */
function goingWithWritten(spec: ScrewSpec | NutSpec | PlugSpec): readonly string[] {
  const parts = goingWith(spec);
  const coated = [spec, ...parts].filter(({ finish }) => isCoat(finish));
  const lastAlone = coated.length === 1 && coated[0] === parts.at(-1);
  return parts.map((part) => {
    const written = formatCallout(part);
    const saidOfAll = lastAlone && part === coated[0] && coatAtEnd(written) !== undefined;
    return saidOfAll ? coatFirst(part) : written;
  });
}

function withTogether(spec: ScrewSpec | NutSpec | PlugSpec, parts: readonly string[]): string {
  const own = parts.join(", ");
  const together = goingWithWritten(spec);
  return together.length === 0 ? own : `${own} with ${together.join(" and ")}`;
}

const PLACE_WRITTEN: Readonly<Record<StudPlace, string>> = {
  "in-hole": "tap end",
  "under-nut": "nut end",
};

/** An end of a stud: "M10 x 1.5 x 25 thread tap end". */
function endWritten(end: StudEnd): string {
  const { thread, threadMm, goes } = end;
  const far = threadMm === undefined ? "" : ` x ${lengthWritten(threadMm, thread)} thread`;
  const place = goes === undefined ? "" : ` ${PLACE_WRITTEN[goes]}`;
  return `${sizeWritten(end, true)}${far}${place}`;
}

/** The thread of a screw, or both of a stud whose ends were said one by one. */
function threadsWritten(spec: ScrewSpec): string {
  const { otherEnd } = spec;
  return otherEnd === undefined
    ? sizeWritten(spec)
    : `${endWritten(spec)} / ${endWritten(otherEnd)}`;
}

function screwWritten(spec: ScrewSpec): string {
  const { thread, lengthMm, point, gradeId, hardnessClass, head } = spec;
  const length = lengthMm === undefined ? "" : ` x ${lengthWritten(lengthMm, thread)}`;
  const ended = point === undefined ? "" : ` ${writtenFor(POINT_PHRASES, point)}`;
  const named = head === undefined ? headlessWords(spec) : ` ${headWritten(head, spec)}`;
  const steel = gradeId !== undefined && /^[ACF]\d-/.test(gradeId);
  const parts = [
    `${threadsWritten(spec)}${length}${named}${ended}`,
    ...(gradeId === undefined ? [] : [gradeWritten(gradeId)]),
    ...(hardnessClass === undefined ? [] : [hardnessClass]),
    ...madeOf(spec, steel),
    ...(spec.madeTo === undefined ? [] : [spec.madeTo]),
  ];
  return withTogether(spec, parts);
}

/** "class 8", "A4-70" where the steel was said, else "stainless 70". */
function classWritten(nutClassId: string, { steel }: NutSpec): string {
  return steel === undefined
    ? nutClassWritten(nutClassId)
    : `${steel}-${nutClassId.replace("nut-stainless-", "")}`;
}

/** The steel or the finish, as what follows the part; a stainless class says its finish itself. */
function madeOf({ steel, finish }: FastenerSpec, saidByClass = false): string[] {
  const unsaid = finish === undefined || (saidByClass && finish === "stainless");
  if (saidByClass || steel === undefined) {
    return unsaid ? [] : [writtenFor(FINISH_PHRASES, finish)];
  }
  return [steel];
}

function pinSize({ diameterMm, fit, lengthMm, units }: PinSpec): string {
  const ground = fit === undefined ? "" : ` ${fit}`;
  const length = lengthMm === undefined ? "" : ` x ${figureIn(lengthMm, units)}`;
  const size = `${figureIn(diameterMm, units)}${ground}${length}`;
  // A fraction is inches by itself; any other inch figure says so.
  return units === "in" && !size.includes("/") ? `${size} in` : size;
}

function nutWritten(spec: NutSpec): string {
  const { style, lengthMm, nutClassId, thread } = spec;
  const length = lengthMm === undefined ? "" : ` x ${lengthWritten(lengthMm, thread)}`;
  const stainless = nutClassId?.startsWith("nut-stainless") ?? false;
  return withTogether(spec, [
    `${sizeWritten(spec)}${length} ${writtenFor(NUT_PHRASES, style)}`,
    ...(nutClassId === undefined ? [] : [classWritten(nutClassId, spec)]),
    ...madeOf(spec, stainless),
    ...(spec.madeTo === undefined ? [] : [spec.madeTo]),
  ]);
}

function fittingWritten(spec: FittingSpec): string {
  const { ends, lengthMm, other, style, thread } = spec;
  const length = lengthMm === undefined ? [] : ["x", lengthWritten(lengthMm, thread)];
  const second =
    other === undefined ? [] : ["x", sizeWritten({ ...spec, thread: other.thread }), other.ends];
  const words = [sizeWritten(spec), ...length, ends, ...second, writtenFor(FITTING_PHRASES, style)];
  return [words.filter((word) => word !== undefined).join(" "), ...madeOf(spec)].join(", ");
}

function washerWritten(spec: WasherSpec): string {
  const { thread, style, outsideMm, thickMm, hardnessHv } = spec;
  const outside = outsideMm === undefined ? "" : ` x ${lengthWritten(outsideMm, thread)}`;
  const thick = thickMm === undefined ? "" : ` x ${lengthWritten(thickMm, thread)}`;
  const across = outside === "" ? "" : `${outside}${thick}`;
  const alone =
    outside === "" && thickMm !== undefined ? ` ${printPlain(thickMm, 2)} mm thick` : "";
  return [
    `${sizeWritten(spec)}${across} ${writtenFor(WASHER_PHRASES, style)}${alone}`,
    ...(hardnessHv === undefined ? [] : [`${hardnessHv} HV`]),
    ...madeOf(spec),
  ].join(", ");
}

function bodyOf(spec: FastenerSpec): string {
  switch (spec.part) {
    case "screw":
      return screwWritten(spec);
    case "nut":
      return nutWritten(spec);
    case "washer":
      return washerWritten(spec);
    case "plug":
      return withTogether(spec, [
        `${sizeWritten(spec)} ${writtenFor(PLUG_PHRASES, spec.drive ?? "unsaid")}`,
        ...madeOf(spec),
      ]);
    case "fitting":
      return fittingWritten(spec);
    case "pin":
      return [`${pinSize(spec)} ${writtenFor(PIN_PHRASES, spec.style)}`, ...madeOf(spec)].join(
        ", ",
      );
  }
}

/**
 * A part as a drawing or an order calls it out, in the convention of its thread: "M10 x 40 hex bolt, 8.8, zinc",
 * "1/2-13 UNC x 1-1/2 hex cap screw, grade 5, zinc", "M6 nylon insert nut, class 8". `parseCallout` reads it back.
 */
export function formatCallout(spec: FastenerSpec): string {
  const { quantity } = spec;
  return quantity === undefined ? bodyOf(spec) : `${quantity} off ${bodyOf(spec)}`;
}
