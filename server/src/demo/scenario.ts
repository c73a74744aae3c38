import type { PartKind, Reading } from "@root-gauge/core";
import type { Duty, PartMetal } from "@root-gauge/core/catalogue/circumstances";
import type { PositionState } from "@root-gauge/core/record";

/** How the fitter took the pitch. */
type PitchMethod = "leaf" | "count" | "crest-to-crest";

/** A fastener of the scenario as it truly is; the readings are drawn from it. */
export interface DemoFastener {
  readonly position: string;
  /** A thread of the catalogue by id. */
  readonly truth: string;
  readonly pitchBy: PitchMethod;
  /** What it is, where it is not a bolt: a nut or a hole is read by its bore. */
  readonly part?: PartKind;
  /** What was seen besides: form, taper, origin, what it is. */
  readonly seen?: readonly Reading[];
  /** What goes in, and what hangs on the joint where it is not an ordinary one. */
  readonly goesIn?: { readonly callout: string; readonly duty?: Duty; readonly metal?: PartMetal };
  /** How many alike there are; one where nothing is said. */
  readonly alike?: number;
  /** How the position stands now; as what was found leaves it where nothing is said. */
  readonly state?: PositionState;
  readonly notes: string;
}

export interface DemoMachine {
  readonly name: string;
  readonly origin: string;
  readonly year: number | null;
  /** Where it stands in the works. */
  readonly stands: string;
  readonly fasteners: readonly DemoFastener[];
}

/** Osier Lane Print Works, a working letterpress shop and bindery. Made up, like everything in it. */
export const OSIER_LANE_PRINT_WORKS: readonly DemoMachine[] = [
  {
    name: "Harrow treadle platen",
    origin: "Britain",
    year: 1926,
    stands: "Front shop, by the window",
    fasteners: [
      {
        position: "Frame bolt, lower left",
        truth: "bsw-1/2-12",
        pitchBy: "leaf",
        seen: [{ kind: "length", mm: 63.5 }],
        goesIn: { callout: "1/2-12 BSW x 2-1/2 hex bolt", metal: "cast-iron" },
        notes: "Original bolt, no mark on the head.",
      },
      {
        position: "Treadle adjuster",
        truth: "bsf-5/16-22",
        pitchBy: "leaf",
        seen: [{ kind: "length", mm: 38 }],
        goesIn: { callout: "5/16-22 BSF x 1-1/2 hex bolt" },
        notes: "",
      },
      {
        position: "Roller hook, left",
        truth: "ba-2",
        pitchBy: "crest-to-crest",
        seen: [{ kind: "origin", place: "britain", before: 1930 }],
        notes: "",
      },
      {
        position: "Flywheel nut",
        truth: "bsw-3/4-10",
        pitchBy: "leaf",
        part: "nut",
        seen: [
          { kind: "hand", hand: "left" },
          { kind: "origin", place: "britain", before: 1930 },
          { kind: "flank-angle", degrees: 55 },
        ],
        notes: "Left-hand: it tightens as the wheel turns.",
      },
      {
        position: "Ink disc bracket",
        truth: "iso-m6x1",
        pitchBy: "leaf",
        notes: "Not original: replaced at some time.",
      },
      {
        position: "Motor plate, rear right",
        truth: "iso-m10x1.5",
        pitchBy: "count",
        seen: [{ kind: "length", mm: 40 }],
        goesIn: { callout: "M10 x 40 hex bolt, 8.8, zinc" },
        notes: "The motor was added later.",
      },
      {
        position: "Belt guard stud",
        truth: "unc-3/8-16",
        pitchBy: "leaf",
        notes: "Guard: fit the same grade or better, and both washers.",
      },
    ],
  },
  {
    name: "Union lever guillotine",
    origin: "United States",
    year: 1951,
    stands: "Bindery",
    fasteners: [
      {
        position: "Clamp bar, left front",
        truth: "unc-1/2-13",
        pitchBy: "leaf",
        seen: [
          { kind: "head-mark", mark: "lines:3" },
          { kind: "across-flats", mm: 18.9 },
          { kind: "length", mm: 44.5 },
          { kind: "head-style", head: "hex" },
        ],
        goesIn: { callout: "1/2-13 UNC x 1-3/4 hex cap screw, grade 5, zinc" },
        notes: "Three lines on the head.",
      },
      {
        position: "Blade screw, third from left",
        truth: "unf-3/8-24",
        pitchBy: "crest-to-crest",
        notes: "Holds the blade: the maker's specification rules.",
      },
      {
        position: "Guard, upper right",
        truth: "unc-7/16-14",
        pitchBy: "leaf",
        seen: [
          { kind: "head-mark", mark: "lines:3" },
          { kind: "length", mm: 57.1 },
          { kind: "head-style", head: "hex" },
        ],
        goesIn: {
          callout: "7/16-14 UNC x 2-1/4 hex cap screw, grade 5, zinc",
          duty: "safety-critical",
          metal: "cast-iron",
        },
        notes: "Safety-critical joint: the maker's specification and local rules decide.",
      },
      {
        position: "Back gauge scale",
        truth: "unc-1/4-20",
        pitchBy: "count",
        seen: [{ kind: "length", mm: 19 }],
        goesIn: { callout: "1/4-20 UNC x 3/4 hex cap screw, grade 5" },
        notes: "",
      },
    ],
  },
  {
    name: "Kestrel cylinder proofer",
    origin: "Germany",
    year: 1968,
    stands: "Proofing room",
    fasteners: [
      {
        position: "Side cover, rear",
        truth: "iso-m8x1.25",
        pitchBy: "leaf",
        notes: "Into light alloy; the hole beside it is stripped.",
      },
      {
        position: "Impression adjuster",
        truth: "iso-m10x1.25",
        pitchBy: "leaf",
        seen: [{ kind: "length", mm: 50 }],
        goesIn: { callout: "M10 x 1.25 x 50 hex bolt, 8.8" },
        notes: "",
      },
      {
        position: "Bed bearer, near end",
        truth: "iso-m12x1.75",
        pitchBy: "count",
        goesIn: { callout: "M12 x 50 socket cap screw, 12.9, plain", metal: "cast-iron" },
        notes: "12.9 socket screw into cast iron.",
      },
      {
        position: "Gripper bar",
        truth: "iso-m5x0.8",
        pitchBy: "crest-to-crest",
        seen: [{ kind: "length", mm: 16 }],
        goesIn: { callout: "M5 x 16 socket cap screw, 12.9, plain" },
        notes: "",
      },
    ],
  },
  {
    name: "Damp-room air and water line",
    origin: "mixed",
    year: null,
    stands: "Damp room and compressor shed",
    fasteners: [
      {
        position: "Port of the regulator",
        truth: "g-1/2",
        pitchBy: "leaf",
        seen: [
          { kind: "function", what: "pipe-fitting" },
          { kind: "taper", tapered: false },
        ],
        notes:
          "Weeps: an American nipple was forced in. Pressure: the maker's specification rules.",
      },
      {
        position: "Nipple taken out",
        truth: "npt-1/2",
        pitchBy: "crest-to-crest",
        seen: [
          { kind: "taper", tapered: true },
          { kind: "flank-angle", degrees: 60 },
        ],
        notes: "",
      },
      {
        position: "Drain cock",
        truth: "r-3/8",
        pitchBy: "leaf",
        seen: [
          { kind: "taper", tapered: true },
          { kind: "flank-angle", degrees: 55 },
        ],
        notes: "",
      },
    ],
  },
  {
    name: "Folding machine",
    origin: "Japan",
    year: 1987,
    stands: "Bindery",
    fasteners: [
      {
        position: "Fold plate stop",
        truth: "iso-m8x1",
        pitchBy: "leaf",
        notes: "",
      },
      {
        position: "Lead screw of the side lay",
        truth: "tr-16x4",
        pitchBy: "crest-to-crest",
        notes: "",
      },
    ],
  },
  {
    name: "Nipping press",
    origin: "unknown",
    year: 1890,
    stands: "Bindery, on the stone",
    fasteners: [
      {
        position: "Main screw",
        truth: "square-1-1/2-3",
        pitchBy: "crest-to-crest",
        seen: [
          { kind: "flank-angle", degrees: 0 },
          { kind: "function", what: "power-screw" },
        ],
        notes: "Worn, no mark at all.",
      },
    ],
  },
];
