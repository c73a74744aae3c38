import { ACCEPTED_FIGURES, WORK_MATERIAL_KINDS, type WorkMaterial } from "../../mend/holes";
import type {
  Access,
  BrokenTool,
  CountedClass,
  DriveShape,
  Medium,
  NutKind,
  Space,
  Symptom,
} from "../../mend/repair";

export const SYMPTOM_WORDS: Readonly<Record<Symptom, string>> = {
  strips: "Strips when tightened",
  "cross-threaded": "Cross-threaded",
  "pulled-out": "Pulled out, metal on the bolt",
  snapped: "Bolt snapped",
  bruised: "Stud or bolt bruised",
  "too-small": "Must go up a size",
  new: "New hole",
  leaks: "Leaks",
  seized: "Bolt will not turn",
  rounded: "Head or socket rounded",
  "broken-tap": "Tap or extractor broken off in it",
  "off-centre": "Drilled off centre, or too large",
  "nut-stripped": "Nut stripped: loose, welded or caged",
  "insert-out": "An insert came out",
  "thin-sheet": "Thread gone in thin sheet",
  plastic: "Thread gone in plastic",
  combustion: "Into a cylinder or a pressure space",
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
  fuel: "Fuel",
  refrigerant: "Refrigerant",
};

export const NUT_KIND_CHOICES = [
  { value: "plain", label: "A loose nut" },
  { value: "weld", label: "Welded on" },
  { value: "cage", label: "In a cage" },
] as const satisfies readonly { value: NutKind; label: string }[];

export const SPACE_CHOICES = [
  { value: "combustion", label: "A cylinder" },
  { value: "pressure", label: "A pressure vessel" },
] as const satisfies readonly { value: Space; label: string }[];

export const DRIVE_SHAPE_CHOICES = [
  { value: "hexagon", label: "Hexagon" },
  { value: "socket", label: "Socket" },
  { value: "slot-or-cross", label: "Slot or cross" },
] as const satisfies readonly { value: DriveShape; label: string }[];

export const BROKEN_TOOL_CHOICES = [
  { value: "tap", label: "A tap" },
  { value: "extractor", label: "An extractor" },
] as const satisfies readonly { value: BrokenTool; label: string }[];

/** What Mend says in whole sentences. */
export const MEND_SENTENCES = {
  giveThread: "Give the thread, as it is written or as it was read.",
  giveDepth: "Give the depth of the hole.",
  giveThickness: "Give the thickness of the part.",
  askMedium:
    "Say first what it holds in: nothing is advised on a pipe thread before. Gas, steam, hydraulics, brakes, fuel and refrigerant are licensed work; a shop’s own water or air, or a sump, is not.",
  cylinder:
    "A chip in a cylinder ruins it: by the engine maker’s repair instruction only, and the plug of its own length, heat range and torque.",
  shopsOwn:
    "A shop’s own water, its air line or a sump is no licensed work: up to 10 bar, and never scalding. Relieve it first; test it for leaks after.",
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

/** What the wanted load counts on: the class that was said, or the one that is taken while none is. */
export function countedClassWords({ grade, said }: CountedClass): string {
  return said
    ? `Held against a screw of ${grade.name}.`
    : `Its class was not said: held against ${grade.name}, so that nothing weaker is put in. Say it where it is known.`;
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
