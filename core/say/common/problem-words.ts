import {
  printLength,
  printPlain,
  printRange,
  type LengthProblem,
  type Mm,
  type Units,
} from "../../measure";

const EXAMPLES: Readonly<Record<Units, string>> = {
  mm: "12.52, 0.492 in or 1 1/2",
  in: "0.492, 12.5 mm or 1 1/2",
};

/** What was read, what is accepted: one or two short sentences for under the field. */
export function lengthProblemWords(problem: LengthProblem, units: Units): string {
  const read = `Read “${problem.read}”`;
  switch (problem.code) {
    case "length-empty":
      return `Nothing was read. Give a figure, such as ${EXAMPLES[units]}.`;
    case "length-not-a-figure":
      return `${read}: not a figure. Accepted: ${EXAMPLES[units]}.`;
    case "length-zero-denominator":
      return `${read}: nothing can be cut into 0 parts. Accepted: halves down to 64ths, such as 1/2 or 37/64.`;
    case "length-two-fractions":
      return `${read}: more than one fraction. Accepted: a whole number and one fraction, such as 1 1/2.`;
    case "length-unknown-unit":
      return `${read}: “${problem.unit}” is not a unit used here. Accepted: mm or in.`;
    case "length-not-positive":
      return `${read}: a size is more than nothing. Accepted: ${printRange(problem.minMm, problem.maxMm, units)}.`;
    case "length-outside":
      return `${read}, which is ${printLength(problem.mm, units)}. Accepted: ${printRange(problem.minMm, problem.maxMm, units)}.`;
  }
}

/** Why a number of threads was not taken. */
export function countProblemWords(
  read: string,
  { min, max, whole }: { min: number; max: number; whole: boolean },
): string {
  const start = read === "" ? "Nothing was read." : `Read “${read}”.`;
  return `${start} Accepted: a ${whole ? "whole " : ""}number of threads from ${printPlain(min)} to ${printPlain(max)}.`;
}

/** Why so many threads in so much of a length were not taken: no thread has such a pitch. */
export function pitchProblemWords(
  threads: number,
  spanMm: Mm,
  accepted: { readonly minMm: Mm; readonly maxMm: Mm },
  units: Units,
): string {
  const pitch = printLength(spanMm / threads, units, units === "mm" ? 3 : 4);
  return `Read ${printPlain(threads)} in ${printLength(spanMm, units)}, which is a pitch of ${pitch}. Accepted: a pitch of ${printRange(accepted.minMm, accepted.maxMm, units)}.`;
}
