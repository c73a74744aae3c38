import type {
  FittingEnd,
  FittingEnds,
  FittingSpec,
  NutSpec,
  PinSpec,
  PlugSpec,
  WasherSpec,
} from "../../callout";
import { USUAL_CIRCUMSTANCES, type Circumstances } from "../../catalogue/circumstances";
import {
  nutSize,
  nutSpanner,
  plugTool,
  washerSize,
  type NutSize,
  type TurningTool,
  type WasherSize,
} from "../../catalogue/fasteners";
import {
  bandAt,
  gradesFor,
  isStocked,
  matchingNut,
  nutClassById,
  nutHolds,
  type Grade,
  type NutClass,
} from "../../catalogue/grades";
import { chartDrill, type ChartDrill } from "../../mend/holes";
import { confusedWith, type LookAlike } from "../../identify/look-alikes";
import { hexSpanner } from "../../catalogue/looks";
import { sealsOnThreads } from "../../identify/mating";
import { HARDENED_FROM_MPA, cautionsOf, type Caution } from "../replace";
import { basicSizes, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { pinFacts, type PinFacts } from "./pin-sheet";

/** What is asked for that is no screw, bolt or stud. */
export type PartSpec = NutSpec | WasherSpec | PlugSpec | FittingSpec | PinSpec;

/** Of the threads that it is mistaken for, as many as a sheet has room for. */
const MOST_ALIKE = 4;

interface Sheet {
  readonly circumstances: Circumstances;
  readonly cautions: readonly Caution[];
  /** Threads that it is mistaken for, and what they do together. */
  readonly alike: readonly LookAlike[];
}

/** Everything the product works out of a nut. */
export interface NutSheet extends Sheet {
  readonly part: "nut";
  readonly spec: NutSpec;
  readonly size: NutSize;
  /** Undefined where no width is held. */
  readonly spanner: TurningTool | undefined;
  /** As it was said; absent where it was not, or where nuts of the kind bear none. */
  readonly nutClass: NutClass | undefined;
  /** Classes of bolts in this size that break before the nut strips, the strongest last; none where no class was said. */
  readonly holds: readonly Grade[];
  /** Stocked classes that are too strong for it. */
  readonly strips: readonly Grade[];
  /** The class of nut that each stocked class of bolt wants, where none was said. */
  readonly wanted: readonly (readonly [bolt: Grade, nut: NutClass])[];
  readonly washer: WasherSize | undefined;
}

/** Everything the product works out of a washer. */
export interface WasherSheet extends Sheet {
  readonly part: "washer";
  readonly spec: WasherSpec;
  readonly size: WasherSize | undefined;
  /** The face that a hexagon's head or nut presses on it with, and the face that it presses with itself, mm2. */
  readonly underHeadMm2: number | undefined;
  readonly underWasherMm2: number | undefined;
  /** Stocked classes of bolts in this size under which a soft one sinks in. */
  readonly hardenedFor: readonly Grade[];
}

/** How a plug or a fitting closes: on its taper thread, or on a face with a seal under it. */
type PipeSeal = "on-threads" | "on-face";

/** An end of a plug or a fitting, and what its thread is made to go into or over. */
export interface PipeEnd {
  readonly thread: Thread;
  /** Whether the thread is outside or inside; undefined where nobody said. */
  readonly ends: FittingEnds | undefined;
  readonly seal: PipeSeal;
  /** The drill of the hole that its outside thread goes into. */
  readonly drill: ChartDrill;
  /** Over the crests of its outside thread; of a taper one at the gauge plane. */
  readonly acrossMm: Mm;
  /** Across the bore of its inside thread, between the crests. */
  readonly boreMm: Mm;
}

/** Everything the product works out of a plug. */
export interface PlugSheet extends Sheet {
  readonly part: "plug";
  readonly spec: PlugSpec;
  readonly ends: readonly [PipeEnd];
  /** Undefined where its kind was not said, or no table has its size. */
  readonly tool: TurningTool | undefined;
}

/** Everything the product works out of a pin. */
export interface PinSheet extends Sheet {
  readonly part: "pin";
  readonly spec: PinSpec;
  readonly facts: PinFacts;
}

/** Everything the product works out of a fitting. */
export interface FittingSheet extends Sheet {
  readonly part: "fitting";
  readonly spec: FittingSpec;
  /** One, where both have the same thread. */
  readonly ends: readonly PipeEnd[];
  /** What the thread of its other end is mistaken for. */
  readonly otherAlike: readonly LookAlike[];
}

export type PartSheet = NutSheet | WasherSheet | PlugSheet | FittingSheet | PinSheet;

const stocked = (thread: Thread) => gradesFor(thread).filter(isStocked);

function nutSheet(spec: NutSpec, common: Sheet): NutSheet {
  const { thread, style, nutClassId, madeTo } = spec;
  const size = nutSize(style, thread, madeTo);
  const nutClass = nutClassId === undefined ? undefined : nutClassById(nutClassId);
  const bolts = stocked(thread);
  const holds =
    nutClass === undefined ? [] : bolts.filter((one) => nutHolds(nutClass, one, thread));
  return {
    ...common,
    part: "nut",
    spec,
    size,
    spanner: size.acrossFlatsMm === undefined ? undefined : nutSpanner(size.acrossFlatsMm, thread),
    nutClass,
    holds,
    strips: nutClass === undefined ? [] : bolts.filter((one) => !holds.includes(one)),
    wanted:
      nutClass !== undefined
        ? []
        : bolts.flatMap((bolt) => {
            const nut = matchingNut(bolt, thread);
            return nut === undefined ? [] : [[bolt, nut] as const];
          }),
    washer: washerSize("flat", thread),
  };
}

/** Nearer than this a washer's width or thickness is that of its standard. */
const SAME_WIDTH_MM = 0.3;
/** ISO 7089: washers of this Vickers hardness go under classes to 10.9. */
const HARD_ENOUGH_HV = 300;

const ringMm2 = (outsideMm: Mm, boreMm: Mm) => (Math.PI / 4) * (outsideMm ** 2 - boreMm ** 2);

function washerSheet(spec: WasherSpec, common: Sheet): WasherSheet {
  const { thread, style, outsideMm, thickMm } = spec;
  const standard = washerSize(style, thread);
  const differs = (said: Mm | undefined, held: Mm) =>
    said !== undefined && Math.abs(said - held) > SAME_WIDTH_MM;
  const isOther =
    standard !== undefined &&
    (differs(outsideMm, standard.outsideMm) || differs(thickMm, standard.thickMm));
  const size = isOther ? undefined : standard;
  // A hexagon bears on a circle a little within its flats (ISO 4014: about 0.95 of them).
  const bearing = hexSpanner(thread)?.acrossFlatsMm;
  return {
    ...common,
    part: "washer",
    spec,
    size,
    underHeadMm2:
      size === undefined || bearing === undefined
        ? undefined
        : ringMm2(0.95 * bearing, size.boreMm),
    underWasherMm2: size === undefined ? undefined : ringMm2(size.outsideMm, size.boreMm),
    hardenedFor:
      (spec.hardnessHv ?? 0) >= HARD_ENOUGH_HV
        ? []
        : stocked(thread).filter(
            (bolt) => (bandAt(bolt, thread.majorMm)?.tensileMpa ?? 0) >= HARDENED_FROM_MPA,
          ),
  };
}

function pipeEnd({ thread, ends }: FittingEnd): PipeEnd {
  return {
    thread,
    ends,
    seal: sealsOnThreads(thread) ? "on-threads" : "on-face",
    drill: chartDrill(thread),
    acrossMm: thread.majorMm,
    boreMm: basicSizes(thread).minor,
  };
}

/** Of the threads that one is mistaken for, those that a sheet has room for. */
const alikeOf = (thread: Thread) => confusedWith(thread).slice(0, MOST_ALIKE);

/** Kinds whose ends go without saying. */
const TURNED: Partial<Readonly<Record<FittingSpec["style"], FittingEnds>>> = {
  nipple: "male",
  "hexagon-nipple": "male",
  coupling: "female",
  cap: "female",
};

/** The ends of a fitting, with what goes without saying: a reducing bush is male on its larger thread, female on its smaller. */
function turned({
  style,
  thread,
  ends,
  other,
}: FittingSpec): readonly [FittingEnd, FittingEnd | undefined] {
  const usual = TURNED[style];
  const side = ends ?? usual;
  const first: FittingEnd = { thread, ...(side === undefined ? {} : { ends: side }) };
  if (other === undefined) return [first, undefined];
  if (style !== "bush" || ends !== undefined || other.ends !== undefined) {
    return [first, usual === undefined ? other : { ends: usual, ...other }];
  }
  const larger = thread.majorMm >= other.thread.majorMm;
  return [
    { thread, ends: larger ? "male" : "female" },
    { thread: other.thread, ends: larger ? "female" : "male" },
  ];
}

function fittingSheet(spec: FittingSpec, common: Sheet): FittingSheet {
  const { thread, other } = spec;
  const [first, second] = turned(spec);
  const isSame = other?.thread.id === thread.id && other.thread.hand === thread.hand;
  return {
    ...common,
    part: "fitting",
    spec,
    ends: [pipeEnd(first), ...(second === undefined ? [] : [pipeEnd(second)])],
    otherAlike: other === undefined || isSame ? [] : alikeOf(other.thread),
  };
}

/** Works out the whole sheet of a nut, a washer, a plug or a fitting: pure, the same for the screen and on paper. */
export function partSheet(
  spec: PartSpec,
  { circumstances = USUAL_CIRCUMSTANCES }: { readonly circumstances?: Circumstances } = {},
): PartSheet {
  const common: Sheet = {
    circumstances,
    cautions: cautionsOf(spec, circumstances),
    alike: spec.part === "washer" || spec.part === "pin" ? [] : alikeOf(spec.thread),
  };
  switch (spec.part) {
    case "nut":
      return nutSheet(spec, common);
    case "washer":
      return washerSheet(spec, common);
    case "plug":
      return {
        ...common,
        part: "plug",
        spec,
        ends: [pipeEnd({ thread: spec.thread, ends: "male" })],
        tool: spec.drive === undefined ? undefined : plugTool(spec.drive, spec.thread),
      };
    case "pin":
      return { ...common, part: "pin", spec, facts: pinFacts(spec) };
    case "fitting":
      return fittingSheet(spec, common);
  }
}
