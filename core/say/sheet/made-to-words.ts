import { isStructural, isStudStandard, spannerFor, type MadeTo } from "../../catalogue/heads";
import { hexSpanner } from "../../catalogue/looks";
import type { Thread } from "../../catalogue/threads";
import { printLength, type Units } from "../../measure";

/** What a part that is made to another standard than today's differs in, and whether today's goes in its place. */
export function madeToWords(
  madeTo: MadeTo | undefined,
  thread: Thread,
  units: Units,
): readonly string[] {
  if (madeTo === undefined || isStudStandard(madeTo)) return [];
  if (isStructural(madeTo)) {
    return [
      `It is a structural bolt or nut by ${madeTo}: a heavy hexagon with its own thread length, nut and washers. Nothing of another standard stands for it.`,
    ];
  }
  const [own, today] = [spannerFor(thread, madeTo), hexSpanner(thread)];
  const width =
    own === undefined || today === undefined || own.acrossFlatsMm === today.acrossFlatsMm
      ? ""
      : ` Its hexagon is ${printLength(own.acrossFlatsMm, units)}, and today’s ${printLength(today.acrossFlatsMm, units)} (${today.standard}): another spanner.`;
  const height = madeTo === "DIN 985" ? " It is lower than ISO 7040 has it." : "";
  return [`By ${madeTo}.${width}${height} The two are interchangeable in the hole.`];
}
