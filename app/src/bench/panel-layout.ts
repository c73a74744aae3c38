import {
  ACROSS_CORNERS,
  NUT_HEIGHT,
  UNITS_PER_MM,
  boltLines,
  edgeForm,
  fittingScale,
  headProfile,
  nutLines,
  scaleWords,
  sideOf,
  type BoltShape,
  type HeadStyle,
  type MeasuredSizes,
  type NutShape,
  type PartKind,
  type Place,
} from "@root-gauge/core";
import type { AnchorName } from "./panel-tags";
import { LOW_TAG, TAG_HEIGHT } from "./reading-tag";

/** Everything of the drawing panel that has a place, in px. */
export interface PanelLayout {
  readonly drawing:
    | { readonly kind: "male"; readonly shape: BoltShape }
    | { readonly kind: "female"; readonly shape: NutShape };
  /** The head or nut seen from its end. */
  readonly endView?: {
    readonly centre: Place;
    readonly radius: number;
    readonly round?: boolean;
  };
  readonly anchors: Readonly<Partial<Record<AnchorName, Place>>>;
  readonly topRow: number;
  readonly bottomRow: number;
  readonly caption: string;
}

export interface PanelRoom {
  readonly part: PartKind;
  readonly sizes: MeasuredSizes;
  readonly flankAngleDeg: number | undefined;
  readonly tapered: boolean;
  /** The head that was seen. */
  readonly headStyle?: HeadStyle | undefined;
  readonly width: number;
  readonly height: number;
  /** Tags stand under the drawing as well. */
  readonly twoRows: boolean;
  /** How much larger than usual the text of the tags is. */
  readonly scale: number;
  /** A low strip: the part small between two rows of low tags. */
  readonly strip: boolean;
}

/** Threads along a diameter when the pitch is not known: about what a coarse thread has. */
const USUAL_PITCHES_IN_DIAMETER = 7;

/** The bore of a coarse thread against its diameter, about. */
const USUAL_BORE = 0.85;

/** Full taper of pipe threads on diameter; drawn for one that was seen, too. */
const PIPE_TAPER = 1 / 16;

export const EDGE = 12;
/** The line at the foot of the panel: what the part is, and the scale. */
export const CAPTION_HEIGHT = 48;
const TOP = 10;
/** From the tags to the outline: room for dimension lines and leaders. */
const LEADERS = 30;

/** From this height the end view stands under the part instead of beside it. */
const TALL = 420;
const END_VIEW_GAP = 52;
const END_VIEW_ROOM = 84;
const HALF_CORNERS = ACROSS_CORNERS / 2;
const LEFT = 30;
/** From the edge of a strip to its tags. */
const STRIP_EDGE = 4;
/** From the tags of a strip to the part. */
const STRIP_GAP = 8;

interface Drawn {
  readonly major: number;
  readonly pitch: number;
  readonly pxPerMm: number | undefined;
  readonly caption: string;
}

/** The thread at the largest usual scale that fits the room; before its size is known, at no scale. */
function drawnThread(
  majorMm: number | undefined,
  pitchMm: number | undefined,
  room: number,
): Drawn {
  if (majorMm === undefined) {
    const major = room * 0.85;
    const pitch = major / USUAL_PITCHES_IN_DIAMETER;
    return { major, pitch, pxPerMm: undefined, caption: "not to scale" };
  }
  const scale = fittingScale(majorMm, room);
  const pxPerMm = scale * UNITS_PER_MM;
  const pitch = (pitchMm ?? majorMm / USUAL_PITCHES_IN_DIAMETER) * pxPerMm;
  const caption = pitchMm === undefined ? "pitch not to scale" : scaleWords(scale);
  return { major: majorMm * pxPerMm, pitch, pxPerMm, caption };
}

interface Zone {
  readonly tall: boolean;
  readonly axisY: number;
  /** The largest diameter of the thread that fits, px. */
  readonly room: number;
}

/** Heads that are seen as a hexagon from their end. */
const HEXAGONS: ReadonlySet<HeadStyle> = new Set(["hex", "flange-hex"]);

/** How many diameters the head stands across. */
function headSpread(headStyle: HeadStyle | undefined): number {
  if (headStyle === undefined || headStyle === "hex") return ACROSS_CORNERS;
  return Math.max(ACROSS_CORNERS, 2 * headProfile(headStyle, 1).halfHeight);
}

/** Where the axis lies, and how large the part may be, between the rows of tags. */
function zoneOf({ height, width, twoRows, part, headStyle, scale, strip }: PanelRoom): Zone {
  const headed = part === "bolt" || part === "nut";
  const spread = headed ? headSpread(headStyle) : 1.35;
  if (strip) {
    const between = height - 2 * (LOW_TAG * scale + STRIP_GAP);
    return { tall: false, axisY: height / 2, room: Math.min(between / spread, width * 0.12) };
  }
  const tag = TAG_HEIGHT * scale;
  const bottom = height - CAPTION_HEIGHT * scale - (twoRows ? tag + 8 : 0);
  const top = TOP + tag;
  if (height < TALL) {
    const room = (bottom - top - 2 * LEADERS) / spread;
    return { tall: false, axisY: (top + bottom) / 2 + 2, room: Math.min(room, width * 0.25) };
  }
  const axisY = height * (headed ? 0.36 : 0.46);
  const below = bottom - axisY - END_VIEW_GAP - LEADERS;
  const room = headed ? below / (3 * HALF_CORNERS) : (bottom - top) / 2.6;
  return { tall: true, axisY, room: Math.min(room, width * 0.3) };
}

function malePlaces(room: PanelRoom, zone: Zone): Omit<PanelLayout, "topRow" | "bottomRow"> {
  const { sizes, part, width, flankAngleDeg, tapered, headStyle } = room;
  const {
    caption,
    pxPerMm: _scale,
    ...drawn
  } = drawnThread(sizes.majorMm, sizes.pitchMm, zone.room);
  const headed = part === "bolt" && headStyle !== "set" && headStyle !== "stud";
  const corner = HALF_CORNERS * drawn.major;
  const beside = headed && !zone.tall ? END_VIEW_ROOM + 22 : 30;
  const shape: BoltShape = {
    ...drawn,
    teeth: sizes.pitchMm !== undefined,
    headLeft: LEFT,
    axisY: zone.axisY,
    end: width - beside,
    headed,
    ...(headStyle === undefined ? {} : { headStyle }),
    form: edgeForm(flankAngleDeg),
    ...(tapered ? { taper: PIPE_TAPER } : {}),
  };
  const endView = zone.tall
    ? { centre: { x: LEFT + corner, y: zone.axisY + 2 * corner + END_VIEW_GAP }, radius: corner }
    : {
        centre: { x: width - END_VIEW_ROOM / 2 - 6, y: zone.axisY },
        radius: Math.min(corner, END_VIEW_ROOM / 2 - 4),
      };
  const lines = boltLines(shape);
  const lengthX = lines.lengthAt.from.x + 0.5 * (lines.lengthAt.to.x - lines.lengthAt.from.x);
  return {
    drawing: { kind: "male", shape },
    ...(headed
      ? { endView: { ...endView, round: headStyle !== undefined && !HEXAGONS.has(headStyle) } }
      : {}),
    anchors: {
      form: { x: lines.threadStart, y: lines.upperEdge[0]?.y ?? zone.axisY },
      pitch: {
        x: (lines.pitchAt.from.x + lines.pitchAt.to.x) / 2,
        y: lines.pitchAt.from.y - 15,
      },
      size: lines.diameterAt.from,
      // In a strip the line along which it is taken has no room: the edge of the shank is pointed at.
      length: {
        x: lengthX,
        y: room.strip ? zone.axisY + drawn.major / 2 : lines.lengthAt.from.y,
      },
      taper: { x: lines.endFace.to.x - 4, y: lines.endFace.to.y },
      ...(headed ? endAnchors(endView) : {}),
    },
    caption,
  };
}

/** Across the flats is read at the lower left of the end view, the mark at its middle. */
function endAnchors({ centre, radius }: { centre: Place; radius: number }) {
  const flat = radius * Math.cos(Math.PI / 6);
  return {
    flats: { x: centre.x - flat * 0.9, y: centre.y + radius * 0.45 },
    mark: { x: centre.x + radius * 0.2, y: centre.y + radius * 0.35 },
  };
}

function femalePlaces(room: PanelRoom, zone: Zone): Omit<PanelLayout, "topRow" | "bottomRow"> {
  const { sizes, part, width, flankAngleDeg, tapered } = room;
  const nut = part === "nut";
  const majorMm = sizes.boreMm === undefined ? undefined : sizes.boreMm / USUAL_BORE;
  const { major, pitch, pxPerMm, caption } = drawnThread(majorMm, sizes.pitchMm, zone.room);
  const bore =
    sizes.boreMm === undefined || pxPerMm === undefined
      ? major * USUAL_BORE
      : sizes.boreMm * pxPerMm;
  const corner =
    nut && sizes.flatsMm !== undefined && pxPerMm !== undefined
      ? ((sizes.flatsMm * pxPerMm) / 2) * 1.1547
      : HALF_CORNERS * major;
  const across = nut ? Math.max(NUT_HEIGHT * major, 104) : Math.min(width * 0.62, 4 * major);
  const left = nut && !zone.tall ? width * 0.3 : (width - across) / 2 - (zone.tall ? 0 : 10);
  const shape: NutShape = {
    left,
    right: left + across,
    axisY: zone.axisY,
    bore,
    pitch,
    teeth: sizes.pitchMm !== undefined,
    halfBody: nut ? corner : bore / 2 + (room.strip ? 8 : Math.max(26, 0.22 * major)),
    broken: !nut,
    form: edgeForm(flankAngleDeg),
    ...(tapered ? { taper: PIPE_TAPER } : {}),
  };
  const radius = zone.tall ? corner : Math.min(corner, END_VIEW_ROOM / 2 + 8);
  const endView = zone.tall
    ? { centre: { x: width / 2, y: zone.axisY + 2 * corner + END_VIEW_GAP }, radius }
    : { centre: { x: width - END_VIEW_ROOM / 2 - 30, y: zone.axisY }, radius };
  const lines = nutLines(shape);
  const boreFoot = lines.boreAt.to;
  return {
    drawing: { kind: "female", shape },
    ...(nut ? { endView } : {}),
    anchors: {
      form: lines.formAt,
      pitch: {
        x: (lines.pitchAt.from.x + lines.pitchAt.to.x) / 2,
        y: lines.pitchAt.from.y,
      },
      size: lines.boreAt.from,
      taper: boreFoot,
      ...(nut ? endAnchors(endView) : {}),
    },
    caption,
  };
}

/** Places the drawing of a part, the rows of tags over and under it, and the points they lead to. */
export function panelLayout(room: PanelRoom): PanelLayout {
  const zone = zoneOf(room);
  const places =
    sideOf(room.part) === "internal" ? femalePlaces(room, zone) : malePlaces(room, zone);
  const { anchors, endView } = places;
  if (room.strip) {
    return {
      ...places,
      topRow: STRIP_EDGE,
      bottomRow: room.height - STRIP_EDGE - LOW_TAG * room.scale,
    };
  }
  const tag = TAG_HEIGHT * room.scale;
  const top = Math.min(
    ...[anchors.form, anchors.pitch, anchors.size].map((point) => point?.y ?? 0),
  );
  const foot = room.height - CAPTION_HEIGHT * room.scale - tag - 4;
  const under =
    endView === undefined
      ? (anchors.length ?? anchors.taper)?.y
      : endView.centre.y + endView.radius;
  return {
    ...places,
    topRow: zone.tall ? Math.max(EDGE, top - 90 - tag) : TOP,
    bottomRow: zone.tall && under !== undefined ? Math.min(foot, under + 48) : foot,
  };
}
