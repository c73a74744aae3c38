import type { OwnMeaning } from "../../callout";
import { DRIVE_WORDS, FINISH_WORDS, HEAD_WORDS } from "../common";
import { NUT_STYLE_WORDS, WASHER_STYLE_WORDS } from "./fastener-words";

/** What a word of the shop stands for. */
export function meaningWords(means: OwnMeaning): string {
  switch (means.kind) {
    case "head":
      return `${HEAD_WORDS[means.head]}, a head`;
    case "drive":
      return `${DRIVE_WORDS[means.drive]}, what turns it`;
    case "finish":
      return FINISH_WORDS[means.finish];
    case "nut":
      return NUT_STYLE_WORDS[means.style];
    case "washer":
      return WASHER_STYLE_WORDS[means.style];
    case "nothing":
      return "nothing that matters";
  }
}

/** What is asked of a word that nobody here has said the meaning of. */
export function whatIsWords(word: string): string {
  return `What is a “${word}”?`;
}

/** Said of the shop's own words. */
export const OWN_WORD_SENTENCES = {
  none: "None yet. A word that is not understood in a call-out is asked about there.",
  remembered: "The workshop remembers it: call-outs are read with it from now on.",
  kept: "They are kept with the workshop’s records and go where those go.",
} as const;
