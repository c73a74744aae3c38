import type { HeadSize, HeadStyle } from "../../catalogue/looks";
import type { Mm } from "../../measure";
import { arc, box, mirrored, type OutlineStroke } from "./outline";

/** A head's lines, and how far it reaches. */
export interface HeadOutline {
  readonly strokes: readonly OutlineStroke[];
  /** Left end, where x = 0 is the length's datum. */
  readonly left: Mm;
  readonly halfHeight: Mm;
  /** Where the shank begins: past a sunk head or a square neck. */
  readonly shankFrom: Mm;
}

/** Across corners of a hexagon from across flats; the faces show as 1 : 2 : 1. */
const CORNERS = 2 / Math.sqrt(3);

function hexagon(width: Mm, left: Mm, right: Mm): OutlineStroke[] {
  const half = (width * CORNERS) / 2;
  const chamfer = Math.min(0.18 * (right - left), 0.1 * width);
  const edge: OutlineStroke = {
    kind: "edge",
    points: [
      { x: right, y: -half },
      { x: left + chamfer, y: -half },
      { x: left, y: -0.86 * half },
      { x: left, y: 0.86 * half },
      { x: left + chamfer, y: half },
      { x: right, y: half },
      { x: right, y: -half },
    ],
  };
  const inner: OutlineStroke = {
    kind: "inner",
    points: [
      { x: left + chamfer * 0.4, y: -half / 2 },
      { x: right, y: -half / 2 },
    ],
  };
  return [edge, inner, mirrored(inner)];
}

/** A dome from its bearing face, with straight sides for a share of its height. */
function dome(width: Mm, height: Mm, sides: number, face: Mm = 0): OutlineStroke {
  const straight = height * sides;
  return {
    kind: "edge",
    points: [
      { x: face, y: -width / 2 },
      ...arc({ x: face - straight, y: 0 }, { x: height - straight, y: width / 2 }, 270, 90),
      { x: face, y: width / 2 },
      { x: face, y: -width / 2 },
    ],
  };
}

function socketLines(keyMm: Mm | undefined, left: Mm, height: Mm): OutlineStroke[] {
  if (keyMm === undefined) return [];
  const half = (keyMm * CORNERS) / 2;
  const depth = 0.5 * height;
  return [
    {
      kind: "hidden",
      points: [
        { x: left, y: -half },
        { x: left + depth, y: -half },
        { x: left + depth, y: half },
        { x: left, y: half },
      ],
    },
  ];
}

function sunk(size: HeadSize, d: Mm): HeadOutline {
  const { widthMm, heightMm, crownMm = 0 } = size;
  const angle = ((size.countersinkDeg ?? 90) / 2) * (Math.PI / 180);
  const cone = Math.max(heightMm, (widthMm - d) / 2 / Math.tan(angle));
  const half = widthMm / 2;
  const strokes: OutlineStroke[] = [
    {
      kind: "edge",
      points: [
        { x: cone, y: -d / 2 },
        { x: 0, y: -half },
        { x: 0, y: half },
        { x: cone, y: d / 2 },
      ],
    },
    ...socketLines(size.keyMm, 0, heightMm),
  ];
  if (crownMm > 0) strokes.push(dome(widthMm, crownMm, 0));
  return { strokes, left: -crownMm, halfHeight: half, shankFrom: cone };
}

function capped(size: HeadSize): HeadOutline {
  const { widthMm, heightMm, keyMm } = size;
  return {
    strokes: [box("edge", -heightMm, 0, widthMm / 2), ...socketLines(keyMm, -heightMm, heightMm)],
    left: -heightMm,
    halfHeight: widthMm / 2,
    shankFrom: 0,
  };
}

function domed(size: HeadSize, sides: number): HeadOutline {
  const { widthMm, heightMm, keyMm } = size;
  return {
    strokes: [dome(widthMm, heightMm, sides), ...socketLines(keyMm, -heightMm, heightMm)],
    left: -heightMm,
    halfHeight: widthMm / 2,
    shankFrom: 0,
  };
}

function flanged(size: HeadSize): HeadOutline {
  const { widthMm, heightMm, flangeMm = 2 * widthMm } = size;
  const flange = 0.22 * heightMm;
  const half = flangeMm / 2;
  return {
    strokes: [
      ...hexagon(widthMm, -heightMm, -flange),
      {
        kind: "edge",
        points: [
          { x: -flange, y: (-widthMm * CORNERS) / 2 },
          { x: -0.3 * flange, y: -half },
          { x: 0, y: -half },
          { x: 0, y: half },
          { x: -0.3 * flange, y: half },
          { x: -flange, y: (widthMm * CORNERS) / 2 },
        ],
      },
    ],
    left: -heightMm,
    halfHeight: Math.max(half, (widthMm * CORNERS) / 2),
    shankFrom: 0,
  };
}

function carriage(size: HeadSize, d: Mm): HeadOutline {
  const neck = 0.6 * d;
  const cross: OutlineStroke = {
    kind: "inner",
    points: [
      { x: 0, y: -d / 2 },
      { x: neck, y: d / 2 },
    ],
  };
  return {
    strokes: [
      dome(size.widthMm, size.heightMm, 0.1),
      box("edge", 0, neck, d / 2),
      cross,
      mirrored(cross),
    ],
    left: -size.heightMm,
    halfHeight: size.widthMm / 2,
    shankFrom: neck,
  };
}

function eye({ widthMm, heightMm }: HeadSize, d: Mm): HeadOutline {
  const collar = 0.25 * d;
  const outer = (heightMm - collar) / 2;
  const centre = { x: -collar - outer, y: 0 };
  const ring = (radius: Mm): OutlineStroke => ({
    kind: "edge",
    points: arc(centre, { x: radius, y: radius }, 0, 360),
  });
  return {
    strokes: [ring(outer), ring(0.55 * outer), box("edge", -collar, 0, widthMm * 0.36)],
    left: -heightMm,
    halfHeight: Math.max(outer, widthMm * 0.36),
    shankFrom: 0,
  };
}

function wing({ widthMm, heightMm }: HeadSize, d: Mm): HeadOutline {
  const blade: OutlineStroke = {
    kind: "edge",
    points: [
      { x: 0, y: 0.6 * d },
      { x: -0.5 * heightMm, y: 0.65 * d },
      ...arc(
        { x: -0.72 * heightMm, y: widthMm / 2 - 0.3 * d },
        { x: 0.28 * heightMm, y: 0.3 * d },
        0,
        180,
      ),
      { x: -0.45 * heightMm, y: 0.45 * d },
    ],
  };
  return {
    strokes: [blade, mirrored(blade), box("edge", -0.55 * heightMm, 0, 0.6 * d)],
    left: -heightMm,
    halfHeight: widthMm / 2,
    shankFrom: 0,
  };
}

/** The lines of a head from the side. @param d the thread's major diameter */
export function headOutline(head: HeadStyle, size: HeadSize, d: Mm): HeadOutline {
  const { widthMm, heightMm } = size;
  switch (head) {
    case "hex":
      return {
        strokes: hexagon(widthMm, -heightMm, 0),
        left: -heightMm,
        halfHeight: (widthMm * CORNERS) / 2,
        shankFrom: 0,
      };
    case "flange-hex":
      return flanged(size);
    case "socket-cap":
    case "low-cap":
    case "narrow-cap":
    case "shoulder":
    case "cheese":
    case "square":
    case "t":
      return capped(size);
    case "button":
      return domed(size, 0.12);
    case "pan":
      return domed(size, 0.45);
    case "truss":
      return domed(size, 0.1);
    case "round":
      return domed(size, 0);
    case "csk":
    case "raised-csk":
      return sunk(size, d);
    case "carriage":
      return carriage(size, d);
    case "eye":
      return eye(size, d);
    case "wing":
      return wing(size, d);
    case "set":
    case "stud":
      return { strokes: [], left: 0, halfHeight: d / 2, shankFrom: 0 };
  }
}
