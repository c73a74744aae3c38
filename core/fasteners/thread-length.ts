import { B18_3_SHOULDER_THREAD, ISO_7379_THREAD, goesByInches, pairAt } from "../heads";
import { usualDrive, type Drive, type HeadStyle } from "../looks";
import type { Thread } from "../threads";
import { MM_PER_INCH, inchesFromMm, type Mm } from "../units";

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

function nominalThread(
  head: HeadStyle,
  drive: Drive,
  thread: Thread,
  length: Mm,
): [Mm, string | undefined] {
  const { majorMm: d } = thread;
  const inches = goesByInches(thread);
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
  const [threadMm, standard] = nominalThread(head, drive, thread, lengthMm);
  const plainMm = lengthMm - threadMm;
  const made = standard === undefined ? {} : { standard };
  return plainMm < LEAST_PLAIN_PITCHES * thread.pitchMm
    ? { threadMm: lengthMm, plainMm: 0, ...made }
    : { threadMm, plainMm, ...made };
}
