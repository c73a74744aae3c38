import type { SizeNote, ThreadUse } from "../../catalogue/notes";
import type { Thread } from "../../catalogue/threads";
import { printLength, printPlain, printRange, type Units } from "../../measure";

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
  "insert-hole":
    "A hole prepared for a wire insert, or one whose insert came out. The screw that belongs in it is the thread it is named after.",
  "garden-hose": "Garden hose couplings, sealed by a washer.",
  "flare-fitting": "37° flare fittings (SAE J514).",
  "grease-nipple": "Grease nipples.",
  "sparking-plug": "Sparking plugs.",
  tripod: "Tripod and camera sockets (ISO 1222).",
  pedal: "Cycle pedals; the left one is left-hand.",
  "bottom-bracket": "Cycle bottom brackets; one side is left-hand.",
  "steering-column": "Cycle fork columns.",
  "gas-valve":
    "Gas cylinder valves and regulators; of gases that burn it is left-hand. Never adapted: the thread keeps the wrong gas out.",
  "grinder-spindle": "Spindles of hand-held grinders.",
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
