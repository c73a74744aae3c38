import { drillWords } from "../charts";
import type { MadeTo } from "../../catalogue/heads";
import type { FastenerSheet } from "../../decide/sheet";
import { threadName } from "../../catalogue/threads";
import type { Units } from "../../measure";
import { upperFirst } from "../common";
import { STUD_PLACE_WORDS, nominalSizeWords } from "./fastener-words";
import type { SheetFact } from "./section";

/** What the standards of studs hold their ends long enough for. */
const HOLE_OF: Partial<Readonly<Record<MadeTo, string>>> = {
  "DIN 938": "for a hole in steel",
  "DIN 939": "for a hole in cast iron",
  "DIN 835": "for a hole in aluminium",
  "DIN 940": "for a hole in soft metal",
};

const UNSAID_ENDS = ["One end", "Other end"] as const;

/** The ends of a stud, each with its thread, how far it is threaded, and the drill of its hole. */
export function studFacts({ stud, spec }: FastenerSheet, units: Units): readonly SheetFact[] {
  if (stud === undefined) return [];
  const ends = stud.ends.map(({ thread, threadMm, goes, drill }, at): SheetFact => {
    const far =
      threadMm === undefined
        ? "thread length not said"
        : `threaded ${nominalSizeWords(threadMm, { thread }, units)}`;
    const hole = drill === undefined ? "" : `, its hole drilled ${drillWords(drill.drill)}`;
    const name =
      goes === undefined ? UNSAID_ENDS[at === 0 ? 0 : 1] : upperFirst(STUD_PLACE_WORDS[goes]);
    return [name, `${threadName(thread)}, ${far}${hole}`];
  });
  const overall: SheetFact[] =
    stud.overallMm === undefined
      ? []
      : [["From end to end", nominalSizeWords(stud.overallMm, spec, units)]];
  return [...ends, ...overall];
}

/** What is counted at which end, and what a stud with two threads is bought by. */
export function studLines({ stud, madeTo }: FastenerSheet): readonly string[] {
  if (stud === undefined) return [];
  const { ends, nutEnd, weakerEnd } = stud;
  const threads = new Set(ends.map(({ thread }) => thread.id));
  if (threads.size === 1) {
    return madeTo === undefined || stud.overallMm === undefined
      ? []
      : [
          `By ${madeTo}, which gives its length without the end that goes in; that end is ${HOLE_OF[madeTo] ?? "longer"}.`,
        ];
  }
  const unsaid = ends.every(({ goes }) => goes === undefined);
  return [
    ...(unsaid
      ? [
          `Which end takes the nut was not said: nut, washer and torque are counted at ${threadName(nutEnd.thread)}. Write “nut end” and “tap end” behind the threads to say it.`,
        ]
      : []),
    `Its strength is that of its weaker end, ${threadName(weakerEnd.thread)}.`,
    "A stud with two threads seldom lies on a counter’s shelf: order it by its maker’s number, or have it made to these sizes.",
  ];
}
