import { headProportions, type Drive, type HeadSize, type HeadStyle } from "../looks";
import type { Thread } from "../threads";
import type { Mm } from "../../measure";
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
  B18_6_3_ROUND,
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
import { spannerFor, type MadeTo } from "./made-to";
import { goesByInches, pairAt, rowAt } from "./table-rows";

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
  round: { inch: B18_6_3_ROUND },
  cheese: { metric: ISO_1207, inch: B18_6_3_FILLISTER },
  carriage: { metric: DIN_603, inch: B18_5 },
  "flange-hex": { metric: DIN_6921 },
  square: { inch: B18_2_1_SQUARE },
  shoulder: { metric: ISO_7379, inch: B18_3_SHOULDER },
};

function tablesFor(head: HeadStyle, drive: Drive): Tables {
  if (head === "csk" && drive === "socket") return { metric: ISO_10642, inch: B18_3_FLAT };
  if (head === "csk" || head === "raised-csk") return { metric: ISO_2009, inch: B18_6_3_FLAT };
  return TABLES[head] ?? {};
}

/** Heights of heavy structural hexagons: ASME B18.2.6, in; EN 14399-3 and EN 14399-4, mm. */
const STRUCTURAL_HEIGHTS: Partial<
  Readonly<Record<MadeTo, readonly (readonly [number, number])[]>>
> = {
  "ASTM F3125": [
    [1 / 2, 5 / 16],
    [5 / 8, 25 / 64],
    [3 / 4, 15 / 32],
    [7 / 8, 35 / 64],
    [1, 39 / 64],
    [9 / 8, 11 / 16],
    [5 / 4, 25 / 32],
    [11 / 8, 27 / 32],
    [3 / 2, 15 / 16],
  ],
  "EN 14399-3": [
    [12, 7.5],
    [16, 10],
    [20, 12.5],
    [22, 14],
    [24, 15],
    [27, 17],
    [30, 18.7],
    [36, 22.5],
  ],
  "EN 14399-4": [
    [12, 8],
    [16, 10],
    [20, 13],
    [22, 14],
    [24, 15],
    [27, 17],
    [30, 19],
    [36, 23],
  ],
};

function hexagon(thread: Thread, madeTo: MadeTo | undefined): HeadSize | undefined {
  const spanner = spannerFor(thread, madeTo);
  if (spanner === undefined) return undefined;
  const inches = goesByInches(thread);
  const own = STRUCTURAL_HEIGHTS[madeTo === "DIN 6914" ? "EN 14399-4" : (madeTo ?? "DIN 933")];
  const heightMm =
    thread.family === "unified" || thread.family === "iso-metric"
      ? pairAt(own ?? (inches ? B18_2_1_HEIGHTS : ISO_4014_HEIGHTS), thread, inches)
      : undefined;
  return {
    widthMm: spanner.acrossFlatsMm,
    // British heads are about seven eighths of the diameter high; the spanner does not care.
    heightMm: heightMm ?? (thread.family === "iso-metric" ? 0.65 : 0.875) * thread.majorMm,
    standard: spanner.standard,
  };
}

/**
 * A head's dimensions by its standard, or in proportion (then without a standard) where no table here has them.
 * @param drive a countersunk head with a socket is another than one with a slot or a cross
 * @param madeTo the standard that was written, where it is another than today's
 */
export function headSize(head: HeadStyle, drive: Drive, thread: Thread, madeTo?: MadeTo): HeadSize {
  const inches = goesByInches(thread);
  const sunk = head === "csk" || head === "raised-csk";
  const sinks = sunk ? { countersinkDeg: thread.family === "unified" ? 82 : 90 } : {};
  const crown =
    head === "raised-csk"
      ? { crownMm: pairAt(ISO_2010_CROWN, thread, false) ?? 0.25 * thread.majorMm }
      : {};
  if (head === "hex") return hexagon(thread, madeTo) ?? headProportions(head, thread.majorMm);
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

/** The metric thread below a shoulder of this diameter, by ISO 7379; undefined for no such shoulder. */
export function threadBelowShoulder(shoulderMm: Mm): Mm | undefined {
  return ISO_7379.rows.find(([, , , , shoulder]) => shoulder === shoulderMm)?.[0];
}

/** What a head that is weaker than its thread keeps of the class's load (ISO 7380-1, ISO 10642, DIN 7984: 80 %). */
const WEAK_HEAD_SHARE = 0.8;

/**
 * The share of its class's load that a screw carries by its head: button heads, countersunk ones with a socket and low
 * heads break under the head before their thread does, and are marked with a nought before the class.
 */
export function headShare(head: HeadStyle, drive: Drive): number {
  const socket = drive === "socket" || drive === "star";
  const weak =
    head === "low-cap" ||
    (socket && (head === "button" || head === "csk" || head === "raised-csk"));
  return weak ? WEAK_HEAD_SHARE : 1;
}
