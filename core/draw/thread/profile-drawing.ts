import { diameterLabel } from "../../say/charts";
import { dimensionMarks, segments, type Drawing, type Mark } from "../marks";
import type { Thread } from "../../catalogue/threads";
import type { Units } from "../../measure";
import { angleWords, pitchWords } from "../../say/common";
import { profileEdge } from "./profile-edge";
import { profileLayout, type ProfileLayout } from "./profile-layout";
import { threadProfile } from "./thread-profile";

/** Screw and nut, each with the metal behind its line; a thread that is only internal is the nut, solid. */
function metalMarks(thread: Thread, layout: ProfileLayout): Mark[] {
  const { place, pitches, left, right, height } = layout;
  const within = { left, right };
  const nutOnly = thread.only === "internal";
  const edgeOf = (side: "external" | "internal") =>
    profileEdge(threadProfile(thread, side), thread.pitchMm, pitches, place);
  const screw: Mark = {
    kind: "edge",
    ...edgeOf("external"),
    stroke: { weight: "heavy" },
    within,
    metal: { toY: height, opacity: 0.14 },
  };
  const nut: Mark = {
    kind: "edge",
    ...edgeOf("internal"),
    stroke: { weight: "outline", dashed: !nutOnly },
    within,
    metal: { toY: 0, opacity: 0.06 },
  };
  return nutOnly ? [nut] : [screw, nut];
}

function diameterMarks(layout: ProfileLayout, units: Units): Mark[] {
  return layout.diameters.flatMap(({ name, mm, y, labelY }): Mark[] => [
    segments([{ from: { x: layout.left, y }, to: { x: layout.right + 8, y } }], {
      weight: "fine",
      dashed: true,
      opacity: 0.7,
    }),
    {
      kind: "text",
      at: { x: layout.right + 12, y: labelY },
      anchor: "start",
      text: diameterLabel(name, mm, units),
    },
  ]);
}

/** The pitch over two crests, and the flank angle in the groove between them. */
function pitchMarks(thread: Thread, layout: ProfileLayout, units: Units): Mark[] {
  const y = layout.dimensionY;
  const from = { x: layout.place.x0, y };
  const to = { x: layout.place.x0 + layout.pitchPx, y };
  const middle = (from.x + to.x) / 2;
  return [
    segments(
      [from.x, to.x].map((x) => ({ from: { x, y: layout.majorY }, to: { x, y: y - 6 } })),
      { weight: "dimension" },
    ),
    ...dimensionMarks({ from, to }, { weight: "dimension" }),
    {
      kind: "text",
      at: { x: middle, y: y - 8 },
      anchor: "middle",
      text: pitchWords(thread.pitchMm, thread.tpi === undefined ? "mm" : units),
    },
    {
      kind: "text",
      at: { x: middle, y: layout.angleY },
      anchor: "middle",
      text: angleWords(thread.flankAngleDeg),
    },
  ];
}

/**
 * One thread's form to scale, two pitches long: the screw's metal under its line, the nut's above, the sizes named.
 * @param room its height is the most it may take
 */
export function profileDrawing(
  thread: Thread,
  room: { readonly width: number; readonly mostHeight: number },
  units: Units,
): Drawing {
  const layout = profileLayout(thread, room);
  return {
    width: room.width,
    height: layout.height,
    scale: layout.scale,
    marks: [
      ...metalMarks(thread, layout),
      ...diameterMarks(layout, units),
      ...pitchMarks(thread, layout, units),
    ],
  };
}
