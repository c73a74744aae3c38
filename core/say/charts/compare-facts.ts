import { chartDrill } from "../../mend/holes";
import { hexSpanner } from "../../catalogue/looks";
import { basicSizes, type Thread } from "../../catalogue/threads";
import { printFigure, printLength, tableDecimals, type Units } from "../../measure";
import { angleWords, pitchWords } from "../common";
import { drillWords } from "./drill-words";

/** A line of the comparison: what it is, both figures, and the difference where it has one. */
export interface CompareFact {
  readonly name: string;
  readonly first: string;
  readonly second: string;
  readonly difference: string;
}

function lengthFact(name: string, first: number, second: number, units: Units): CompareFact {
  const decimals = tableDecimals(units);
  return {
    name,
    first: printLength(first, units, decimals),
    second: printLength(second, units, decimals),
    difference: printFigure(second - first, units, decimals),
  };
}

const bothPitches = ({ pitchMm, tpi }: Thread) =>
  tpi === undefined
    ? `${pitchWords(pitchMm, "mm")} (${pitchWords(pitchMm, "in")})`
    : `${pitchWords(pitchMm, "in")} (${pitchWords(pitchMm, "mm")})`;

const taperWords = ({ taper }: Thread) =>
  taper === undefined ? "parallel" : `1 in ${Math.round(1 / taper)}`;

/** The figures of two threads side by side, in the units asked for. */
export function compareFacts(first: Thread, second: Thread, units: Units): CompareFact[] {
  const [a, b] = [basicSizes(first), basicSizes(second)];
  const plain = (name: string, words: (thread: Thread) => string): CompareFact => ({
    name,
    first: words(first),
    second: words(second),
    difference: "",
  });
  return [
    lengthFact("Major diameter", a.major, b.major, units),
    lengthFact("Pitch diameter", a.pitch, b.pitch, units),
    lengthFact("Minor diameter", a.minor, b.minor, units),
    {
      ...plain("Pitch", bothPitches),
      difference: printFigure(second.pitchMm - first.pitchMm, units, tableDecimals(units)),
    },
    plain("Flank angle", ({ flankAngleDeg }) => angleWords(flankAngleDeg)),
    plain("Taper", taperWords),
    plain("Tapping drill", (thread) => drillWords(chartDrill(thread).drill)),
    plain("Spanner", (thread) => hexSpanner(thread)?.mark ?? "none"),
  ];
}
