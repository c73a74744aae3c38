import { forceWords, DUTY_WORDS } from "../sheet";
import { gradeById } from "../../catalogue/grades";
import { printLength, type Units } from "../../measure";
import { upperFirst } from "../common";
import {
  countedClass,
  takesMetal,
  type Damage,
  type RepairOption,
  type RepairRecord,
  type RepairWork,
  type StepRecord,
} from "../../mend/repair";
import { threadName } from "../../catalogue/threads";
import { MEDIUM_NAMES, MEND_SENTENCES, SYMPTOM_WORDS, WORK_MATERIAL_WORDS } from "./damage-words";
import { STEP_FEEL_WORDS } from "./branch-words";
import { repairTitleWords } from "./option-words";
import { tappingPlanWords, type PlanLine } from "./plan-words";
import { OUTCOME_CHOICES } from "./record-words";
import { refusalWords } from "./refusal-words";
import { STEP_CAUTION_WORDS } from "./step-cautions";
import { STEP_TITLES } from "./step-titles";
import { workStepWords } from "./step-words";
import { repairOrderWords } from "./tool-words";
import { whoMayWords } from "./who-may-words";

/** A step on paper: its number, what is done, what is minded, and what was written at it. */
export interface PaperStep {
  readonly number: number;
  readonly title: string;
  readonly text: string;
  readonly caution: string;
  /** Empty while it is to do. */
  readonly done: string;
}

/** A work plan on paper. */
export interface PlanPaper {
  readonly title: string;
  readonly subtitle: string;
  readonly cautions: readonly string[];
  readonly facts: readonly PlanLine[];
  readonly steps: readonly PaperStep[];
  readonly refused: readonly PlanLine[];
  readonly ending: readonly PlanLine[];
}

function doneWords(record: StepRecord | undefined): string {
  if (record === undefined) return "";
  const { at, note, skipped, felt } = record;
  return [
    `${skipped ? "Skipped" : "Done"} ${at.slice(0, 16).replace("T", " ")}`,
    ...felt.map((feel) => STEP_FEEL_WORDS[feel]),
    note,
  ]
    .filter(Boolean)
    .join(" · ");
}

function holeFacts(damage: Damage, units: Units): PlanLine[] {
  const { hole, depthMm, boreMm, edgeMm, thicknessMm, material, duty, behind } = damage;
  const length = (name: string, mm: number | undefined): PlanLine[] =>
    mm === undefined ? [] : [[name, printLength(mm, units)]];
  const cut = takesMetal(damage);
  if (damage.symptom === "leaks") return jointFacts(damage);
  if (damage.part === "screw") return screwFacts(damage, units);
  return [
    ["Metal", WORK_MATERIAL_WORDS[material]],
    ...(cut ? classFacts(damage) : []),
    ...(damage.medium === undefined ? [] : [["Holds in", MEDIUM_NAMES[damage.medium]] as const]),
    ...(cut
      ? [
          ...length(hole === "blind" ? "Blind, deep" : "Through, thick", depthMm),
          ...length("Bore", boreMm),
          ...length("To the edge", edgeMm),
          ...length("Thickness", thicknessMm),
          ...(behind === true ? [["Behind", "Oil, a bearing or wires"] as const] : []),
        ]
      : []),
    ["Duty", upperFirst(DUTY_WORDS[duty])],
  ];
}

/** The class that a repair is held against, and whether it was said. */
function classFacts(damage: Damage): PlanLine[] {
  const counted = countedClass(damage);
  if (counted === undefined || damage.symptom === "new") return [];
  const { grade, said } = counted;
  return [["Class", said ? grade.name : `not said; counted as ${grade.name}`]];
}

function jointFacts({ thread, male = thread, medium, duty }: Damage): PlanLine[] {
  return [
    ["Port", threadName(thread)],
    ["Screwed in", threadName(male)],
    ...(medium === undefined ? [] : [["Holds in", MEDIUM_NAMES[medium]] as const]),
    ["Duty", upperFirst(DUTY_WORDS[duty])],
  ];
}

function screwFacts({ wearMm, gradeId, duty }: Damage, units: Units): PlanLine[] {
  return [
    ...(gradeId === undefined ? [] : [["Class", gradeById(gradeId)?.name ?? gradeId] as const]),
    ...(wearMm === undefined
      ? []
      : [["Lost on its diameter", printLength(wearMm, units)] as const]),
    ["Duty", upperFirst(DUTY_WORDS[duty])],
  ];
}

function repairFacts(option: RepairOption, units: Units): PlanLine[] {
  const { holdN, strengthRatio, wall, head } = option;
  const share =
    strengthRatio === undefined ? "" : `, ${Math.round(strengthRatio * 100)} % of the sound thread`;
  return [
    ...(holdN === undefined
      ? []
      : [["Holds, by estimate", `${forceWords(holdN, units)}${share}`] as const]),
    ...(wall === undefined ? [] : [["Wall left", printLength(wall.leftMm, units)] as const]),
    ...headFacts(head, units),
    ...repairOrderWords(option).map((part): PlanLine => ["To order", part]),
  ];
}

/** What a larger screw asks of its mating part and of the room round its head. */
export function headFacts(head: RepairOption["head"], units: Units): PlanLine[] {
  if (head === undefined) return [];
  const { clearanceMm, spanner, cornersMm, roomMm } = head;
  return [
    ...(clearanceMm === undefined
      ? []
      : [["Open the mating part to", printLength(clearanceMm, units)] as const]),
    ["Spanner", spanner],
    ["Head over its corners", printLength(cornersMm, units)],
    ["Room for its spanner", printLength(roomMm, units)],
  ];
}

function refusedLines(options: readonly RepairOption[], units: Units): PlanLine[] {
  return options.flatMap((option): PlanLine[] => {
    const [reason] = option.reasons;
    return reason?.code === "refused"
      ? [[repairTitleWords(option), refusalWords(reason.refusal, units)]]
      : [];
  });
}

function endingOf({ used, outcome, notes, former }: RepairRecord): PlanLine[] {
  const how = OUTCOME_CHOICES.find(({ value }) => value === outcome)?.label;
  return [
    ...former.map(({ option, done }): PlanLine => [
      "Given up before",
      `${option}, after ${done.length} steps`,
    ]),
    ["Really used", used],
    ["At the end", how ?? ""],
    ["Notes", notes],
  ];
}

/** The words of a work plan on paper, done steps with what was written at them. */
export function planPaperWords(
  work: RepairWork,
  damage: Damage,
  record: RepairRecord,
  units: Units,
): PlanPaper {
  const { chosen, tapping, steps, options } = work;
  const title = chosen === undefined ? "New hole" : repairTitleWords(chosen);
  const who = whoMayWords(damage);
  return {
    title: `${threadName(damage.thread)}: ${title}`,
    subtitle: SYMPTOM_WORDS[damage.symptom],
    cautions: [...(who === undefined ? [] : [who]), MEND_SENTENCES.estimates],
    facts: [
      ...holeFacts(damage, units),
      ...(chosen === undefined ? [] : repairFacts(chosen, units)),
      ...(tapping === undefined
        ? []
        : tappingPlanWords(tapping, units).filter(([name]) => name !== "Caution")),
    ],
    steps: steps.map((step, i) => ({
      number: i + 1,
      title: STEP_TITLES[step.code],
      text: workStepWords(step, units),
      caution: step.cautions.map((caution) => STEP_CAUTION_WORDS[caution]).join(" "),
      done: doneWords(record.done[i]),
    })),
    refused: refusedLines(options, units),
    ending: endingOf(record),
  };
}
