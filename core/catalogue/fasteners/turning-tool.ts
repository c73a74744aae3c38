import {
  headSize,
  B18_3_SET_KEYS,
  ISO_4026_KEYS,
  goesByInches,
  pairAt,
  sizeIn,
  spannerFor,
  type MadeTo,
} from "../heads";
import { hexSpanner, type Drive, type HeadStyle } from "../looks";
import type { Thread } from "../threads";
import { inchesFromMm, nearestFraction, printFraction, printPlain, type Mm } from "../../measure";

type ToolKind =
  "spanner" | "key" | "cross-driver" | "star-driver" | "slot-driver" | "hand" | "none";

/** What turns a screw. */
export interface TurningTool {
  readonly kind: ToolKind;
  /** What the tool is marked with: "16 mm", "5/16 in", "1/4 W", "no. 2"; absent when its size is not held. */
  readonly mark?: string;
  readonly acrossFlatsMm?: Mm;
  readonly standard?: string;
}

/** ISO 4757 cross sizes by thread, mm. */
const ISO_CROSS: readonly (readonly [Mm, number])[] = [
  [1.6, 0],
  [2, 0],
  [2.5, 1],
  [3, 1],
  [4, 2],
  [5, 2],
  [6, 3],
  [8, 4],
  [10, 4],
];

/** ASME B18.6.3 cross sizes (type I) by thread, inches. */
const INCH_CROSS: readonly (readonly [number, number])[] = [
  [0.086, 1],
  [0.112, 1],
  [0.138, 2],
  [0.164, 2],
  [0.19, 2],
  [0.25, 3],
  [0.3125, 4],
  [0.375, 4],
];

/** ISO 10664 hexalobular sizes by thread (ISO 14583, ISO 14581), mm. */
const ISO_STAR: readonly (readonly [Mm, number])[] = [
  [2, 6],
  [2.5, 8],
  [3, 10],
  [4, 20],
  [5, 25],
  [6, 30],
];

function markOf(mm: Mm, thread: Thread): string {
  if (!goesByInches(thread)) return `${printPlain(mm, 1)} mm`;
  const { fraction, differenceMm } = nearestFraction(mm, 64);
  return Math.abs(differenceMm) < 0.005
    ? `${printFraction(fraction)} in`
    : `${printPlain(inchesFromMm(mm), 3)} in`;
}

/** The spanner that goes over a nut: its mark, as that of its bolt's head where both are the same. */
export function nutSpanner(acrossFlatsMm: Mm, thread: Thread): TurningTool {
  const hex = hexSpanner(thread);
  const same = hex !== undefined && Math.abs(hex.acrossFlatsMm - acrossFlatsMm) < 0.005;
  return { kind: "spanner", acrossFlatsMm, mark: same ? hex.mark : markOf(acrossFlatsMm, thread) };
}

function spanner(head: HeadStyle, thread: Thread, madeTo: MadeTo | undefined): TurningTool {
  const hex = spannerFor(thread, madeTo);
  if (head === "hex" && hex !== undefined) return { kind: "spanner", ...hex };
  const { widthMm, standard } = headSize(head, "hexagon", thread);
  return standard === undefined
    ? { kind: "spanner" }
    : { kind: "spanner", mark: markOf(widthMm, thread), acrossFlatsMm: widthMm, standard };
}

function key(head: HeadStyle, thread: Thread): TurningTool {
  const inches = goesByInches(thread);
  if (head === "set") {
    const mm = pairAt(inches ? B18_3_SET_KEYS : ISO_4026_KEYS, thread, inches);
    const standard = inches ? "ASME B18.3" : "ISO 4026 to 4029";
    return mm === undefined
      ? { kind: "key" }
      : { kind: "key", mark: markOf(mm, thread), acrossFlatsMm: mm, standard };
  }
  const { keyMm, standard } = headSize(head, "socket", thread);
  return keyMm === undefined || standard === undefined
    ? { kind: "key" }
    : { kind: "key", mark: markOf(keyMm, thread), acrossFlatsMm: keyMm, standard };
}

function numbered(kind: "cross-driver" | "star-driver", thread: Thread): TurningTool {
  const inches = goesByInches(thread);
  const size = sizeIn(thread, inches);
  const star = inches ? [] : ISO_STAR;
  const rows = kind === "star-driver" ? star : inches ? INCH_CROSS : ISO_CROSS;
  const number = rows.find(([major]) => size !== undefined && Math.abs(major - size) < 1e-6)?.[1];
  const standard = kind === "star-driver" ? "ISO 10664" : inches ? "ASME B18.6.3" : "ISO 4757";
  return number === undefined ? { kind } : { kind, mark: `no. ${number}`, standard };
}

/** The spanner, key or driver for a screw, by head, drive and thread. */
export function turningTool(
  head: HeadStyle,
  drive: Drive,
  thread: Thread,
  madeTo?: MadeTo,
): TurningTool {
  switch (drive) {
    case "hexagon":
    case "square":
      return spanner(head, thread, madeTo);
    case "socket":
      return key(head, thread);
    case "cross":
      return numbered("cross-driver", thread);
    case "star":
      return numbered("star-driver", thread);
    case "slot":
      return { kind: "slot-driver" };
    case "hand":
      return { kind: "hand" };
    case "none":
      return { kind: "none" };
  }
}
