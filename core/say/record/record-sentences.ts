/** What machines, and what waits to be saved, say in whole sentences. */
export const RECORD_SENTENCES = {
  fetchingMachines: "Fetching the machines.",
  notOnServer: "Kept on this device, not on the server yet.",
  emptyMachine: "Nothing written up for this machine yet.",
  repairUnreadable: "What was stored of it cannot be read any more.",
  noMachine:
    "No machine yet. Identify a part on the Bench and write it up: the machine is made there.",
  onlyAside: "Every save made here is on the server, but what follows could not be read.",
  nothingWaits: "Nothing waits: everything saved here is on the server.",
  fetchingServers: "Fetching what the server has.",
  changedElsewhere: "Another device has changed it since it was read here.",
  justChanged: "Just changed on another device",
  changedSinceBegun:
    "Another device has changed this since you began. What it changed and you did not stays; where both changed the same you are asked which is right.",
  waitsForServer: "Waits until the server answers.",
  waitsForOther: "Waits for its machine or its position, which is not on the server yet.",
  conflict: "Another device has changed what was saved here. Say which one is right.",
  nameMachine: "Nothing was read. A machine needs a name.",
  removedIsKept:
    "What is removed leaves the lists and is kept: it is put back with Undo, or from Taken out of the lists.",
  removed: "This was removed.",
  copyForbidden: "This browser does not allow copying here: select the words instead.",
} as const;

/**
 * Beside a field in which something is typed, when another device has changed the same since.
 * @param text what stands there now; undefined where that is not said in words
 */
export function changedBesideWords(text: string | undefined): string {
  if (text === undefined) return "Another device has changed this since you began.";
  return text === ""
    ? "Another device has emptied this since you began."
    : `Another device has put “${text}” here since you began.`;
}

/** Why what is typed is not kept on the device. */
export const HOLDING_WORDS = {
  full: "This device’s storage is full. What you type is held while this page is open, and kept as soon as there is room.",
  forbidden:
    "This browser keeps nothing for this site. What you type is held while this page is open.",
} as const;

/** What stands in the way when the server is asked. */
export const SERVER_WORDS = {
  away: "The server does not answer.",
  fault: "The server has a fault.",
  other: "Something else answers at the server’s address.",
  unreadable: "The server’s answer cannot be read.",
} as const;

/** @param what the name of what was taken out of the lists */
export function removedWords(what: string): string {
  return `Removed: ${what}.`;
}

/** How many parts were written up for a machine. */
export function partsWords(count: number): string {
  if (count === 0) return "nothing written up yet";
  return count === 1 ? "one part written up" : `${count} parts written up`;
}

const keptWords = (saves: number) =>
  `${saves === 1 ? "One save is" : `${saves} saves are`} kept on this device`;

export function savesAwayWords(saves: number): string {
  return `${SERVER_WORDS.away} ${keptWords(saves)} until it does.`;
}

/** @param why the server's own sentence */
export function saveRefusedWords(saves: number, why: string): string {
  return `The server refused a save. ${keptWords(saves)}: ${why}`;
}

/** @param why the server's own sentence */
export function saveFaultWords(saves: number, why: string): string {
  return `The server could not take a save yet. ${keptWords(saves)} and sent again. ${why}`;
}

/** @param why the server's own sentence */
export function sentAgainWords(why: string): string {
  return `Sent again every few seconds. ${why}`;
}

/** @param what "The part on the Bench" */
export function otherTabWords(what: string): string {
  return `${what} was changed in another tab.`;
}
