import type { MatingFit } from "../mating";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { lostOverCrests } from "./crests-band";
import type { PartCondition } from "./reading";

/** Metal that the part on the bench has gained on its diameters, mm; less than nothing where it has lost some. */
export type Metal = (pitchMm: Mm) => Mm;

/** Where in their limits the two parts may lie, how often, and what metal the one on the bench has gained or lost. */
export interface Fit {
  readonly fit: MatingFit;
  readonly share: number;
  readonly metal?: Metal;
}

/** What wear, rust or a careless make takes off the diameters of a part that is used for all that. */
const lostMetal: Metal = (pitchMm) => -0.06 - 0.05 * pitchMm;

/** What a coat of paint, a thin one of zinc, or rust on both flanks puts on the pitch diameter; and a thick one (ISO 10684). */
const thinCoat: Metal = () => 0.13;
const thickCoat: Metal = () => 0.28;

/** A change of metal, and how often it is met. */
type Changed = readonly [share: number, metal: Metal];

function changedFits(...changes: readonly Changed[]): readonly Fit[] {
  const as = 1 - changes.reduce((sum, [share]) => sum + share, 0);
  return [
    { fit: "middle", share: 0.61 * as },
    { fit: "tightest", share: 0.21 * as },
    { fit: "loosest", share: 0.18 * as },
    ...changes.map(([share, metal]): Fit => ({ fit: "middle", share, metal })),
  ];
}

/** Estimates: of parts of which nothing was said, of those that have lost metal, of rust, which eats and swells, and of coats. */
const FITS = changedFits([0.14, lostMetal], [0.02, thinCoat], [0.02, thickCoat]);
const LOST = changedFits([0.55, lostMetal]);
const RUSTED = changedFits([0.3, lostMetal], [0.15, thinCoat], [0.15, thickCoat]);
const GAINED = changedFits([0.3, thinCoat], [0.4, thickCoat]);

/** The same of a part that is known to be worn, or coated: what was said of its size bears on its flanks as well. */
const FITS_OF: Readonly<Partial<Record<PartCondition, readonly Fit[]>>> = {
  worn: LOST,
  rusted: RUSTED,
  cheap: LOST,
  galvanised: GAINED,
  painted: GAINED,
};

/** From this share on, what the size over the crests has lost for a thread is taken off its flanks as well. */
const LOST_AT_FLANKS = 0.3;

/** How a trial was made, as far as it bears on what comes of it. */
export interface TrialSetting {
  /** How many turns it is run, if nothing stops it before. */
  readonly ran?: number;
  /** What is known to have happened to the part. */
  readonly condition?: PartCondition | undefined;
  /** What it measures over the crests, where that was read. */
  readonly crestsMm?: Mm | undefined;
}

/** Crests wear before flanks do, and a part is read a little low: half of what lost metal has lost all of it there, half of it half. */
const OFF_THE_FLANKS = [1, 0.5] as const;

/** The fits of a part whose size over the crests is known: what it measures under its thread's middle is off its flanks too. */
export function fitsBySize(
  thread: Thread,
  { condition, crestsMm }: TrialSetting,
): readonly Fit[] | undefined {
  const lost = crestsMm === undefined ? undefined : lostOverCrests(crestsMm, thread, condition);
  if (lost === undefined || lost.share < LOST_AT_FLANKS) return undefined;
  const share = lost.share / OFF_THE_FLANKS.length;
  return changedFits(...OFF_THE_FLANKS.map((part): Changed => [share, () => -part * lost.mm]));
}

/** The fits of a part of which so much was said. */
export function fitsOf(condition: PartCondition | undefined): readonly Fit[] {
  return (condition && FITS_OF[condition]) ?? FITS;
}
