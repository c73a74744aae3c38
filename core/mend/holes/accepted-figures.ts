import type { AskedFigure, RepairProblem } from "./problem";

/** What is accepted of each figure of a hole: mm, percent, newtons. Wider than any hole that is worked by hand. */
export const ACCEPTED_FIGURES: Readonly<
  Record<AskedFigure, { readonly least: number; readonly most: number }>
> = {
  depth: { least: 0.5, most: 500 },
  thickness: { least: 0.5, most: 1000 },
  "full-thread": { least: 0.5, most: 300 },
  bore: { least: 0.5, most: 200 },
  edge: { least: 0, most: 200 },
  neighbour: { least: 0, most: 200 },
  boss: { least: 1, most: 400 },
  engagement: { least: 0.2, most: 300 },
  percent: { least: 50, most: 83 },
  "sound-share": { least: 0, most: 1 },
  "wanted-load": { least: 0, most: 5_000_000 },
  torque: { least: 0.05, most: 20_000 },
  wear: { least: 0, most: 20 },
  "head-room": { least: 1, most: 500 },
  "mating-hole": { least: 0.5, most: 300 },
  "sound-below": { least: 0, most: 300 },
  "screw-length": { least: 1, most: 500 },
  "off-place": { least: 0, most: 50 },
};

/** Whether a figure was given. */
export function isGiven<Figure>(figure: Figure | undefined): figure is Figure {
  return figure !== undefined;
}

/** What is wrong with a figure, if it is not one that is accepted. */
export function rangeProblem(figure: AskedFigure, read: number): RepairProblem | undefined {
  const { least, most } = ACCEPTED_FIGURES[figure];
  return read >= least && read <= most
    ? undefined
    : { code: "out-of-range", figure, read, least, most };
}
