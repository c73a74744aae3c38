import type { PitchNeighbour, Understanding } from "../../identify/search";
import { PITCHES_READ, type DesignationProblem, type Thread } from "../../catalogue/threads";
import { printFigure, printLength, printPlain, printRange, type Units } from "../../measure";
import { pitchWords } from "../common";

function listWords(threads: readonly Thread[], most = 6): string {
  const names = threads.slice(0, most).map(({ designation }) => designation);
  return threads.length > most
    ? `${names.join(", ")} and ${threads.length - most} more`
    : names.join(", ");
}

/** Why a written designation is none that is held, what was read and what would do. */
export function designationProblemWords(problem: DesignationProblem): string {
  if (problem.code === "designation-too-long") {
    return `Read ${problem.letters} letters: too long to be a thread. Accepted: at most ${problem.most}.`;
  }
  const read = `Read “${problem.read}”`;
  switch (problem.code) {
    case "designation-left-over":
      return `${read}: ${problem.thread.designation} was read, “${problem.rest}” was not understood. Write the thread alone.`;
    case "designation-unreadable":
      return `${read}: neither a thread, a diameter nor a pitch. Accepted: M10x1.25, 7/16-14, 5/16 BSF, #10-32, G 1/2, 2 BA; 9.5 mm, .37 or 3/8; 1.25 pitch or 20 TPI.`;
    case "pitch-not-held":
      return `${read}: not a pitch or series of that size. Held: ${listWords(problem.held)}.`;
    case "size-not-held":
      return problem.neighbours.length === 0
        ? `${read}: no such size is held.`
        : `${read}: no such size is held. Nearest: ${listWords(problem.neighbours)}.`;
  }
}

function standardPitchWords({ pitchMm, tpi }: PitchNeighbour): string {
  return tpi === undefined ? `${printPlain(pitchMm)} mm` : `${printPlain(tpi)} TPI`;
}

/** A pitch against its standard neighbours, with the difference over ten threads. */
export function pitchNeighboursWords(
  pitchMm: number,
  neighbours: readonly PitchNeighbour[],
  units: Units,
): string {
  const [first, second] = neighbours;
  if (first === undefined) return "No standard pitch is near it.";
  if (second === undefined && Math.abs(first.overTenMm) < 0.005) {
    return `${standardPitchWords(first)} is a standard pitch.`;
  }
  const own = units === "mm" ? printLength(pitchMm, "mm", 3) : pitchWords(pitchMm, "in");
  const each = neighbours.map(
    (neighbour) =>
      `${standardPitchWords(neighbour)} (ten threads ${printLength(Math.abs(neighbour.overTenMm), units)} ${neighbour.overTenMm > 0 ? "longer" : "shorter"} than that)`,
  );
  return second === undefined
    ? `${own} is beyond the last standard pitch, ${each.join("")}.`
    : `${own} is no standard pitch; it lies between ${each.join(" and ")}.`;
}

/** What the search took the text for, in one sentence each. */
export function understandingWords(understanding: Understanding, units: Units): string {
  switch (understanding.kind) {
    case "name":
      return understanding.rest === undefined
        ? "Read as a name."
        : `Read as a name; “${understanding.rest}” is no part of the thread.`;
    case "diameter":
      return `Read as a diameter: ${printLength(understanding.mm, units)} ${understanding.side === "external" ? "over the crests" : "in the bore"}, sound, worn or plated.`;
    case "diameter-outside":
      return `Read as a diameter of ${printLength(understanding.mm, units)}, outside every thread held: they run from ${printRange(understanding.minMm, understanding.maxMm, units)} ${understanding.side === "external" ? "over the crests" : "in the bore"}.`;
    case "pitch":
      return pitchNeighboursWords(understanding.pitchMm, understanding.neighbours, units);
    case "problem":
      return designationProblemWords(understanding.problem);
  }
}

/** How far a figure is outside a sound part: "0.12 over", "0.05 under", "inside its limits". */
export function offWords(offMm: number, units: Units): string {
  if (Math.abs(offMm) < 0.005) return "inside its limits";
  return `${printFigure(Math.abs(offMm), units)} ${offMm > 0 ? "over" : "under"}`;
}

/** Why a text is no pitch by itself, what was read and what would do. */
export function unreadPitchWords(read: string): string {
  const { leastMm, mostMm, mostTpi } = PITCHES_READ;
  return `Read “${read}”: not a pitch. Accepted: a pitch of ${leastMm} to ${mostMm} mm (1.25 mm) or 1 to ${mostTpi} threads per inch (20 TPI).`;
}
