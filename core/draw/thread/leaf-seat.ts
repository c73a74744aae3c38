import { leafPitchMm, type LeafMark } from "../../identify/weigh";
import { formSizes, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { threadProfile, type ProfilePiece, type ProfilePoint } from "./thread-profile";

/** A leaf pressed into a thread as far as it goes, seen from the side; x in mm from its middle tooth, y outward from the axis. */
export interface LeafSeat {
  /** How far the leaf is held off by the teeth that do not fit. */
  readonly liftMm: Mm;
  /** The widest light between a flank of the leaf and one of the thread, square to the flank. */
  readonly lightMm: Mm;
  readonly threadsEngaged: number;
  /** The edge of the thread and the edge of the leaf, from left to right. */
  readonly threadEdge: readonly ProfilePoint[];
  readonly leafEdge: readonly ProfilePoint[];
}

const SAMPLES_A_PITCH = 48;

/** The tip of a leaf's tooth and the bottom between two are cut clear of root and crest: flats, as shares of the pitch. */
const TIP_FLAT = 0.25;
const GAP_FLAT = 0.1;

function heightOn(piece: ProfilePiece, x: Mm): Mm {
  if (piece.kind === "line") {
    const along = (x - piece.from.x) / (piece.to.x - piece.from.x);
    return piece.from.y + along * (piece.to.y - piece.from.y);
  }
  const rise = Math.sqrt(Math.max(0, piece.radius ** 2 - (x - piece.centre.x) ** 2));
  return piece.centre.y + (piece.bulge === "out" ? rise : -rise);
}

/** Distance of the metal's edge from the axis, at a distance along it from the middle of a groove. */
function threadHeight(pieces: readonly ProfilePiece[], pitchMm: Mm, fromGroove: Mm): Mm {
  // The profile runs from a root to the next with the crest at 0, its closing root beyond P/2.
  const inPitch = fromGroove + pitchMm / 2;
  const turns = Math.floor((inPitch + pitchMm / 2) / pitchMm);
  const x = inPitch - turns * pitchMm;
  for (const shifted of [x, x + pitchMm]) {
    const piece = pieces.find(({ from, to }) => shifted >= from.x && shifted <= to.x);
    if (piece !== undefined && piece.from.x !== piece.to.x) return heightOn(piece, shifted);
  }
  return Math.min(...pieces.flatMap(({ from, to }) => [from.y, to.y]));
}

/** Distance of the leaf's edge from the axis, its pitch line on the thread's, before it is lifted. */
function leafHeight(x: Mm, leafPitch: Mm, halfAngleDeg: number, pitchRadius: Mm): Mm {
  const fromTooth = Math.abs(x - Math.round(x / leafPitch) * leafPitch);
  const across = Math.min(
    Math.max(fromTooth, (TIP_FLAT * leafPitch) / 2),
    ((1 - GAP_FLAT) * leafPitch) / 2,
  );
  return pitchRadius + (across - leafPitch / 4) / Math.tan((halfAngleDeg * Math.PI) / 180);
}

/**
 * Lays a leaf on a thread by its geometry: the middle tooth in a groove, pressed in until some tooth meets a flank.
 * @param leafAngleDeg flank angle of the leaf's own teeth
 * @param threadsEngaged teeth lying in the thread; made odd, so that one is in the middle
 */
export function leafSeat(
  leaf: LeafMark,
  leafAngleDeg: number,
  thread: Thread,
  threadsEngaged: number,
): LeafSeat {
  const leafPitch = leafPitchMm(leaf);
  const pieces = threadProfile(thread, "external");
  const pitchRadius = formSizes(thread, "external").pitch / 2;
  const engaged = Math.max(1, 2 * Math.floor(threadsEngaged / 2) + 1);
  const half = (engaged * leafPitch) / 2;
  const steps = engaged * SAMPLES_A_PITCH;
  const xs = Array.from({ length: steps + 1 }, (_, i) => -half + (2 * half * i) / steps);
  const threadEdge = xs.map((x) => ({ x, y: threadHeight(pieces, thread.pitchMm, x) }));
  const resting = xs.map((x) => leafHeight(x, leafPitch, leafAngleDeg / 2, pitchRadius));
  const liftMm = threadEdge.reduce((lift, { y }, i) => Math.max(lift, y - (resting[i] ?? y)), 0);
  return {
    liftMm,
    lightMm: liftMm * Math.sin((leafAngleDeg * Math.PI) / 360),
    threadsEngaged: engaged,
    threadEdge,
    leafEdge: xs.map((x, i) => ({ x, y: (resting[i] ?? 0) + liftMm })),
  };
}
