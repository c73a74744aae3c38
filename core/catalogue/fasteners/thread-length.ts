import {
  B18_3_SHOULDER_THREAD,
  ISO_7379_THREAD,
  goesByInches,
  pairAt,
  type MadeTo,
} from "../heads";
import { usualDrive, type Drive, type HeadStyle } from "../looks";
import type { Thread } from "../threads";
import { MM_PER_INCH, inchesFromMm, type Mm } from "../../measure";

/** How a screw's length divides, mm. */
export interface ThreadLength {
  /** Threaded part from the tip. */
  readonly threadMm: Mm;
  /** Plain shank between head and thread; zero when threaded to the head. */
  readonly plainMm: Mm;
  readonly standard?: string;
}

/** ISO 888: 2d + 6 up to 125 long, 2d + 12 up to 200, 2d + 25 over. */
function metricHex(d: Mm, length: Mm): Mm {
  return 2 * d + (length <= 125 ? 6 : length <= 200 ? 12 : 25);
}

/** ASME B18.2.1: 2D + 1/4 in up to 6 in long, 2D + 1/2 in over. */
function inchHex(d: Mm, length: Mm): Mm {
  return 2 * d + (inchesFromMm(length) <= 6 ? 0.25 : 0.5) * MM_PER_INCH;
}

/** Machine screws are threaded to the head up to 38 mm (1 1/2 in; M3 and less: 25 mm). */
function machineScrew(d: Mm): Mm {
  return d <= 3 ? 25 : 38;
}

/** Standards of the heads that, with a socket, are threaded as cap screws are: 2d + 12 (ASME B18.3: 2D + 1/2 in). */
const SOCKET_HEADS: Partial<Readonly<Record<HeadStyle, string>>> = {
  "socket-cap": "ISO 4762",
  "low-cap": "ISO 4762",
  "narrow-cap": "ISO 4762",
  csk: "ISO 10642",
  button: "ISO 7380",
};

/** Thread of structural bolts, whatever their length: ASME B18.2.6, in; EN 14399-4, mm. EN 14399-3 is as ISO 888. */
const F3125_THREAD: readonly (readonly [number, number])[] = [
  [1 / 2, 1],
  [5 / 8, 1.25],
  [3 / 4, 1.375],
  [7 / 8, 1.5],
  [1, 1.75],
  [9 / 8, 2],
  [5 / 4, 2],
  [11 / 8, 2.25],
  [3 / 2, 2.25],
];
const HV_THREAD: readonly (readonly [Mm, Mm])[] = [
  [12, 23],
  [16, 28],
  [20, 33],
  [22, 34],
  [24, 39],
  [27, 41],
  [30, 44],
  [36, 52],
];

function structuralThread(thread: Thread, madeTo: MadeTo): Mm | undefined {
  if (madeTo === "ASTM F3125") return pairAt(F3125_THREAD, thread, true);
  const isHv = madeTo === "EN 14399-4" || madeTo === "DIN 6914";
  return isHv ? pairAt(HV_THREAD, thread, false) : undefined;
}

interface HeadedThread {
  readonly head: HeadStyle;
  readonly drive: Drive;
  readonly thread: Thread;
  readonly madeTo?: MadeTo | undefined;
}

function nominalThread(
  { head, drive, thread, madeTo }: HeadedThread,
  length: Mm,
): [Mm, string | undefined] {
  const { majorMm: d } = thread;
  const inches = goesByInches(thread);
  const structural = madeTo === undefined ? undefined : structuralThread(thread, madeTo);
  if (structural !== undefined) {
    return [structural, madeTo === "ASTM F3125" ? "ASME B18.2.6" : madeTo];
  }
  const socket = drive === "socket" ? SOCKET_HEADS[head] : undefined;
  if (socket !== undefined) {
    return inches ? [2 * d + 0.5 * MM_PER_INCH, "ASME B18.3"] : [2 * d + 12, socket];
  }
  switch (head) {
    case "hex":
    case "flange-hex":
    case "square":
    case "carriage":
    case "t":
      return inches ? [inchHex(d, length), "ASME B18.2.1"] : [metricHex(d, length), "ISO 888"];
    case "button":
    case "csk":
    case "raised-csk":
    case "pan":
    case "truss":
    case "round":
    case "cheese":
      return [machineScrew(d), inches ? "ASME B18.6.3" : "ISO 888"];
    default:
      return [length, undefined];
  }
}

/** Plain shank shorter than this is not made: the screw is threaded to the head instead (ISO 4014, lengths above the line). */
const LEAST_PLAIN_PITCHES = 5;

/**
 * How much of a screw of this length is threaded, by its head's standard.
 * @param drive a countersunk or button head with a socket has another length of thread than one with a slot; the head's usual one unless told
 * @param lengthMm measured at the head's own datum; of a shoulder screw, the shoulder
 */
export function threadLength(
  head: HeadStyle,
  thread: Thread,
  lengthMm: Mm,
  drive: Drive = usualDrive(head),
  madeTo?: MadeTo,
): ThreadLength {
  if (head === "shoulder") {
    const inches = goesByInches(thread);
    const own = pairAt(inches ? B18_3_SHOULDER_THREAD : ISO_7379_THREAD, thread, inches);
    return {
      threadMm: own ?? 1.6 * thread.majorMm,
      plainMm: lengthMm,
      ...(own === undefined ? {} : { standard: inches ? "ASME B18.3" : "ISO 7379" }),
    };
  }
  const [threadMm, standard] = nominalThread({ head, drive, thread, madeTo }, lengthMm);
  const plainMm = lengthMm - threadMm;
  const made = standard === undefined ? {} : { standard };
  return plainMm < LEAST_PLAIN_PITCHES * thread.pitchMm
    ? { threadMm: lengthMm, plainMm: 0, ...made }
    : { threadMm, plainMm, ...made };
}
