import type { ChartDrillBasis } from "../../mend/holes";
import type { Thread } from "../../catalogue/threads";
import type { Units } from "../../measure";
import { DRILL_BASIS_WORDS } from "./drill-words";

/** What the Charts say in whole sentences. */
export const CHART_SENTENCES = {
  usualLimits: "At the middle of the usual limits, new and clean. Never force a thread that binds.",
  convertsLengths: "mm, inches, thou and the nearest fractions, as you type.",
  convertsPitches: "mm, threads per inch and the nearest standard pitch, as you type.",
  noDrill: "No drill: choose at least one of the drill sets, or another size.",
  estimate: "* An estimate of ours: no standard’s tolerance is held for it.",
  atGaugePlane: "Diameters at the gauge plane.",
  noneAlike: "Nothing in the catalogue measures like it or seems to go into it.",
  classes: "Medium is 6g/6H, 2A/2B; fine 4h/5H, 3A/3B; coarse 8g/7H, 1A/1B.",
  pinSecond: "Pin a second row to compare.",
  noneAnswers: "No thread held answers to that.",
  tryThese:
    "Try a size as you measured it (9.5 mm, .37, 3/8), a name (M10x1.25, 5/16 BSF, G 1/2) or a pitch (1.25 pitch, 20 TPI), or take filters away.",
} as const;

/** A link to a comparison that does not name two threads. */
export function notTwoThreadsWords(first = "", second = ""): string {
  return `Read “${first}” and “${second}”: two threads of the catalogue are wanted. Pin two rows of the thread chart and compare them.`;
}

/** A link to a thread that the catalogue does not hold. */
export function noSuchThreadWords(id: string): string {
  return `Read “${id}”: no thread of the catalogue has this address. The link may be cut short.`;
}

/** What was written names several threads: which are meant? */
export function whichThreadWords(typed: string, threads: readonly Thread[], most: number): string {
  const names = threads.slice(0, most).map(({ designation }) => designation);
  const others = threads.length > most ? " and others" : "";
  return `Read “${typed.trim()}”: more than one thread. Say which: ${names.join(", ")}${others}.`;
}

/** By what a thread's drill is, and by which standard the holes it passes through. */
export function holeSourcesWords(
  basis: ChartDrillBasis,
  clearanceStandard: string | undefined,
): string {
  const clearance = clearanceStandard === undefined ? "" : ` Clearance by ${clearanceStandard}.`;
  return `Drill by ${DRILL_BASIS_WORDS[basis]}.${clearance}`;
}

export function chartDrillByWords(basis: ChartDrillBasis): string {
  return `Chart drill by ${DRILL_BASIS_WORDS[basis]}.`;
}

export function alsoCalledWords(names: readonly string[]): string {
  return `Also called ${names.join(", ")}.`;
}

/** How two profiles lie over each other: each at its own radius, or crest on crest where they are too far apart. */
export function overlayWords(scale: string, crestsTogether: boolean, apart: string): string {
  return crestsTogether
    ? `${scale}; crests laid on one line, the diameters are ${apart} apart`
    : `${scale}, each at its own radius`;
}

/** What a bare figure is read as. */
export function bareLengthWords(units: Units): string {
  return `A length; a bare figure is ${units}`;
}

export function barePitchWords(units: Units): string {
  return `A pitch; a bare figure is ${units === "mm" ? "mm" : "threads per inch"}`;
}
