import {
  isPipeThread,
  lengthProblemWords,
  lookUpThreadAlone,
  readLength,
  readPitch,
  type Thread,
  type Units,
  plainFigure,
} from "@root-gauge/core";
import {
  designationProblemWords,
  unreadPitchWords,
  whichThreadWords,
} from "@root-gauge/core/say/charts";
import { ACCEPTED_FIGURES, type AskedFigure, type OwnedTools } from "@root-gauge/core/mend/holes";
import {
  SYMPTOM_FACTS,
  oddThread,
  type Damage,
  type DamagedPart,
  type Symptom,
} from "@root-gauge/core/mend/repair";
import { mendUnits, type MendLength, type MendState } from "../../data/kept/mend-state";
import { torqueProblemWords } from "@root-gauge/core/say/mend";
import { FIELDS, fieldLabel, fieldsOf } from "./mend-lengths";

/** Of the threads that a text may mean, how many are named. */
const MOST_NAMED = 4;

/** What the thread field was read as. */
export interface NamedThread {
  readonly thread?: Thread;
  readonly problem?: string;
}

export function namedThread(text: string): NamedThread {
  if (text.trim() === "") return {};
  const read = lookUpThreadAlone(text);
  if (read.kind === "found") return { thread: read.thread };
  if (read.kind === "choices") return { problem: whichThreadWords(text, read.threads, MOST_NAMED) };
  return { problem: designationProblemWords(read.problem) };
}

/** The range of a length of a hole, as its field accepts it. */
export function lengthRange(figure: AskedFigure) {
  const { least, most } = ACCEPTED_FIGURES[figure];
  return { minMm: least, maxMm: most };
}

/** A length of the damage, where it was typed and can be taken. */
export function lengthIn(state: MendState, key: MendLength, units: Units): number | undefined {
  const range = lengthRange(FIELDS[key].figure);
  const read = readLength(state[key], mendUnits(state, units), range);
  return read.ok ? read.mm : undefined;
}

/** What is wrong with what was typed, a sentence a field: no plan is made past it. */
export function typedProblems(state: MendState, units: Units): readonly string[] {
  const typedIn = mendUnits(state, units);
  const { first, more } = fieldsOf(state);
  const lengths = [...first, ...more].flatMap((key) => {
    if (state[key].trim() === "") return [];
    const read = readLength(state[key], typedIn, lengthRange(FIELDS[key].figure));
    return read.ok
      ? []
      : [`${fieldLabel(key, state)}: ${lengthProblemWords(read.problem, typedIn)}`];
  });
  const torque = state.torque.trim() !== "" && torqueOf(state) === undefined;
  return [...lengths, ...(torque ? [torqueProblemWords(state.torque)] : [])];
}

/** What is wrong with a pitch as it was typed. */
export function pitchProblem(text: string, units: Units): string | undefined {
  const read = readPitch(text, units);
  return read.kind === "unreadable" ? unreadPitchWords(read.read) : undefined;
}

/** What a damage is of. */
export function partOf(symptom: Symptom): DamagedPart {
  return SYMPTOM_FACTS[symptom].part;
}

/** The thread that is damaged: by its name, or one of no standard by its size and pitch. */
export function damagedThread(state: MendState, units: Units): Thread | undefined {
  const { symptom, odd, thread, pitch } = state;
  if (symptom !== "bruised" || !odd) return namedThread(thread).thread;
  const read = readPitch(pitch, mendUnits(state, units));
  const crests = lengthIn(state, "crests", units);
  return read.kind !== "pitch" || crests === undefined
    ? undefined
    : oddThread(crests, read.pitchMm);
}

const given = <Name extends string, Value>(name: Name, value: Value | undefined) =>
  (value === undefined ? {} : { [name]: value }) as { readonly [key in Name]?: Value };

/** The torque that was typed, where it can be taken. */
export function torqueOf({ torque }: MendState): number | undefined {
  const { least, most } = ACCEPTED_FIGURES.torque;
  const read = plainFigure(torque);
  return read >= least && read <= most ? read : undefined;
}

/** What is asked of one damage and of no other. */
function askedOf(state: MendState, symptom: Symptom): Partial<Damage> {
  const { nutKind, space, driveShape, brokenTool, standsOut, noFlame } = state;
  const flame = given("noFlame", noFlame);
  switch (symptom) {
    case "seized":
    case "snapped":
      return { ...flame, standsOut };
    case "rounded":
      return { ...flame, standsOut, driveShape };
    case "broken-tap":
      return { brokenTool, standsOut };
    case "nut-stripped":
      return { nutKind, ...flame };
    case "thin-sheet":
      return flame;
    case "combustion":
      return { space };
    default:
      return {};
  }
}

/** The damage as far as it was said; undefined while its thread or its depth is missing. */
export function damageOf(state: MendState, units: Units, tools: OwnedTools): Damage | undefined {
  const { symptom, grade, duty, acknowledged, access, often } = state;
  const thread = damagedThread(state, units);
  const depthMm = lengthIn(state, "depth", units);
  if (symptom === undefined || thread === undefined) return undefined;
  const facts = SYMPTOM_FACTS[symptom];
  const { part, cuts: cut, hole = state.hole, material = state.material } = facts;
  if (depthMm === undefined && cut) return undefined;
  const length = (key: MendLength) => lengthIn(state, key, units);
  const leaks = symptom === "leaks";
  const holds = leaks || isPipeThread(thread);
  return {
    symptom,
    part,
    thread,
    material,
    hole,
    depthMm: depthMm ?? thread.majorMm,
    duty,
    acknowledged,
    access,
    often,
    ...given("behind", state.behind),
    structural: state.structural,
    purpose: state.purpose,
    ...(holds ? given("medium", state.medium) : {}),
    ...(leaks ? given("male", namedThread(state.male).thread) : {}),
    ...askedOf(state, symptom),
    ...(part === "screw" ? { flaws: state.flaws, ...given("wearMm", length("wear")) } : {}),
    ...(cut
      ? {
          ...given("edgeMm", length("edge")),
          ...given("boreMm", length("bore")),
          ...given("engagementMm", length("engaged")),
          ...given("thicknessMm", hole === "blind" ? length("thickness") : undefined),
          ...given("bossMm", length("boss")),
          ...given("neighbourMm", length("neighbour")),
          ...given("matingHoleMm", length("matingHole")),
          ...given("headRoomMm", length("headRoom")),
          ...given("soundBelowMm", length("soundBelow")),
          ...given("screwLengthMm", length("screwLength")),
          ...given("offMm", symptom === "off-centre" ? length("offPlace") : undefined),
          ...given("torqueNm", torqueOf(state)),
        }
      : {}),
    ...(grade === "" ? {} : { gradeId: grade }),
    tools,
  };
}
