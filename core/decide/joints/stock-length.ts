import { stockLengths, threadLength } from "../../catalogue/fasteners";
import type { Grade } from "../../catalogue/grades";
import type { HeadStyle } from "../../catalogue/looks";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { Joint } from "./joint";
import { lengthWindow, type LengthWindow } from "./length-window";

/** How a length of screw lies in a joint. */
export type Seat =
  | "sound"
  /** Less thread than is wanted. */
  | "too-short"
  /** It bottoms, or stands far out of nut or hole. */
  | "too-long"
  /** The plain shank reaches past what is clamped: nut or hole jams on it before the head is down. */
  | "shank-fouls";

/** What one length comes to in a joint. */
export interface Seating {
  readonly lengthMm: Mm;
  readonly seat: Seat;
  /** Thread past the clamped parts: in the hole, or through the nut. */
  readonly throughMm: Mm;
  /** Full threads that meet those of nut or hole. */
  readonly engagedMm: Mm;
  /** From the screw's end to where the full thread ends in a blind hole (negative: it bottoms); pitches proud of a nut or a through hole as a length. */
  readonly marginMm: Mm;
  /** Full thread that is wanted. */
  readonly wantedMm: Mm;
  /** Of a blind hole's thread, what is to be left free at its end. */
  readonly clearMm: Mm;
  /** It has to be threaded to the head: its usual shank would foul. */
  readonly fullThread: boolean;
}

/** The stocked length for a joint, or why there is none and what helps. */
export type LengthAdvice =
  | { readonly kind: "stock"; readonly seating: Seating; readonly window: LengthWindow }
  /** The length that would do has a plain shank that fouls, and is not made without. */
  | { readonly kind: "shank-fouls"; readonly seating: Seating; readonly window: LengthWindow }
  | {
      /** No stocked length lies in the window. */
      readonly kind: "between";
      readonly window: LengthWindow;
      readonly shorter?: Seating;
      readonly longer?: Seating;
      /** Washers under the head that bring the longer one into the window, from and to. */
      readonly washersMm?: { readonly leastMm: Mm; readonly mostMm: Mm };
      /** The longer one cut to this. */
      readonly cutToMm?: Mm;
    }
  | {
      /** The hole has less thread than the screw wants. */
      readonly kind: "hole-too-shallow";
      readonly window: LengthWindow;
    };

/** Where a screw of this length comes to lie. */
export function seatingOf(
  joint: Joint,
  head: HeadStyle,
  thread: Thread,
  lengthMm: Mm,
  window: LengthWindow,
): Seating {
  const from = joint.gripMm + (joint.washersMm ?? 0);
  const throughMm = Math.max(0, lengthMm - from);
  const most = joint.kind === "through" ? joint.nutHeightMm : (window.availableMm ?? 0);
  const engagedMm = Math.min(throughMm, most);
  const marginMm = joint.kind === "blind" ? most - throughMm : throughMm - most;
  // A countersunk or cap head's shank begins at its own datum, as the grip does.
  const fouls = threadLength(head, thread, lengthMm).plainMm > from + 1e-6;
  // Hexagon screws are stocked threaded to the head as well (ISO 4017, full-thread ASME B18.2.1).
  const fullThread = fouls && head === "hex";
  const seat: Seat =
    lengthMm < window.leastMm - 1e-6
      ? "too-short"
      : lengthMm > window.mostMm + 1e-6
        ? "too-long"
        : fouls && !fullThread
          ? "shank-fouls"
          : "sound";
  return {
    lengthMm,
    seat,
    throughMm,
    engagedMm,
    marginMm,
    wantedMm: window.wantedMm,
    clearMm: (window.availableMm ?? 0) - (window.usableMm ?? 0),
    fullThread,
  };
}

/**
 * The stocked length for a joint: the shortest in its window, threaded to the head where only that reaches far enough up.
 * @returns undefined where the class is not made in this size
 */
export function stockLength(
  joint: Joint,
  head: HeadStyle,
  thread: Thread,
  grade: Grade,
): LengthAdvice | undefined {
  const window = lengthWindow(joint, thread, grade);
  if (window === undefined) return undefined;
  const { usableMm = window.wantedMm } = window;
  if (window.wantedMm > usableMm + 1e-6) return { kind: "hole-too-shallow", window };
  const seatings = stockLengths(head, thread).map((length) =>
    seatingOf(joint, head, thread, length, window),
  );
  const sound = seatings.find(({ seat }) => seat === "sound");
  if (sound !== undefined) return { kind: "stock", seating: sound, window };
  const fouling = seatings.find(({ seat }) => seat === "shank-fouls");
  if (fouling !== undefined) return { kind: "shank-fouls", seating: fouling, window };
  const shorter = seatings.findLast(({ seat }) => seat === "too-short");
  const longer = seatings.find(({ seat }) => seat === "too-long");
  return {
    kind: "between",
    window,
    ...(shorter === undefined ? {} : { shorter }),
    ...(longer === undefined
      ? {}
      : {
          longer,
          washersMm: {
            leastMm: longer.lengthMm - window.mostMm,
            mostMm: longer.lengthMm - window.leastMm,
          },
          cutToMm: window.mostMm,
        }),
  };
}
