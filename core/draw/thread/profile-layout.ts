import { UNITS_PER_MM } from "../marks";
import { basicSizes, formSizes, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { ProfilePlace } from "./profile-edge";

/** A diameter of the form by name. */
interface NamedDiameter {
  readonly name: string;
  readonly mm: Mm;
  readonly y: number;
  readonly labelY: number;
}

/** Where everything on a thread's drawing stands, in px. */
export interface ProfileLayout {
  readonly place: ProfilePlace;
  readonly pitches: number;
  /** The height the drawing needs. */
  readonly height: number;
  readonly pitchPx: number;
  /** Drawing scale, times full size. */
  readonly scale: number;
  readonly left: number;
  readonly right: number;
  readonly majorY: number;
  /** The named diameters from the outside in, each with the height of its line and of its name. */
  readonly diameters: readonly NamedDiameter[];
  readonly dimensionY: number;
  readonly angleY: number;
}

const LEFT = 12;
/** Room at the right for the names of the diameters. */
const LABELS = 150;
const PITCHES = 2;
const ABOVE = 64;
const BELOW = 50;
const LABEL_STEP = 18;

/** Major, pitch and minor diameter; where a screw's root lies deeper than the basic minor, that as well. */
function namedDiameters(thread: Thread): readonly { name: string; mm: Mm }[] {
  const { major, pitch, minor } = basicSizes(thread);
  const root = formSizes(thread, thread.only ?? "external").minor;
  return [
    { name: "major", mm: major },
    { name: "pitch", mm: pitch },
    { name: "minor", mm: minor },
    ...(minor - root > 1e-6 ? [{ name: "screw root", mm: root }] : []),
  ];
}

/** Lays a profile out at the largest scale that fits, two pitches long. */
export function profileLayout(
  thread: Thread,
  { width, mostHeight }: { width: number; mostHeight: number },
): ProfileLayout {
  const sizes = formSizes(thread, thread.only ?? "external");
  const right = Math.max(LEFT + 80, width - LABELS);
  const across = (right - LEFT) / (PITCHES * thread.pitchMm);
  const depth = (sizes.major - sizes.minor) / 2;
  const up = (mostHeight - ABOVE - BELOW) / depth;
  const scale = Math.min(across, up);
  const pitchPx = thread.pitchMm * scale;
  const drawn = PITCHES * pitchPx;
  const left = LEFT + Math.max(0, (right - LEFT - drawn) / 2);
  const majorY = ABOVE;
  const yOf = (diameter: number) => majorY + ((sizes.major - diameter) / 2) * scale;
  return {
    place: {
      scale,
      x0: left + pitchPx / 2,
      axisY: majorY + (sizes.major / 2) * scale,
      ...(thread.taper === undefined ? {} : { taper: thread.taper }),
    },
    pitches: PITCHES,
    height: ABOVE + depth * scale + BELOW,
    pitchPx,
    scale: scale / UNITS_PER_MM,
    left,
    right: left + drawn,
    majorY,
    diameters: namedDiameters(thread).reduce<NamedDiameter[]>((placedSoFar, { name, mm }) => {
      const above = placedSoFar.at(-1)?.labelY ?? -Infinity;
      const y = yOf(mm);
      return [...placedSoFar, { name, mm, y, labelY: Math.max(y + 5, above + LABEL_STEP) }];
    }, []),
    dimensionY: majorY - 22,
    angleY: majorY + 5 + Math.min(14, (depth * scale) / 3),
  };
}
