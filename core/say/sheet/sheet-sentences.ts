import { printWindow, type Mm, type Units } from "../../measure";

/** What sheets, writing up and specifying say in whole sentences. */
export const SHEET_SENTENCES = {
  unsettled: "It is written up as far as it is known; take another reading to settle it.",
  cautionUnread: "Substitutes are shown, and it can be saved, once this is read.",
  readCaution: "Read the caution first.",
  readJointCaution: "Read the caution of this joint first.",
  chooseMachine: "Choose the machine it belongs to, or add one.",
  machinesAway:
    "The server does not answer, so its machines cannot be listed. A new one is kept here.",
  nothingRead: "Nothing was read of this part yet. Take a reading first.",
  partAwaited: "Still fetching the part.",
  madeUp: "Made up from the readings. Add what they do not say: length, head, grade, finish.",
  olderRule: "Stored under an older rule, and kept as it is. The part is shown without it.",
  noSubstitute: "Nothing else that is sure to do. Take what is called for.",
  unverified: "Not verified against a published table.",
  noSuchHole: "No bolt that is bought has a hole of this size: measure it again.",
  giveThread: "Give the hole’s thread, or what it measures across.",
  giveGrip: "Give the thickness that is clamped.",
  giveDepth: "Give the hole’s depth.",
} as const;

/** The button that makes a machine of the name that was typed. */
export function newMachineWords(name: string): string {
  return `Add “${name}” as a new machine`;
}

/** What is said while a sheet is put on paper. */
export const PAPER_WORDS = {
  making: "Making the page",
  none: "The page could not be made: the server does not answer. Print it here instead.",
} as const;

/** The lengths of which any does, or that none does. */
export function lengthWindowWords(leastMm: Mm, mostMm: Mm, units: Units): string {
  return leastMm <= mostMm
    ? `Anything from ${printWindow(leastMm, mostMm, units)} does.`
    : "No length does.";
}
