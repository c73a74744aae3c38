import {
  COUNTERSINK_DIAMETERS,
  chartDrill,
  drillPointMm,
  ownedTaps,
  spindleRpm,
  tapsFor,
  type Drill,
  type WorkMaterial,
} from "../holes";
import { tapLeadPitches, type Tap } from "../joints";
import { basicSizes, insertTappedId, threadById, type Thread } from "../threads";
import { tappedBy } from "./cut";
import { engagementOf, tappingRequestOf, tightening, type Damage } from "./damage";
import { isOddThread } from "./odd-thread";
import { makeUpTurns } from "./pipe-joints";
import type { RepairOption } from "./repair-options";
import { solidBush } from "./solid-bush";
import { branchesAt, type TappedWith } from "./step-branches";
import { cautionsAt } from "./step-cautions";
import { SEALS, STEP_SEQUENCES } from "./step-sequences";
import type { StepCode, StepFigures, WorkStep } from "./steps";
import { wireInsert, type WireInsert } from "./wire-insert";

/** A step with what belongs to it wherever it stands. */
export function stepOf(
  code: StepCode,
  damage: Pick<Damage, "material" | "behind">,
  tapped: TappedWith,
  figures: StepFigures = {},
): WorkStep {
  return {
    code,
    figures,
    cautions: cautionsAt(code, damage),
    branches: branchesAt(code, tapped),
  };
}

/** A drill with its speed in the metal. */
export function drillAtSpeed(drill: Drill, material: WorkMaterial): StepFigures {
  const { mark, mm } = drill;
  return { drill, drillMark: mark, drillMm: mm, rpm: spindleRpm("drill", material, mm).adviceRpm };
}

/** How deep a drill goes, and where its flag stands. */
function drillFigures({ hole, depthMm, material }: Damage, { drill }: RepairOption): StepFigures {
  if (drill === undefined) return {};
  return {
    ...drillAtSpeed(drill, material),
    depthMm,
    ...(hole === "through" ? {} : { flagFromTipMm: depthMm + drillPointMm(drill.mm) }),
  };
}

function torqueFigures({ torqueRatio = 1 }: RepairOption, damage: Damage): StepFigures {
  const range = tightening(damage.thread, damage.gradeId);
  if (range === undefined) return { torqueRatio };
  return {
    torqueRatio,
    leastNm: range.leastNm * torqueRatio,
    mostNm: range.mostNm * torqueRatio,
  };
}

function turnsOf({ male, thread }: Damage): StepFigures {
  const turns = makeUpTurns(male ?? thread);
  return turns === undefined ? {} : { turns: turns.hand, mostTurns: turns.hand + turns.wrench };
}

const CUTTING: ReadonlySet<StepCode> = new Set(["drill", "countersink", "tap"]);

const length = (figures: StepFigures, mm: number | undefined): StepFigures =>
  mm === undefined ? {} : { ...figures, diameterMm: mm };

/** Of the diameter: how far off centre a punch may be, and the hole of an extractor (practice). */
const CENTRE_SHARE = 0.03;
const EXTRACTOR_SHARE = 0.525;

/** What an insert's tap is called by. */
function stiName(inside: Thread): string {
  return threadById(insertTappedId(inside))?.designation ?? `STI ${inside.designation}`;
}

/** The figures of a step of a repair. */
function figuresOf(
  code: StepCode,
  option: RepairOption,
  damage: Damage,
  insert: WireInsert | undefined,
): StepFigures {
  const { thread } = option;
  const cut = tappedBy(option);
  switch (code) {
    case "lay-out":
      return { tools: option.needs };
    case "measure":
      return { measured: measuredAt(damage) };
    case "align":
      return damage.matingHoleMm === undefined ? {} : { guideMm: damage.matingHoleMm };
    case "drill":
      return drillFigures(damage, option);
    case "countersink":
      return { diameterMm: insert?.countersinkMm ?? COUNTERSINK_DIAMETERS * cut.majorMm };
    case "open-mate":
      return length({ thread: thread.designation }, option.head?.clearanceMm);
    case "shorten":
      return {
        thread: thread.designation,
        lengthMm: damage.depthMm - BOTTOM_PITCHES * thread.pitchMm,
      };
    case "assemble":
      return turnsOf(damage);
    case "run-nut":
    case "trial-screw":
      return isOddThread(thread) ? {} : { thread: thread.designation };
    case "chase":
    case "gauge":
    case "file":
      return { thread: thread.designation };
    case "centre":
      return { mostMm: CENTRE_SHARE * thread.majorMm };
    case "extractor":
      return { diameterMm: EXTRACTOR_SHARE * thread.majorMm };
    case "drill-out":
      return { mostMm: basicSizes(thread).minor };
    case "wind-in":
      return insert === undefined ? {} : { lengthMm: insert.installedMm, turns: insert.coils };
    case "set-depth":
      return insert === undefined
        ? {}
        : { leastMm: insert.setDownMm.least, mostMm: insert.setDownMm.most };
    case "tang":
      return insert === undefined ? {} : { depthMm: insert.screwPastTangMm };
    case "tighten":
      return torqueFigures(option, damage);
    default:
      return {};
  }
}

/** The lead of a bottoming tap, which leaves no full thread. */
const BOTTOM_PITCHES = tapLeadPitches("bottoming");

/** How the taps are used, one after the other; where something lies behind, none comes out at the far side. */
function tapFigures(
  option: RepairOption,
  damage: Damage,
  insert: WireInsert | undefined,
): readonly StepFigures[] {
  const { hole, depthMm, behind = false } = damage;
  const cut = tappedBy(option).thread;
  const fullMm = Math.min(depthMm, insert?.fullThreadMm ?? engagementOf(damage));
  const request = { ...tappingRequestOf(damage), thread: cut };
  const fitting = tapsFor(request, fullMm, 0) ?? [];
  const taps = fitting.length > 0 ? fitting : ownedTaps(damage.tools).slice(-1);
  const name = insert === undefined ? cut.designation : stiName(option.thread);
  const stops = hole === "through" && behind;
  const each = (tap: Tap | undefined): StepFigures => {
    const turns = fullMm / cut.pitchMm + tapLeadPitches(tap ?? "bottoming");
    return {
      thread: name,
      ...(tap === undefined ? {} : { tap }),
      turns: stops ? Math.min(turns, depthMm / cut.pitchMm) : turns,
      ...(stops ? { stopMm: depthMm } : {}),
    };
  };
  return taps.length === 0 ? [each(undefined)] : taps.map(each);
}

/** What is measured again before anything is cut. */
function measuredAt({ part, symptom }: Damage): StepFigures["measured"] {
  if (symptom === "leaks") return "joint";
  return part;
}

/** A plug is drilled and tapped by its own thread first, and afterwards by the thread that was there. */
function stagesOf(option: RepairOption): readonly [RepairOption, RepairOption] {
  const { kind, thread } = option;
  const plug = kind === "plug-and-redrill" ? solidBush(thread) : undefined;
  if (plug === undefined) return [option, option];
  const outer: RepairOption = {
    ...option,
    kind: "oversize",
    thread: plug.outer,
    drill: plug.drill,
  };
  return [outer, { ...option, kind: "oversize", drill: chartDrill(thread).drill }];
}

/** What is done between the first look and the last trial: a plug is shortened, and opens no mating part. */
function middleOf({ kind }: RepairOption, { purpose }: Damage): readonly StepCode[] {
  const codes = STEP_SEQUENCES[kind];
  return purpose === "plug"
    ? codes.map((code) => (code === "open-mate" ? "shorten" : code))
    : codes;
}

/**
 * The steps of a repair, in order, with their figures, cautions and branches. Torques are estimates: the maker's rules.
 * @returns none for a repair that is refused
 */
export function workPlan(option: RepairOption, damage: Damage): readonly WorkStep[] {
  if (option.verdict === "refused") return [];
  const { duty, tools, part } = damage;
  const { kind, thread, lengthInDiameters, drill } = option;
  const insert =
    kind === "wire-insert" && lengthInDiameters !== undefined
      ? wireInsert(thread, lengthInDiameters, "second", tools)
      : undefined;
  const grave = duty === "safety-critical" || duty === "pressure";
  const before: readonly StepCode[] = [
    ...(grave ? (["acknowledge"] as const) : []),
    "lay-out",
    ...(part === "screw" || SEALS.has(kind) ? [] : (["protect"] as const)),
    "measure",
  ];
  const fastened = damage.purpose === "plug" ? "screw-in" : "tighten";
  const after: readonly StepCode[] = SEALS.has(kind)
    ? ["record"]
    : ["trial-screw", fastened, "record"];
  const tapped: TappedWith = {
    thread: tappedBy(option).thread,
    insert: insert !== undefined,
    drill,
    tools,
  };
  const [first, second] = stagesOf(option);
  const codes = [...before, ...middleOf(option, damage), ...after];
  const markedAt = codes.indexOf("mark");
  return codes.flatMap((code, at) => {
    const stage = !CUTTING.has(code) ? option : markedAt >= 0 && at > markedAt ? second : first;
    const figures =
      code === "tap" ? tapFigures(stage, damage, insert) : [figuresOf(code, stage, damage, insert)];
    return figures.map((one) => stepOf(code, damage, tapped, one));
  });
}
