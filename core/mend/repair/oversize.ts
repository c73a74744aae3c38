import {
  chartDrill,
  clearanceHoles,
  ownedDrills,
  percentThread,
  type ClearanceHoles,
  type Drill,
  type OwnedTools,
  type WorkMaterial,
} from "../holes";
import { stressArea } from "../../decide/joints";
import { strippingAreas } from "../../identify/mating";
import { catalogue, isPipeThread, isSelectedMetric, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { wallCheck, type WallCheck } from "./walls";

/** A hole that has to go up a size. */
export interface OversizeRequest {
  /** Widest diameter to be cleaned away. */
  readonly boreMm: Mm;
  /** Taken off beyond it, on the diameter. */
  readonly cleanupMm?: Mm;
  /** What was in it. */
  readonly original?: Thread;
  /** A screw's thread, or a plug's too. */
  readonly purpose?: "screw" | "plug";
  readonly leastPercent?: number;
  /** From the centre to the edge. */
  readonly edgeMm?: Mm;
  readonly material?: WorkMaterial;
  readonly tools?: OwnedTools;
  readonly most?: number;
}

/** A larger thread that a torn hole takes, and how it stands to the one that was there. */
export interface OversizeThread {
  readonly thread: Thread;
  readonly drill: Drill;
  readonly percent: number;
  readonly wall?: WallCheck;
  readonly clearance?: ClearanceHoles;
  /** Stress area, and shear area of the hole, against the original's. */
  readonly boltRatio?: number;
  readonly holeRatio?: number;
  /** Torque at the same clamp load. */
  readonly torqueRatio?: number;
}

const SCREW_SERIES = new Set(["UNC", "UNF", "BSW", "BSF"]);
const PLUG_SERIES = new Set(["G", "R", "NPT", "fine"]);

/** By its drill so much of a thread must stand, percent. */
const LEAST_PERCENT = 60;
const MOST_SHOWN = 8;

/** A pipe port goes up to the next of its own series, which a reducing bush is made for. */
function isOffered(
  thread: Thread,
  purpose: "screw" | "plug",
  original: Thread | undefined,
): boolean {
  const { family, series, only } = thread;
  if (only === "external" || family === "insert-tapped") return false;
  if (original !== undefined && isPipeThread(original)) {
    return family === original.family && series === original.series;
  }
  if (purpose === "plug" && PLUG_SERIES.has(series)) return true;
  return family === "iso-metric" ? isSelectedMetric(thread) : SCREW_SERIES.has(series);
}

/** The charted drill where it cleans the hole, else the next on hand that does. */
function cleaningDrill(thread: Thread, boreMm: Mm, drills: readonly Drill[]): Drill | undefined {
  const charted = chartDrill(thread).drill;
  const owned = drills.some(({ mm }) => Math.abs(mm - charted.mm) < 1e-6);
  if (owned && charted.mm >= boreMm - 1e-9) return charted;
  const least = Math.max(boreMm, charted.mm);
  return drills.find(({ mm }) => mm >= least - 1e-9);
}

function ratios(thread: Thread, original: Thread) {
  return {
    boltRatio: stressArea(thread) / stressArea(original),
    holeRatio: strippingAreas(thread).nut / strippingAreas(original).nut,
    torqueRatio: thread.majorMm / original.majorMm,
  };
}

/**
 * Larger threads of every family for screws (plugs: pipe threads as well) that clear a torn hole and still stand at
 * 60 % with a drill on hand, smallest first. Ratios are at the same class.
 */
export function oversizeThreads(request: OversizeRequest): readonly OversizeThread[] {
  const { boreMm, cleanupMm = 0, original, purpose = "screw", edgeMm, material, tools } = request;
  const { leastPercent = LEAST_PERCENT, most = MOST_SHOWN } = request;
  const widest = boreMm + cleanupMm;
  const drills = ownedDrills(tools);
  return catalogue()
    .filter(
      (thread) =>
        thread.majorMm > widest &&
        thread.majorMm > (original?.majorMm ?? 0) &&
        isOffered(thread, purpose, original),
    )
    .toSorted((a, b) => a.majorMm - b.majorMm || b.pitchMm - a.pitchMm)
    .flatMap((thread): OversizeThread[] => {
      const drill = cleaningDrill(thread, widest, drills);
      if (drill === undefined) return [];
      const percent = percentThread(thread, drill.mm);
      if (percent < leastPercent) return [];
      const clearance = clearanceHoles(thread);
      return [
        {
          thread,
          drill,
          percent,
          ...(edgeMm === undefined || material === undefined
            ? {}
            : { wall: wallCheck(material, thread.majorMm, thread.majorMm, edgeMm) }),
          ...(clearance === undefined ? {} : { clearance }),
          ...(original === undefined || thread.taper !== undefined ? {} : ratios(thread, original)),
        },
      ];
    })
    .slice(0, most);
}
