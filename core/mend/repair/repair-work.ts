import {
  drillChoices,
  tappingPlan,
  type Drill,
  type RepairProblem,
  type TappingPlan,
} from "../holes";
import { tappedBy } from "./cut";
import { cutWith } from "./cut-hole";
import { boreOf, engagementOf, tappingRequestOf, type Damage } from "./damage";
import { damageProblems } from "./damage-problems";
import { repairOptions, type RepairOption } from "./repair-options";
import type { WorkStep } from "./steps";
import { tappingSteps } from "./tapping-steps";
import { stiMinor } from "./wire-insert";
import { torqueFigures, workPlan } from "./work-plan";

/** What was chosen of the repairs of a damage: by `optionKey`, and another drill than the planned one. */
export interface RepairChoice {
  readonly option?: string;
  readonly drill?: Drill;
}

/** A damage worked out: what stands against it, what may be done, and the plan of what was chosen. */
export interface RepairWork {
  /** What is wrong with its figures; nothing else is worked out then. */
  readonly problems: readonly RepairProblem[];
  readonly options: readonly RepairOption[];
  /** The chosen repair, else the advised one. */
  readonly chosen?: RepairOption;
  /** What had been chosen and is refused now, as the figures are. */
  readonly lost?: RepairOption;
  /** Of a new hole, instead of options. */
  readonly tapping?: TappingPlan;
  readonly steps: readonly WorkStep[];
}

/** A repair by its kind and the thread it ends with: several ways up a size stand side by side. */
export function optionKey({ kind, thread }: Pick<RepairOption, "kind" | "thread">): string {
  return `${kind} ${thread.id}`;
}

function newHole(damage: Damage, { drill }: RepairChoice): RepairWork {
  const request = tappingRequestOf(damage, drill);
  const tapping = tappingPlan(request);
  const steps =
    tapping.kind === "plan" ? tappingSteps(tapping, request, torqueFigures(damage, {})) : [];
  return { problems: [], options: [], tapping, steps };
}

/** Whether a drill does for what a repair taps: one that was chosen for another thread does not. */
function suits({ mm, set, mark }: Drill, option: RepairOption, damage: Damage): boolean {
  if (option.kind === "wire-insert") {
    const minor = stiMinor(option.thread);
    return minor !== undefined && mm >= minor.min - 1e-9 && mm <= minor.max + 1e-9;
  }
  const { material, tools } = damage;
  const isIt = (one: Drill) => one.set === set && one.mark === mark;
  const { choices } = drillChoices({
    thread: tappedBy(option).thread,
    material,
    engagementMm: engagementOf(damage),
    ...(tools === undefined ? {} : { tools }),
  });
  const offered = choices.some(({ drill, refused }) => isIt(drill) && refused === undefined);
  return offered && mm >= boreOf(damage) - 1e-9;
}

/** A repair with another drill than the planned one, where that one does for it. */
function withDrill(option: RepairOption, damage: Damage, drill: Drill | undefined): RepairOption {
  const tapped = option.cut !== undefined && option.cut.taps.length > 0;
  const takes = drill !== undefined && tapped && suits(drill, option, damage);
  if (!takes) return option;
  const { cut } = option;
  return {
    ...option,
    drill,
    ...(cut === undefined ? {} : { cut: cutWith(damage, cut, drill, option.thread) }),
  };
}

/** Works a damage out, for the screen, for paper and for the store alike. */
export function repairWork(damage: Damage, choice: RepairChoice = {}): RepairWork {
  const problems = damageProblems(damage);
  if (problems.length > 0) return { problems, options: [], steps: [] };
  if (damage.symptom === "new") return newHole(damage, choice);
  const options = repairOptions(damage);
  const named = options.find((option) => optionKey(option) === choice.option);
  const lost = named?.verdict === "refused" ? named : undefined;
  const best = options.find(({ verdict }) => verdict === "advised");
  const taken = named === undefined || lost !== undefined ? best : named;
  const chosen = taken === undefined ? undefined : withDrill(taken, damage, choice.drill);
  return {
    problems,
    options,
    ...(chosen === undefined ? {} : { chosen }),
    ...(lost === undefined ? {} : { lost }),
    steps: chosen === undefined ? [] : workPlan(chosen, damage),
  };
}
