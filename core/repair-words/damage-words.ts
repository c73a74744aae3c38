import { ACCEPTED_FIGURES, WORK_MATERIAL_KINDS, type WorkMaterial } from "../holes";
import type { Access, Medium, RepairTool, Symptom } from "../repair";
import { drillWords } from "../chart-words";
import { TAP_WORDS } from "../sheet-words";
import { printPlain } from "../units";

export const SYMPTOM_WORDS: Readonly<Record<Symptom, string>> = {
  strips: "Strips when tightened",
  "cross-threaded": "Cross-threaded",
  "pulled-out": "Pulled out, metal on the bolt",
  snapped: "Bolt snapped",
  bruised: "Stud or bolt bruised",
  "too-small": "Must go up a size",
  new: "New hole",
  leaks: "Leaks",
};

export const WORK_MATERIAL_WORDS: Readonly<Record<WorkMaterial, string>> = {
  "mild-steel": "Mild steel",
  "medium-steel": "Medium steel",
  "alloy-steel": "Alloy steel",
  stainless: "Stainless",
  "grey-iron": "Grey iron",
  "ductile-iron": "Ductile iron",
  "aluminium-wrought": "Wrought aluminium",
  "aluminium-cast": "Cast aluminium",
  brass: "Brass",
  bronze: "Bronze",
  magnesium: "Magnesium",
  plastic: "Plastic",
};

export const WORK_MATERIAL_CHOICES = WORK_MATERIAL_KINDS.map((value) => ({
  value,
  label: WORK_MATERIAL_WORDS[value],
}));

export const ACCESS_WORDS: Readonly<Record<Access, string>> = {
  open: "Room for a drill",
  tight: "Little room",
  none: "No room",
};

export const FLAW_CHOICES = [
  { value: "crack", label: "A crack" },
  { value: "waist", label: "A waist" },
  { value: "stretch", label: "Stretched thread" },
] as const;

export const MEDIUM_NAMES: Readonly<Record<Medium, string>> = {
  water: "Water",
  air: "Air",
  oil: "Oil",
  gas: "Gas",
  steam: "Steam",
  hydraulic: "Hydraulics",
  brake: "Brakes",
};

/** What Mend says in whole sentences. */
export const MEND_SENTENCES = {
  giveThread: "Give the thread, as it is written or as it was read.",
  giveDepth: "Give the depth of the hole.",
  estimates:
    "Loads, walls and torques are estimates from typical metal. The maker’s repair instruction and the drawing rule.",
  giveOdd: "Give its pitch, and its size over the crests: a file asks for the pitch alone.",
  giveDetails: "Give the thread of the port, and of what is screwed in.",
  twoThreads: "Name both threads: what seals, and whether it can, hangs on the pair.",
  noDie: "Restore, do not cut: a cutting die takes sound metal and the rolled skin away.",
  keepsOn: "This screen is kept on while the plan is open.",
  mayGoDark: "This browser does not keep the screen on: it may go dark over the work.",
  howWent: "How did it go?",
  sayWhy: "Say in the note why it is skipped.",
  chooseMachine: "Choose the machine it belongs to.",
  sayOutcome: "Say how it was at the end, or save it half done.",
  savedHalf: "Kept half done.",
  noPaper:
    "The server makes the page, and it cannot be reached just now. The plan itself is kept here.",
  toolsAll: "What is not on a list counts as there: nobody is held up by a list that was not made.",
  lostDrills: "Touch the drills that are lost; touch again to put one back.",
  tapList: "One to a line, as they are written: M6, 1/4-20, 3/8 BSF.",
  whoMay:
    "Only who is licensed for it, by the maker’s own repair instruction and the local code, may do this work.",
  nothing: "Nothing works here but what is refused below. Replace the part, or ask who may do it.",
  planDone: "All steps are done. Write down what was really used.",
} as const;

/** A tool that a repair takes: "insert tap M8 x 1.25", "drill 8.4 mm". */
export function repairToolWords({
  tool,
  thread,
  drill,
  tap,
  lengthInDiameters,
}: RepairTool): string {
  const name = thread.designation;
  switch (tool) {
    case "drill":
      return drill === undefined ? "drill" : `drill ${drillWords(drill)}`;
    case "insert":
      return `insert ${name}${lengthInDiameters === undefined ? "" : `, ${printPlain(lengthInDiameters)} D`}`;
    case "tap":
      return tap === undefined ? `tap ${name}` : `${TAP_WORDS[tap].toLowerCase()} ${name}`;
    case "adaptor":
      return `an adaptor, or a nipple of the port’s own ${name}`;
    case "insert-tap":
      return `insert tap ${name}`;
    case "thread-file":
      return `thread file for ${name}`;
    case "longer-screw":
      return `a longer ${name} screw`;
    case "sealant":
      return "compound or tape";
    default:
      return `${tool} ${name}`;
  }
}

/** Where one is in a plan: "Step 6 of 13". */
export function stepCountWords(at: number, of: number): string {
  return `Step ${at + 1} of ${of}`;
}

/** The question that Mend begins with, of a part that was named or of any. */
export function whatIsWrongWords(part: string): string {
  return part === "" ? "What is wrong with it?" : `${part}: what is wrong with it?`;
}

/** A torque that cannot be taken: what was read, and what is accepted. */
export function torqueProblemWords(read: string): string {
  const { least, most } = ACCEPTED_FIGURES.torque;
  return `Read “${read.trim()}”. Accepted: a torque of ${least} to ${most} N m, as “25”.`;
}

/** Lines of a list of threads that were not read. */
export function unreadThreadsWords(lines: readonly string[]): string {
  return `Not read: ${lines.join(", ")}. Accepted: threads as they are written, “M6”, “1/4-20”.`;
}

/** A drill that no set has. */
export function noSuchDrillWords(read: string): string {
  return `Read “${read}”: no drill is called so. Accepted: 8.5, 27/64, 7, F.`;
}
