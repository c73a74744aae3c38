import { POSITION_STATES, type PositionState, type StateCounts } from "../../record";

/** How a position stands, in a word or two. */
export const STATE_WORDS: Readonly<Record<PositionState, string>> = {
  "to-identify": "To identify",
  identified: "Identified",
  "to-order": "To order",
  "on-hand": "On hand",
  fitted: "Fitted",
  watch: "Watch",
};

export const POSITION_SENTENCES = {
  noPosition:
    "No position yet. Add the places to be looked at, or write up a part: its place is made.",
  nothingFound: "Nothing was found here yet. Lay the part on the Bench.",
  nothingGoesIn: "Nobody has said what goes in here.",
  nameWanted: "Nothing was read. A position needs a name.",
  nameLong:
    "One of the names is longer than the 120 letters that a name may have. Shorten it, or set a stroke between two.",
  alikeWanted: "Read as no number. How many alike is a whole number from 1 to 9999.",
  yearWanted: "Read as no year. A year of four figures is wanted, from 1700 to 2100, or nothing.",
  noneInState: "No position stands so.",
  gone: "This position was taken out of the lists.",
  pathHint: "Feed side / gripper bar / left",
  signHint: "Your name, for the record of changes",
  noMachineSo: "No machine has a place that stands so.",
  noneFound: "No machine is called so.",
  choosePosition: "Choose a position: it stands here.",
  findOrName: "Find, or name a new one",
  signed: "Changes from this device are signed",
  placeNotNamed: "Found here, its place not named",
} as const;

/** How machines are sorted. */
export const SORT_WORDS = {
  changed: "Last changed first",
  name: "By name",
  year: "Oldest first",
} as const;

/** How machines are listed: "By name, with a place to order". */
export function machinesByWords(
  sort: keyof typeof SORT_WORDS,
  state: PositionState | undefined,
): string {
  const only = state === undefined ? "" : `, only with one ${STATE_WORDS[state].toLowerCase()}`;
  return `${SORT_WORDS[sort]}${only}`;
}

/** Which positions were made like another: "3 more: Guard bolt 2, Guard bolt 3, Guard bolt 4." */
export function moreLikeWords(names: readonly string[]): string {
  return `${names.length} more: ${names.join(", ")}.`;
}

export const REORDER_SENTENCES = {
  how: "Drag a place by its grip, or lift it with the space bar and move it with the arrows; space again puts it down.",
  cannot: "A place cannot stand within itself.",
  put: "Put in order: move places by their grips",
  merge:
    "Make it one with another place of this machine: what was found, mended and noted here goes there",
  merged: "Made one with the other place.",
  archived: "Archived: it is kept and found, and is no work any more.",
  archive: "Archive: keep it, and leave it out of the work",
  unarchive: "Bring back from the archive, into the work again",
} as const;

/** What a screen reader says of a place that is moved. */
export const movedWords = {
  lifted: (name: string) => `${name} is lifted.`,
  over: (name: string, over: string) => `${name} is over ${over}.`,
  put: (name: string, over: string) => `${name} was put at ${over}.`,
  left: (name: string) => `${name} was left where it was.`,
} as const;

/** How many positions stand in each state, in the order of the work: "3 to identify · 2 to order". */
export function stateCountsWords(states: StateCounts): string {
  return POSITION_STATES.flatMap((state) => {
    const count = states[state] ?? 0;
    return count === 0 ? [] : [`${count} ${STATE_WORDS[state].toLowerCase()}`];
  }).join(" · ");
}

/** How many alike there are, beside a name: "4 alike"; nothing for one. */
export function alikeWords(alike: number): string {
  return alike === 1 ? "" : `${alike} alike`;
}

/** What of a record was changed, from what to what. */
export interface ChangeRecord {
  readonly field: string;
  readonly was: string;
  readonly became: string;
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  machine: "Machine",
  position: "Place",
  place: "Place, as it was written",
  name: "Name",
  origin: "From",
  year: "Year",
  stands: "Stands",
  parent: "Within",
  rank: "Its place in the order",
  alike: "Alike",
  state: "State",
  spec: "Goes in",
  notes: "Notes",
  opened: "Opened",
  due: "Due",
  done: "Done",
  positions: "Places",
  rule: "Spares",
  lines: "Line",
  quotation: "Supplier’s answer",
  readings: "Reading",
  options: "Weighed with",
  record: "Repair",
  text: "Note",
  taken: "Taken",
  word: "Word",
  means: "Means",
  archived: "Archived",
  removed: "Taken out of the lists",
};

/** Fields that say yes or nothing. */
const FLAGS: ReadonlySet<string> = new Set(["archived", "removed"]);

/** Fields whose changes are told without what stood in them: too much for a line. */
const TOLD_AS_CHANGED: ReadonlySet<string> = new Set([
  "readings",
  "options",
  "record",
  "quotation",
  "rule",
  "means",
]);

const isState = (text: string): text is PositionState =>
  POSITION_STATES.some((state) => state === text);

function valueWords(field: string, text: string): string {
  if (field === "state" && isState(text)) return STATE_WORDS[text].toLowerCase();
  if (FLAGS.has(field)) return text === "" ? "no" : "yes";
  if (field === "parent" && text === "") return "the machine itself";
  return text === "" ? "nothing" : text;
}

/** A field of a record with what stands in it: "State: to order". */
export function fieldWords(field: string, text: string): string {
  return `${FIELD_WORDS[field] ?? field}: ${valueWords(field, text)}`;
}

/** A line of a record's history: "State: to order, before: identified". */
export function historyWords({ field, was, became }: ChangeRecord): string {
  if (field === "made") return "Made";
  if (field === "remark") {
    if (was === "") return `Noted: ${became}`;
    return became === "" ? `Note taken out: ${was}` : `Note: ${became}, before: ${was}`;
  }
  if (field === "found" || field === "mended") {
    const what = field === "found" ? "Found" : "Mended";
    if (was === "") return `${what}: ${became}`;
    return became === ""
      ? `${what} before, taken from here: ${was}`
      : `${what}: ${became}, before: ${was}`;
  }
  if (field === "picture") {
    return became === "" ? "A photograph was taken out" : "A photograph was added";
  }
  if (field === "merged") return `Made one with it: ${became}`;
  if (field === "archived") return became === "" ? "Back from the archive" : "Archived";
  if (field === "rank") return "Put in another order";
  if (field === "removed")
    return became === "" ? "Put back in the lists" : "Taken out of the lists";
  if (field === "lines") return "Lines changed";
  if (TOLD_AS_CHANGED.has(field)) return `${FIELD_WORDS[field] ?? field} changed`;
  return `${fieldWords(field, became)}, before: ${valueWords(field, was)}`;
}

/** What a machine's make is taken for, so that it can be checked. */
export function madeWords(origin: string, year: number | null): string {
  return [origin, ...(year === null || origin.includes(String(year)) ? [] : [String(year)])]
    .filter((text) => text !== "")
    .join(", ");
}

/** What a screen reader says of the keys of a walk round a machine; each begins with the word that is seen. */
export const WALK_SENTENCES = {
  end: "End the walk round the machine",
  next: "Next position to be identified",
  saveAndNext: "Save, next: write up this part and go on to the next position",
  walkRound: "Walk round: one position after the other on the Bench",
} as const;

/** How many positions are left to identify besides the one at hand. */
export function leftWords(left: number): string {
  if (left === 0) return "None left besides this";
  return left === 1 ? "One more to identify" : `${left} more to identify`;
}
