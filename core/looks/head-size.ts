import type { Thread } from "../threads";
import type { Mm } from "../units";
import type { Drive, HeadStyle } from "./head-style";
import { hexSpanner } from "./hex-spanner";
import {
  B18_2_1_HEIGHTS,
  B18_2_1_SQUARE,
  B18_3_BUTTON,
  B18_3_CAP,
  B18_3_FLAT,
  B18_3_SHOULDER,
  B18_5,
  B18_6_3_FILLISTER,
  B18_6_3_FLAT,
  B18_6_3_PAN,
  B18_6_3_TRUSS,
} from "./inch-heads";
import {
  DIN_603,
  DIN_6921,
  DIN_7984,
  ISO_1207,
  ISO_10642,
  ISO_2009,
  ISO_2010_CROWN,
  ISO_4014_HEIGHTS,
  ISO_4762,
  ISO_7045,
  ISO_7379,
  ISO_7380,
  type HeadTable,
} from "./metric-heads";
import { goesByInches, pairAt, rowAt } from "./table-rows";

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

interface Tables {
  readonly metric?: HeadTable;
  readonly inch?: HeadTable;
}

const TABLES: Partial<Readonly<Record<HeadStyle, Tables>>> = {
  "socket-cap": { metric: ISO_4762, inch: B18_3_CAP },
  "low-cap": { metric: DIN_7984 },
  button: { metric: ISO_7380, inch: B18_3_BUTTON },
  pan: { metric: ISO_7045, inch: B18_6_3_PAN },
  truss: { inch: B18_6_3_TRUSS },
  cheese: { metric: ISO_1207, inch: B18_6_3_FILLISTER },
  carriage: { metric: DIN_603, inch: B18_5 },
  "flange-hex": { metric: DIN_6921 },
  square: { inch: B18_2_1_SQUARE },
  shoulder: { metric: ISO_7379, inch: B18_3_SHOULDER },
};

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

function tablesFor(head: HeadStyle, drive: Drive): Tables {
  if (head === "csk" && drive === "socket") return { metric: ISO_10642, inch: B18_3_FLAT };
  if (head === "csk" || head === "raised-csk") return { metric: ISO_2009, inch: B18_6_3_FLAT };
  return TABLES[head] ?? {};
}

function hexagon(thread: Thread): HeadSize | undefined {
  const spanner = hexSpanner(thread);
  if (spanner === undefined) return undefined;
  const inches = goesByInches(thread);
  const heightMm =
    thread.family === "unified" || thread.family === "iso-metric"
      ? pairAt(inches ? B18_2_1_HEIGHTS : ISO_4014_HEIGHTS, thread, inches)
      : undefined;
  return {
    widthMm: spanner.acrossFlatsMm,
    // British heads are about seven eighths of the diameter high; the spanner does not care.
    heightMm: heightMm ?? (thread.family === "iso-metric" ? 0.65 : 0.875) * thread.majorMm,
    standard: spanner.standard,
  };
}

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

/**
 * A head's dimensions by its standard, or in proportion (then without a standard) where no table here has them.
 * @param drive a countersunk head with a socket is another than one with a slot or a cross
 */
export function headSize(head: HeadStyle, drive: Drive, thread: Thread): HeadSize {
  const inches = goesByInches(thread);
  const sunk = head === "csk" || head === "raised-csk";
  const sinks = sunk ? { countersinkDeg: thread.family === "unified" ? 82 : 90 } : {};
  const crown =
    head === "raised-csk"
      ? { crownMm: pairAt(ISO_2010_CROWN, thread, false) ?? 0.25 * thread.majorMm }
      : {};
  if (head === "hex") return hexagon(thread) ?? headProportions(head, thread.majorMm);
  const table = tablesFor(head, drive)[inches ? "inch" : "metric"];
  const row = table === undefined ? undefined : rowAt(table, thread, inches);
  if (table === undefined || row === undefined) {
    return { ...headProportions(head, thread.majorMm), ...sinks, ...crown };
  }
  const [, widthMm, heightMm, keyMm, other] = row;
  return {
    widthMm,
    heightMm,
    standard: table.standard,
    ...(keyMm === undefined ? {} : { keyMm }),
    ...(other === undefined
      ? {}
      : head === "shoulder"
        ? { shoulderMm: other }
        : { flangeMm: other }),
    ...sinks,
    ...crown,
  };
}
