import { hexFlats } from "../../catalogue/looks";
import type { Thread } from "../../catalogue/threads";
import { normalDensity } from "./distributions";
import type { Evidence } from "./evidence";
import type { ReadingOf } from "./reading";

type FlatsReading = ReadingOf<"across-flats">;

/** Hexagons are made under their nominal size by about this share of it, with this spread; and read with this one, mm. */
const UNDER_NOMINAL = 0.008;
const MADE_SD = 0.008;
const READ_SD = 0.05;

/** Jaws set over two corners instead of two flats: how often, and how much wider a chamfered hexagon is there. */
const OVER_CORNERS = 0.03;
const CORNERS_WIDER = 1.135;
const CORNERS_SD = 0.012;

/** Share of parts with a hexagon of another size: special heads, reduced nuts, a rounded-off head. */
const OTHER_HEXAGON = 0.25;
const OLDER_SIZE = 0.3;
const LOG_FLATS_SPAN = Math.log(120 / 2.5);

const background = (mm: number) => 1 / (mm * LOG_FLATS_SPAN);

/** No hexagon is narrower for its thread than reduced flange heads, nor wider than the oldest Whitworth ones: by the major diameter. */
const NARROWEST = 1.15;
const WIDEST = 3;
/** So seldom one is measured all the same: another part was taken, a figure slipped. */
const IMPOSSIBLE = 0.04;

function isPossible(mm: number, { majorMm }: Thread): boolean {
  const times = mm / majorMm;
  return times >= NARROWEST && times <= WIDEST;
}

/** Density of this size across the flats for a head or nut of the thread. */
export function flatsDensity(mm: number, thread: Thread): number {
  const flats = hexFlats(thread);
  if (flats.length === 0) return background(mm);
  const weights = flats.map(({ usual }) => (usual ? 1 : OLDER_SIZE));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const density = flats.reduce((sum, { acrossFlatsMm: nominal }, i) => {
    const sd = Math.hypot(MADE_SD * nominal, READ_SD);
    const share = (weights[i] ?? 0) / total;
    const across = normalDensity(mm, nominal * (1 - UNDER_NOMINAL), sd);
    const corners = normalDensity(mm, CORNERS_WIDER * nominal, CORNERS_SD * nominal);
    return sum + share * ((1 - OVER_CORNERS) * across + OVER_CORNERS * corners);
  }, 0);
  const other = OTHER_HEXAGON * (isPossible(mm, thread) ? 1 : IMPOSSIBLE);
  return (1 - OTHER_HEXAGON) * density + other * background(mm);
}

/** Over this share of the nominal size away, it is another hexagon. */
const NEAR = 0.03;

function flatsReason({ mm }: FlatsReading, thread: Thread) {
  const flats = hexFlats(thread);
  const nearest = flats.reduce<number | undefined>(
    (best, { acrossFlatsMm }) =>
      best === undefined || Math.abs(acrossFlatsMm - mm) < Math.abs(best - mm)
        ? acrossFlatsMm
        : best,
    undefined,
  );
  const corners = flats.find(
    ({ acrossFlatsMm }) =>
      Math.abs(mm - CORNERS_WIDER * acrossFlatsMm) <= 2 * CORNERS_SD * acrossFlatsMm,
  )?.acrossFlatsMm;
  const far = corners === undefined && !isPossible(mm, thread);
  const near = nearest !== undefined && Math.abs(mm - nearest) <= NEAR * nearest;
  return {
    code: "across-flats",
    agreement: near || nearest === undefined ? "agrees" : far ? "at-odds" : "strained",
    mm,
    near,
    ...(nearest === undefined ? {} : { nominalMm: nearest }),
    ...(near || corners === undefined ? {} : { cornersOfMm: corners }),
  } as const;
}

/** The size across the flats of head or nut, against the hexagons of the thread (ISO 4014, ASME B18.2.1, BS 190). */
export const acrossFlatsEvidence: Evidence<"across-flats"> = {
  likelihood: ({ mm }, thread) => flatsDensity(mm, thread),
  unknownLikelihood: ({ mm }) => background(mm),
  reason: flatsReason,
};
