import { formSizes, type Thread } from "@root-gauge/core";
import type { ProfilePlace } from "./profile-path";
import { PX_PER_MM } from "./scale";

/** Where everything on a thread's drawing stands, in px. */
export interface ProfileLayout {
  readonly place: ProfilePlace;
  readonly pitches: number;
  readonly pitchPx: number;
  /** Drawing scale, times full size. */
  readonly scale: number;
  readonly left: number;
  readonly right: number;
  readonly majorY: number;
  readonly pitchY: number;
  readonly minorY: number;
  /** Where the names of the three diameters stand, kept clear of each other. */
  readonly labelYs: readonly [number, number, number];
  readonly dimensionY: number;
  readonly angleY: number;
}

const LEFT = 12;
/** Room at the right for the names of the diameters. */
const LABELS = 132;
const PITCHES = 2;
const ABOVE = 64;
const BELOW = 46;
const LABEL_STEP = 18;

/** Lays a profile out at the largest scale that fits, two pitches long. */
export function profileLayout(
  thread: Thread,
  { width, height }: { width: number; height: number },
): ProfileLayout {
  const sizes = formSizes(thread, thread.only ?? "external");
  const right = Math.max(LEFT + 80, width - LABELS);
  const across = (right - LEFT) / (PITCHES * thread.pitchMm);
  const depth = (sizes.major - sizes.minor) / 2;
  const up = (height - ABOVE - BELOW) / depth;
  const scale = Math.min(across, up);
  const pitchPx = thread.pitchMm * scale;
  const drawn = PITCHES * pitchPx;
  const left = LEFT + Math.max(0, (right - LEFT - drawn) / 2);
  const spare = height - ABOVE - BELOW - depth * scale;
  const majorY = ABOVE + spare / 2;
  const yOf = (diameter: number) => majorY + ((sizes.major - diameter) / 2) * scale;
  const pitchY = yOf(sizes.pitch);
  const minorY = yOf(sizes.minor);
  const middleLabel = Math.max(pitchY + 5, majorY + 5 + LABEL_STEP);
  return {
    place: {
      scale,
      x0: left + pitchPx / 2,
      axisY: majorY + (sizes.major / 2) * scale,
      ...(thread.taper === undefined ? {} : { taper: thread.taper }),
    },
    pitches: PITCHES,
    pitchPx,
    scale: scale / PX_PER_MM,
    left,
    right: left + drawn,
    majorY,
    pitchY,
    minorY,
    labelYs: [majorY + 5, middleLabel, Math.max(minorY + 5, middleLabel + LABEL_STEP)],
    dimensionY: majorY - 22,
    angleY: majorY + 5 + Math.min(14, (depth * scale) / 3),
  };
}
