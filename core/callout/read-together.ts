import type { Thread } from "../catalogue/threads";
import {
  isCalloutProblem,
  type CalloutProblem,
  type FastenerSpec,
  type NutSpec,
  type ScrewSpec,
  type WasherSpec,
} from "./fastener-spec";
import type { Pieces } from "./pieces";
import { readNut } from "./read-nut";
import { readWasher } from "./read-washer";

/** A problem with the nut is one with the whole, whose screw it does not say. */
function ofWhole(problem: CalloutProblem, read: string): CalloutProblem {
  if (problem.code === "callout-too-long") return problem;
  return problem.code === "callout-not-understood"
    ? { code: problem.code, read, words: problem.words }
    : { ...problem, read };
}

/** Reads what is asked for with a part, each by its own words and of the part's thread. */
export function readTogether(
  companions: readonly Pieces[],
  read: string,
  thread: Thread,
): Pick<ScrewSpec, "nut" | "washers"> | CalloutProblem {
  const washers: WasherSpec[] = [];
  let nut: NutSpec | undefined;
  for (const pieces of companions) {
    const isNut = /\bnuts?\b/i.test(pieces.read);
    const part = isNut ? readNut(pieces, thread) : readWasher(pieces, thread);
    if (isCalloutProblem(part)) return ofWhole(part, read);
    if (part.part === "washer") washers.push(part);
    else if (part.part === "nut" && nut === undefined) nut = part;
    else return { code: "callout-not-understood", read, words: [pieces.read] };
  }
  return {
    ...(nut === undefined ? {} : { nut }),
    ...(washers.length === 0 ? {} : { washers }),
  };
}

/** Puts the washers that are asked for with a nut or a plug to it; no nut goes with either. */
export function withWashers(
  part: FastenerSpec | CalloutProblem,
  companions: readonly Pieces[],
  read: string,
): FastenerSpec | CalloutProblem {
  if (isCalloutProblem(part)) return part;
  const words = companions.map((one) => one.read);
  const refused: CalloutProblem = { code: "callout-not-understood", read, words };
  if (part.part !== "nut" && part.part !== "plug") return refused;
  const together = readTogether(companions, read, part.thread);
  if ("code" in together) return together;
  const { nut, washers } = together;
  if (nut !== undefined) return refused;
  return { ...part, ...(washers === undefined ? {} : { washers }) };
}
