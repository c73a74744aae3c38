import { UNITS_PER_MM } from "../marks";
import { formSizes, type Thread } from "../../catalogue/threads";
import type { ProfilePlace } from "./profile-edge";

/** How two screws are laid over each other: the place of each, and whether their crests had to be brought together. */
export interface OverlayLayout {
  readonly places: readonly [ProfilePlace, ProfilePlace];
  /** Drawing scale, times full size. */
  readonly scale: number;
  /** The diameters are too far apart to draw both where they are: crests are laid on one line. */
  readonly crestsTogether: boolean;
  /** The height the drawing needs, px. */
  readonly height: number;
  readonly pitches: readonly [number, number];
}

const MARGIN = 18;
/** With radii further apart than this many pitches the threads would be specks. */
const FAR_APART = 1.5;
const PITCHES_SHOWN = 3;

/** Works out one scale at which both profiles fit, true radius on true radius where that can be shown. */
export function overlayLayout(
  first: Thread,
  second: Thread,
  { width, mostHeight }: { width: number; mostHeight: number },
): OverlayLayout {
  const sizes = [formSizes(first, "external"), formSizes(second, "external")] as const;
  const coarser = Math.max(first.pitchMm, second.pitchMm);
  const crests = sizes.map(({ major }) => major / 2) as [number, number];
  const crestsTogether = Math.abs(crests[0] - crests[1]) > FAR_APART * coarser;
  const tops = crestsTogether ? ([0, 0] as const) : crests;
  const depths = sizes.map(({ major, minor }) => (major - minor) / 2) as [number, number];
  const top = Math.max(tops[0], tops[1]);
  const bottom = Math.min(tops[0] - depths[0], tops[1] - depths[1]);
  const across = (width - 2 * MARGIN) / (PITCHES_SHOWN * coarser);
  const up = (mostHeight - 2 * MARGIN) / (top - bottom);
  const scale = Math.min(across, up);
  const topY = MARGIN;
  const place = (i: 0 | 1): ProfilePlace => ({
    scale,
    x0: MARGIN + (coarser / 2) * scale,
    // The axis lies where this screw's crest comes to its own height under the higher crest.
    axisY: topY + (top - tops[i] + crests[i]) * scale,
  });
  const shown = (pitchMm: number) => width / (pitchMm * scale);
  return {
    places: [place(0), place(1)],
    scale: scale / UNITS_PER_MM,
    crestsTogether,
    height: (top - bottom) * scale + 2 * MARGIN,
    pitches: [shown(first.pitchMm), shown(second.pitchMm)],
  };
}
