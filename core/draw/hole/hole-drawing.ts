import { dimensionMarks, type Drawing, type Mark, type Place } from "../marks";
import type { HolePlan } from "../../mend/holes";
import type { Damage, RepairOption } from "../../mend/repair";
import { printLength, type Units } from "../../measure";
import { newHoleMarks, repairMarks } from "./hole-after";
import { holeFrame, line, type DrawingRoom, type HoleFrame, type Margins } from "./hole-frame";
import { metalMarks } from "./hole-metal";
import { damageMarks } from "./hole-threads";

/** The figures that are touched in on the drawing. */
export const HOLE_TAGS = ["depth", "edge", "bore", "thickness"] as const;

export type HoleTag = (typeof HOLE_TAGS)[number];

/** A hole cut open, and where its figures belong. */
export interface HoleDrawing extends Drawing {
  readonly tags: Readonly<Record<HoleTag, Place>>;
}

/** What is drawn of a damage: as it is, or what a repair or a tapping plan makes of it, and whether its figures are written in. */
export interface HoleView {
  readonly after?: RepairOption | HolePlan;
  /** Without what is damaged: the hole as it will be. */
  readonly only?: "before" | "after";
  readonly figures?: Units;
}

/** Room for the figures round the section; little where none are written. */
const WITH_FIGURES: Margins = { above: 44, below: 40, left: 96, right: 76 };
const WITH_TAGS: Margins = { above: 36, below: 26, left: 80, right: 80 };
const BARE: Margins = { above: 10, below: 18, left: 8, right: 8 };

const isPlan = (after: RepairOption | HolePlan): after is HolePlan => "drillDepthMm" in after;

function afterMarks(damage: Damage, after: HoleView["after"], frame: HoleFrame): Mark[] {
  if (after === undefined) return [];
  return isPlan(after) ? newHoleMarks(damage, after, frame) : repairMarks(damage, after, frame);
}

function figureMarks(damage: Damage, frame: HoleFrame, units: Units): Mark[] {
  const { depthMm, edgeMm } = damage;
  const { at, left } = frame;
  const x = at(-left, 0).x - 18;
  const stroke = { weight: "dimension" } as const;
  const text = (place: Place, anchor: "middle" | "end", words: string): Mark => ({
    kind: "text",
    at: place,
    anchor,
    text: words,
  });
  const mouth = at(0, 0);
  const edge = at(edgeMm ?? 0, 0);
  return [
    ...dimensionMarks(line({ x, y: mouth.y }, { x, y: at(0, depthMm).y }), stroke),
    text({ x: x - 8, y: at(0, depthMm / 2).y + 5 }, "end", printLength(depthMm, units)),
    ...(edgeMm === undefined
      ? []
      : [
          ...dimensionMarks(
            line({ x: mouth.x, y: mouth.y - 14 }, { x: edge.x, y: mouth.y - 14 }),
            stroke,
          ),
          text(
            { x: (mouth.x + edge.x) / 2, y: mouth.y - 22 },
            "middle",
            printLength(edgeMm, units),
          ),
        ]),
  ];
}

/** Dimension lines that the touched figures stand on. */
function tagLines({ edgeMm, symptom }: Damage, { at, left, depth }: HoleFrame): Mark[] {
  const x = at(-left, 0).x - 12;
  const stroke = { weight: "dimension" } as const;
  const { y } = at(0, 0);
  return [
    ...dimensionMarks(line({ x, y }, { x, y: at(0, depth).y }), stroke),
    ...(edgeMm === undefined || symptom === "new"
      ? []
      : dimensionMarks(
          line({ x: at(0, 0).x, y: y - 12 }, { x: at(edgeMm, 0).x, y: y - 12 }),
          stroke,
        )),
  ];
}

function tagsOf({ at, left, right, depth, bottom, radius }: HoleFrame): HoleDrawing["tags"] {
  return {
    depth: at(-left, depth / 2),
    edge: at(right / 2, 0),
    bore: at(-radius, 0),
    thickness: at(right, bottom * 0.7),
  };
}

function laidOut(damage: Damage, view: HoleView, room: DrawingRoom, margins: Margins): HoleDrawing {
  const frame = holeFrame(damage, room, margins);
  const { after, only, figures } = view;
  return {
    width: room.width,
    height: room.height,
    scale: frame.drawnAt,
    tags: tagsOf(frame),
    marks: [
      ...metalMarks(damage, frame, damage.symptom !== "new"),
      ...(only === "after" ? [] : damageMarks(damage, frame)),
      ...(only === "before" ? [] : afterMarks(damage, after, frame)),
      ...(figures === undefined ? [] : figureMarks(damage, frame, figures)),
    ],
  };
}

/**
 * The hole cut open to scale: the metal hatched, what is damaged, and what a repair would cut away and put in. What is not
 * known is dashed.
 */
export function holeDrawing(damage: Damage, view: HoleView, room: DrawingRoom): HoleDrawing {
  return laidOut(damage, view, room, view.figures === undefined ? BARE : WITH_FIGURES);
}

/** The same with room for figures that are touched, and the lines they stand on. */
export function touchedHoleDrawing(damage: Damage, view: HoleView, room: DrawingRoom): HoleDrawing {
  const drawn = laidOut(damage, view, room, WITH_TAGS);
  const lines = tagLines(damage, holeFrame(damage, room, WITH_TAGS));
  return { ...drawn, marks: [...drawn.marks, ...lines] };
}
