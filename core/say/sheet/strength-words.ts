import type { TighteningSurface } from "../../catalogue/circumstances";
import type { BoltMark, Grade, GradeComparison, NutMark } from "../../catalogue/grades";
import type { BoltLoads, TorqueRange } from "../../decide/joints";
import { MPA_PER_KSI, NEWTONS_PER_POUND, printPlain, type Units } from "../../measure";
import { percentWords, upperFirst, markWords } from "../common";
import { gradeSpoken } from "./fastener-words";

const NM_PER_POUND_FOOT = 1.3558179;

/** To three figures, as the standards' load tables print. */
function threeFigures(value: number): string {
  return String(Number(value.toPrecision(3)));
}

/** A force: "33.6 kN" or "7560 lbf". */
export function forceWords(newtons: number, units: Units): string {
  return units === "mm"
    ? `${threeFigures(newtons / 1000)} kN`
    : `${threeFigures(newtons / NEWTONS_PER_POUND)} lbf`;
}

/** A stress: "580 MPa" or "84 ksi". */
export function stressWords(mpa: number, units: Units): string {
  return units === "mm" ? `${threeFigures(mpa)} MPa` : `${threeFigures(mpa / MPA_PER_KSI)} ksi`;
}

/** A torque range to two figures: "45 to 55 N m", "33 to 41 lbf ft". */
export function torqueWords({ leastNm, mostNm }: TorqueRange, units: Units): string {
  const per = units === "mm" ? 1 : NM_PER_POUND_FOOT;
  const figure = (nm: number) => {
    const value = nm / per;
    return String(Number(value.toPrecision(2)));
  };
  return `${figure(leastNm)} to ${figure(mostNm)} ${units === "mm" ? "N m" : "lbf ft"}`;
}

export const SURFACE_WORDS: Readonly<Record<TighteningSurface, string>> = {
  "dry-plain": "dry, plain",
  "dry-zinc": "dry, zinc",
  oiled: "oiled",
  "anti-seize": "anti-seize",
  stainless: "stainless, pasted",
};

/** What a torque rests on. */
export function torqueBasisWords(range: TorqueRange, hasProof: boolean): string {
  const [least, most] = range.nutFactor;
  return `An estimate: T = K D F, K ${printPlain(least, 2)} to ${printPlain(most, 2)} (${SURFACE_WORDS[range.surface]}), F ${percentWords(range.share)} of ${hasProof ? "proof load" : "yield"}. Where the maker gives a figure, that one rules.`;
}

/** How much a bolt holds, as a sentence anyone can picture. */
export function strengthWords(loads: BoltLoads, grade: Grade, units: Units): string {
  const name = gradeSpoken(grade.name);
  const breaks = forceWords(loads.tensileN, units);
  const tonnes = printPlain(loads.tensileN / 9806.65, 1);
  if (loads.proofN !== undefined) {
    return `In ${name} one of these bears ${forceWords(loads.proofN, units)} without lasting stretch and breaks at ${breaks} or more (about ${tonnes} tonnes hung on it).`;
  }
  return loads.yieldN === undefined
    ? `In ${name} one of these breaks at ${breaks} or more; the standard gives it no proof load.`
    : `In ${name} one of these begins to stretch for good at ${forceWords(loads.yieldN, units)} and breaks at ${breaks} or more; the standard gives it no proof load.`;
}

/** What a mark on a head comes to, and why no more. */
export function boltMarkWords(mark: string, { sense, grade, meant }: BoltMark): string {
  if (grade === undefined) return "Parts with this thread bear no grade.";
  const name = gradeSpoken(grade.name);
  const read = markWords(mark);
  switch (sense) {
    case "named":
      return `The mark ${read} means ${name}.`;
    case "several":
      return `${meant.map((one) => one.name).join(" and ")} bear ${read}: counted as ${name}.`;
    case "obsolete-lines":
      return `${read} is a grade no longer made: counted as ${name}, the next below.`;
    case "steel-only":
      return `${read} names the steel, not its strength: counted as ${name}, the softest.`;
    case "unmarked":
      return `No grade can be read off it: counted as ${name}, the weakest it may be. A maker’s sign says nothing.`;
    case "not-in-size":
      return `${read} is not made in this size: look at the mark and the size again. Counted as ${name}.`;
    case "reduced":
      return `${read} has a nought before it: its head or thread bears less than the class does. Counted as ${name}; put a full one of ${meant.map((one) => one.name).join(" or ")} or the maker’s own in its place.`;
    case "other-system":
      return `${read} belongs to another system than this thread: check the thread. Counted as ${name}.`;
  }
}

/** What a mark on a nut comes to. */
export function nutMarkWords(mark: string, { sense, nutClass }: NutMark): string {
  const read = markWords(mark);
  if (nutClass === undefined) {
    return "No class can be read off the nut: take it for the weakest, and a new one of the bolt’s class.";
  }
  return sense === "other-system"
    ? `${upperFirst(read)} belongs to another system than this thread: check the thread. Read as ${nutClass.name}.`
    : `Read as ${read}: ${nutClass.name} (${nutClass.standard}).`;
}

/** Said where a magnet holds what is marked or finished as what hardly holds one. */
export const MAGNET_CONTRADICTS =
  "A magnet sticks, but A-type stainless and brass hardly hold one: look at the mark and the finish again.";

/** The nearest class of another standard, by figures. */
export function equivalentWords({ grade, serving, tensile }: GradeComparison): string {
  const of = (ratio: number) => `${Math.round(ratio * 100)} %`;
  const held = serving === undefined ? "" : `bears ${of(serving)} and `;
  return `Approximately ${gradeSpoken(grade.name)}: it ${held}breaks at ${of(tensile)} of this.`;
}
