import type { Mm } from "../../measure";

/** Bolts set evenly on a circle, and what they share. */
export interface BoltCircleLoad {
  readonly bolts: number;
  readonly circleMm: Mm;
  /** Pull along the bolts, N. */
  readonly axialN?: number;
  /** Moment that tips the flange, N m. */
  readonly momentNm?: number;
  /** Torque about the circle's axis, N m. */
  readonly torqueNm?: number;
}

/** What falls on one bolt of a circle: an estimate for a stiff flange. */
export interface BoltShare {
  /** Pull on the hardest loaded bolt, N. */
  readonly pullN: number;
  /** Load across each bolt, N. */
  readonly shearN: number;
  /** Straight from one bolt's centre to the next, mm. */
  readonly chordMm: Mm;
}

/**
 * Shares a load among bolts on a circle: axial evenly, a moment by distance from the middle (so 4 M / (n D) on the
 * farthest), a torque evenly round the circle (2 T / (n D)).
 * @param load three bolts or more; fewer do not take a moment
 */
export function boltShare(load: BoltCircleLoad): BoltShare {
  const { bolts, circleMm, axialN = 0, momentNm = 0, torqueNm = 0 } = load;
  return {
    pullN: axialN / bolts + (4 * momentNm * 1000) / (bolts * circleMm),
    shearN: (2 * torqueNm * 1000) / (bolts * circleMm),
    chordMm: circleMm * Math.sin(Math.PI / bolts),
  };
}
