import { segments, type Mark } from "../marks";
import { cutOf, tappedBy, type Damage, type RepairCut, type RepairOption } from "../../mend/repair";
import type { HolePlan } from "../../mend/holes";
import type { Mm } from "../../measure";
import { line, type HoleFrame } from "./hole-frame";
import { hatch } from "./hole-metal";
import { threadMarks } from "./hole-threads";

const CUT = { weight: "heavy", tone: "cut" } as const;
const FINE_CUT = { weight: "dimension", tone: "cut" } as const;
const SIDES = [-1, 1] as const;

/** A wire insert: its coils as little lozenges between the cut and the thread inside. */
function coils({ at }: HoleFrame, innerMm: Mm, outerMm: Mm, pitchMm: Mm, lengthMm: Mm): Mark {
  const count = Math.max(0, Math.floor(lengthMm / pitchMm));
  const inner = innerMm / 2 - 0.3 * pitchMm;
  const half = 0.32 * pitchMm;
  return segments(
    Array.from({ length: count }, (_, i) => (i + 0.9) * pitchMm).flatMap((y) =>
      SIDES.flatMap((side) => {
        const middle = at((side * (inner + outerMm / 2)) / 2, y);
        const out = at((side * outerMm) / 2, y);
        const into = at(side * inner, y);
        const up = { x: middle.x, y: at(0, y - half).y };
        const down = { x: middle.x, y: at(0, y + half).y };
        return [line(out, up), line(up, into), line(into, down), line(down, out)];
      }),
    ),
    FINE_CUT,
  );
}

/** The wall that would be left, hatched close where it is too thin and marked where it is thin. */
function wallMarks({ wall }: RepairOption, frame: HoleFrame, cutMm: Mm, known: boolean): Mark[] {
  if (wall === undefined || wall.verdict === "sound" || !known) return [];
  const { at, right, bottom } = frame;
  const from = Math.min(cutMm / 2, right);
  const apart = wall.verdict === "too-thin" ? 3 : 5;
  return [
    segments(hatch(frame, { left: from, right, top: 0, bottom }, apart), {
      weight: wall.verdict === "too-thin" ? "dimension" : "fine",
      tone: "cut",
    }),
    ...(wall.leftMm < 0
      ? [segments([line(at(right, 0), at(right, bottom))], { ...CUT, dashed: true })]
      : []),
  ];
}

/** A hole that a screw passes, or that something is set in: its walls alone. */
function clearanceMarks({ depthMm }: Damage, diameterMm: Mm, { at }: HoleFrame): Mark[] {
  const radius = diameterMm / 2;
  return [
    segments(
      SIDES.map((side) => line(at(side * radius, 0), at(side * radius, depthMm))),
      CUT,
    ),
  ];
}

/** As deep as the drill of a plan goes, with its point. */
function drilledMarks(
  { drilled, depthMm = 0 }: RepairCut,
  { hole }: Damage,
  frame: HoleFrame,
): Mark[] {
  if (drilled === undefined || hole === "through") return [];
  const { at } = frame;
  const { diameterMm, drillDepthMm, pointMm } = drilled;
  const radius = diameterMm / 2;
  return [
    segments(
      SIDES.flatMap((side) => [
        line(at(side * radius, Math.min(depthMm, drillDepthMm)), at(side * radius, drillDepthMm)),
        line(at(side * radius, drillDepthMm), at(0, drillDepthMm + pointMm)),
      ]),
      CUT,
    ),
  ];
}

/** What a repair cuts and puts in, in place. */
export function repairMarks(damage: Damage, option: RepairOption, frame: HoleFrame): Mark[] {
  const cut = cutOf(option);
  const { depthMm, edgeMm, thread } = damage;
  if (cut === undefined) return [];
  const { at } = frame;
  const depth = Math.min(depthMm, cut.depthMm ?? depthMm);
  const radius = cut.diameterMm / 2;
  if (option.cut === undefined) return clearanceMarks(damage, cut.diameterMm, frame);
  const walls = segments(
    SIDES.map((side) => line(at(side * radius, 0), at(side * radius, depth))),
    CUT,
  );
  const bottom = segments([line(at(-radius, depth), at(radius, depth))], {
    weight: "outline",
    dashed: true,
    tone: "cut",
  });
  const around = [...wallMarks(option, frame, cut.diameterMm, edgeMm !== undefined), walls, bottom];
  const span = { from: 0, to: depth };
  around.push(...drilledMarks(cut, damage, frame));
  switch (option.kind) {
    case "wire-insert":
      return [...around, coils(frame, thread.majorMm, cut.diameterMm, thread.pitchMm, depth)];
    case "solid-bush":
    case "plug-and-redrill": {
      const outer = tappedBy(option).thread;
      return [
        ...around,
        ...threadMarks(frame, outer.majorMm, outer.pitchMm, span, FINE_CUT),
        ...threadMarks(frame, thread.majorMm, thread.pitchMm, span, FINE_CUT),
      ];
    }
    default:
      return [
        ...around,
        ...threadMarks(frame, option.thread.majorMm, option.thread.pitchMm, span, FINE_CUT),
      ];
  }
}

/** A new hole as it is drilled and tapped. */
export function newHoleMarks({ thread }: Damage, plan: HolePlan, frame: HoleFrame): Mark[] {
  const { at } = frame;
  const { drill, drillDepthMm, pointMm, fullThreadMm } = plan;
  const radius = drill.drill.mm / 2;
  const deep = Math.min(drillDepthMm, frame.depth);
  const through = drillDepthMm >= frame.bottom - 1e-6;
  return [
    segments(
      [
        ...SIDES.map((side) => line(at(side * radius, 0), at(side * radius, deep))),
        ...(through
          ? []
          : SIDES.map((side) => line(at(side * radius, deep), at(0, deep + pointMm)))),
      ],
      CUT,
    ),
    ...threadMarks(
      frame,
      thread.majorMm,
      thread.pitchMm,
      { from: 0, to: Math.min(fullThreadMm, deep) },
      FINE_CUT,
    ),
  ];
}
