import type { Mm } from "../../measure";
import type { HeadStyle } from "./head-style";

/** A head's true dimensions, mm. */
export interface HeadSize {
  /** Across the flats of a hexagon or square; else the diameter, of a countersunk head to its sharp edge. */
  readonly widthMm: Mm;
  /** Zero for headless screws. */
  readonly heightMm: Mm;
  /** Raised crown above the flush line. */
  readonly crownMm?: Mm;
  readonly flangeMm?: Mm;
  /** Diameter of a shoulder screw's shoulder. */
  readonly shoulderMm?: Mm;
  /** Across the flats of the socket. */
  readonly keyMm?: Mm;
  /** Included angle of a countersunk head, degrees. */
  readonly countersinkDeg?: number;
  /** The standard; absent when the head is drawn in proportion only. */
  readonly standard?: string;
}

/** Proportions of the thread's diameter for heads that no table here has: width, height. Drawn, never stated. */
const PROPORTIONS: Readonly<Record<HeadStyle, readonly [number, number]>> = {
  hex: [1.5, 0.65],
  "flange-hex": [1.5, 0.9],
  "socket-cap": [1.5, 1],
  "low-cap": [1.5, 0.6],
  "narrow-cap": [1.3, 1],
  button: [1.75, 0.55],
  csk: [2, 0.5],
  "raised-csk": [2, 0.5],
  pan: [2, 0.7],
  truss: [2.3, 0.6],
  round: [1.85, 0.7],
  cheese: [1.7, 0.65],
  carriage: [2.4, 0.55],
  square: [1.5, 0.67],
  t: [2, 0.7],
  set: [1, 0],
  shoulder: [2, 0.9],
  stud: [1, 0],
  eye: [2.2, 2.4],
  wing: [2.6, 1.4],
};

/** A head in its usual proportions to a thread's diameter: to be drawn, not stated. */
export function headProportions(head: HeadStyle, diameter: Mm): HeadSize {
  const [width, height] = PROPORTIONS[head];
  return {
    widthMm: width * diameter,
    heightMm: height * diameter,
    ...(head === "shoulder" ? { shoulderMm: 1.25 * diameter } : {}),
    ...(head === "flange-hex" ? { flangeMm: 2.2 * diameter } : {}),
    ...(head === "csk" || head === "raised-csk" ? { countersinkDeg: 90 } : {}),
    ...(head === "raised-csk" ? { crownMm: 0.25 * diameter } : {}),
  };
}
