import type { LeafMark } from "../../identify/weigh";
import { UNITS_PER_MM, type Drawing, type Mark } from "../marks";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { leafSeat } from "./leaf-seat";
import type { ProfilePoint } from "./thread-profile";

/** Teeth looked at: more would be too small to see light under on a phone. */
const TEETH = 7;
const SHORTEST_TEETH = 3;
/** A leaf shows this much length at the most. */
const LEAF_MM: Mm = 16;
const LEAF_SHADE = 0.75;
/** Under this width of light nobody sees any. */
const SEEN_MM: Mm = 0.02;

export interface LeafDrawing extends Drawing {
  /** The widest light between leaf and thread; 0 where nobody would see it. */
  readonly lightMm: Mm;
  readonly threadsEngaged: number;
}

/**
 * A leaf laid on a thread to scale, pressed home as far as it goes: both are metal, what is between them is light.
 * @param leafAngleDeg flank angle of the leaf's own teeth
 */
export function leafDrawing(
  leaf: LeafMark,
  leafAngleDeg: number,
  thread: Thread,
  { width, height }: { readonly width: number; readonly height: number },
): LeafDrawing {
  const teeth = Math.max(SHORTEST_TEETH, Math.min(TEETH, Math.floor(LEAF_MM / thread.pitchMm)));
  const { threadEdge, leafEdge, lightMm, threadsEngaged } = leafSeat(
    leaf,
    leafAngleDeg,
    thread,
    teeth,
  );
  const left = threadEdge[0]?.x ?? 0;
  const perMm = width / ((threadEdge.at(-1)?.x ?? 1) - left);
  const top = Math.max(...leafEdge.map(({ y }) => y));
  const bottom = Math.min(...threadEdge.map(({ y }) => y));
  const metal = (points: readonly ProfilePoint[], toY: number, opacity: number): Mark => {
    const [from = { x: 0, y: toY }, ...rest] = points.map(({ x, y }) => ({
      x: (x - left) * perMm,
      y: height / 2 - (y - (top + bottom) / 2) * perMm,
    }));
    return {
      kind: "edge",
      from,
      steps: rest.map((to) => ({ to })),
      stroke: { weight: "fine" },
      within: { left: 0, right: width },
      metal: { toY, opacity },
    };
  };
  return {
    width,
    height,
    scale: perMm / UNITS_PER_MM,
    lightMm: lightMm < SEEN_MM ? 0 : lightMm,
    threadsEngaged,
    // The leaf is a shade brighter than the thread: where no light is left between them their seam still shows.
    marks: [metal(leafEdge, 0, LEAF_SHADE), metal(threadEdge, height, 1)],
  };
}
