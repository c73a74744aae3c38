import { DRILL_SET_WORDS } from "../charts";
import { MACHINES, ownedDrills, ownedTaps, type Machine, type OwnedTools } from "../../mend/holes";
import { TAP_WORDS } from "../sheet";

const MACHINE_WORDS: Readonly<Record<Machine, string>> = {
  hand: "By hand",
  "drill-press": "Drill press",
  mill: "Mill",
};

export const MACHINE_CHOICES = MACHINES.map((value) => ({ value, label: MACHINE_WORDS[value] }));

const threadsWords = (ids: readonly string[] | undefined) =>
  ids === undefined
    ? "for every thread"
    : `for ${ids.length} ${ids.length === 1 ? "thread" : "threads"}`;

/** The tools of a workshop in three short sentences. */
export function toolsWords(tools: OwnedTools): string {
  const { drillSets, missing = [], extra = [], tapThreads, stiThreads } = tools;
  const sets =
    drillSets === undefined
      ? "every set"
      : drillSets.length === 0
        ? "no set"
        : drillSets.map((set) => DRILL_SET_WORDS[set].toLowerCase()).join(", ");
  const lost = missing.length === 0 ? "" : `, ${missing.length} lost`;
  const loose = extra.length === 0 ? "" : `, ${extra.length} loose`;
  const taps = ownedTaps(tools)
    .map((tap) => TAP_WORDS[tap].toLowerCase())
    .join(", ");
  return [
    `Drills: ${sets}${lost}${loose}; ${ownedDrills(tools).length} in all.`,
    `Taps: ${taps === "" ? "none" : taps}, ${threadsWords(tapThreads)}.`,
    `Insert taps ${threadsWords(stiThreads)}.`,
  ].join(" ");
}
