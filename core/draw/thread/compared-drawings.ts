import { driftWords, tenThreadsWords } from "../../say/charts";
import { chain, segments, type Drawing, type Mark, type Place } from "../marks";
import type { Thread } from "../../catalogue/threads";
import type { Mm, Units } from "../../measure";
import { overlayLayout } from "./overlay-layout";
import { profileEdge } from "./profile-edge";
import { threadProfile } from "./thread-profile";

/** Two screws' profiles over each other to one scale: the first solid, the second dashed. */
export function overlayDrawing(
  first: Thread,
  second: Thread,
  room: { readonly width: number; readonly mostHeight: number },
): Drawing & { readonly crestsTogether: boolean } {
  const layout = overlayLayout(first, second, room);
  const edge = (thread: Thread, at: 0 | 1): Mark => ({
    kind: "edge",
    ...profileEdge(
      threadProfile(thread, "external"),
      thread.pitchMm,
      layout.pitches[at],
      layout.places[at],
    ),
    stroke: at === 0 ? { weight: "heavy" } : { weight: "outline", dashed: true },
    within: { left: 0, right: room.width },
  });
  return {
    width: room.width,
    height: layout.height,
    scale: layout.scale,
    crestsTogether: layout.crestsTogether,
    marks: [edge(first, 0), edge(second, 1)],
  };
}

const THREADS = 10;
const MARGIN = 12;
const TOOTH = 16;
const DRIFT_HEIGHT = 118;
/** Under this the tenth crests stand on one another, mm. */
const TOGETHER: Mm = 0.0005;

/** How far the tenth crests of two threads have parted, mm. */
export function driftOverTen(first: Thread, second: Thread): Mm {
  const drift = Math.abs(first.pitchMm - second.pitchMm) * THREADS;
  return drift < TOGETHER ? 0 : drift;
}

/** A row of teeth from a common start, as many as are shown, pointing up or down to the line between the rows. */
function teeth(pitch: number, y: number, way: 1 | -1): Place[] {
  return Array.from({ length: 2 * THREADS + 1 }, (_, i) => ({
    x: MARGIN + (i * pitch) / 2,
    y: i % 2 === 0 ? y : y + way * TOOTH,
  }));
}

/** Ten threads of each from a common start, and how far the tenth crests have parted. */
export function driftDrawing(first: Thread, second: Thread, width: number, units: Units): Drawing {
  const scale = (width - 2 * MARGIN) / (THREADS * Math.max(first.pitchMm, second.pitchMm));
  const ends = [first, second].map(({ pitchMm }) => MARGIN + THREADS * pitchMm * scale);
  const [firstEnd = 0, secondEnd = 0] = ends;
  const drift = driftOverTen(first, second);
  const down = (x: number, from: number) => ({ from: { x, y: from }, to: { x, y: 84 } });
  const apart = { from: { x: firstEnd, y: 80 }, to: { x: secondEnd, y: 80 } };
  return {
    width,
    height: DRIFT_HEIGHT,
    scale,
    marks: [
      chain(teeth(first.pitchMm * scale, 42, -1), { weight: "heavy" }),
      chain(teeth(second.pitchMm * scale, 52, 1), { weight: "outline", dashed: true }),
      segments([down(firstEnd, 24), down(secondEnd, 50), ...(drift === 0 ? [] : [apart])], {
        weight: "dimension",
      }),
      { kind: "text", at: { x: MARGIN, y: 18 }, anchor: "start", text: tenThreadsWords(first) },
      { kind: "text", at: { x: MARGIN, y: 86 }, anchor: "start", text: second.designation },
      {
        kind: "text",
        at: { x: width - MARGIN, y: 106 },
        anchor: "end",
        text: driftWords(drift, units),
      },
    ],
  };
}
