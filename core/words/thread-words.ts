import type { SizeNote, SizeRange, Thread, ThreadFamily, ThreadUse } from "../threads";
import {
  MM_PER_INCH,
  printLength,
  printPlain,
  printRange,
  tableDecimals,
  type Units,
} from "../units";

export const FAMILY_WORDS: Readonly<Record<ThreadFamily, string>> = {
  "iso-metric": "ISO metric",
  unified: "Unified inch",
  whitworth: "Whitworth",
  ba: "British Association",
  cycle: "Cycle",
  "pipe-parallel": "Pipe, parallel",
  "pipe-taper": "Pipe, taper",
  npt: "American pipe",
  trapezoidal: "Trapezoidal",
  acme: "Acme",
  square: "Square",
  conduit: "Conduit",
  hose: "Hose",
};

const USE_WORDS: Readonly<Record<ThreadUse, string>> = {
  general: "Bolts, screws and nuts in general.",
  "general-fine":
    "Where a fine pitch is wanted: thin walls, adjusters, bolts that must not shake loose.",
  "constant-pitch":
    "Large or special diameters that keep one pitch: collars, caps, pressure parts.",
  instrument: "Instruments, electrical parts and small screws of older British make.",
  "old-british": "Frames and castings of British machines, mostly before about 1965.",
  "old-british-fine": "Studs and moving parts of British machines, mostly before about 1965.",
  "brass-fittings": "Brass tube, lamps and thin fittings.",
  cycle: "Cycles and older light machines.",
  "pipe-face-seal":
    "Pipe unions, valves and instruments that seal on a washer or a face, not on the thread.",
  "pipe-thread-seal": "Pipe joints that seal on the thread, with tape or compound.",
  "power-screw": "Lead screws, vices and presses: screws that move a load.",
  "old-power-screw":
    "Old presses, vices and jacks. Sizes are practice, not a standard: measure it.",
  conduit: "Electrical conduit and cable glands.",
  "garden-hose": "Garden hose couplings, sealed by a washer.",
  "flare-fitting": "37° flare fittings (SAE J514).",
  "grease-nipple": "Grease nipples.",
  "sparking-plug": "Sparking plugs.",
  tripod: "Tripod and camera sockets (ISO 1222).",
  pedal: "Cycle pedals; the left one is left-hand.",
  "bottom-bracket": "Cycle bottom brackets; one side is left-hand.",
  "steering-column": "Cycle fork columns.",
};

/** What a thread is used for, as a sentence. */
export function threadUseWords(use: ThreadUse): string {
  return USE_WORDS[use];
}

/** A note on a size, as a sentence with its figures. */
export function sizeNoteWords(note: SizeNote, thread: Thread, units: Units): string {
  switch (note.code) {
    case "name-is-bore":
      return `The name is the bore, not the outside: ${thread.designation} measures ${printRange(note.minMm, note.maxMm, units)} over the crests.`;
    case "taper":
      return `Tapered 1 in ${printPlain(note.perMm)} on the diameter. The basic sizes stand ${printLength(note.gaugeMm, units)} (give or take ${printLength(note.gaugeToleranceMm, units)}) from the small end; ${printLength(note.usefulMm, units)} of thread is of use.`;
    case "dryseal":
      return "Dryseal (NPTF) has the same diameters and pitch with sharper crests and roots; the two screw together but only Dryseal seals dry.";
    case "internal-only":
      return "Only made as an internal thread.";
    case "number-name":
      return `The number is a name: it measures ${printLength(note.mm, units)} over the crests.`;
    case "unverified-sizes":
      return "Not verified: no standard was found that holds these sizes.";
  }
}

/** A band of sizes, or its one end: "9.732–9.968 mm", "10.000 mm at least". */
export function sizeRangeWords({ min, max }: SizeRange, units: Units): string {
  const decimals = tableDecimals(units);
  if (min !== undefined && max !== undefined) return printRange(min, max, units, decimals);
  if (max !== undefined) return `${printLength(max, units, decimals)} at most`;
  return min === undefined ? "free" : `${printLength(min, units, decimals)} at least`;
}

/** An area: "58 mm²" or "0.0899 in²". */
export function areaWords(mm2: number, units: Units): string {
  return units === "mm"
    ? `${printPlain(mm2, 1)} mm²`
    : `${printPlain(mm2 / MM_PER_INCH ** 2, 4)} in²`;
}

/** How a class is spoken of: "6g", "class A", "medium", or that its limits are an estimate. */
export function classNameWords(toleranceClass: string): string {
  if (toleranceClass === "A" || toleranceClass === "B") return `class ${toleranceClass}`;
  return toleranceClass === "internal" ? "standard" : toleranceClass;
}

/** What a flank angle is called: "60°", or "square" for none. */
export function angleWords(flankAngleDeg: number): string {
  return flankAngleDeg === 0 ? "square" : `${printPlain(flankAngleDeg)}°`;
}
