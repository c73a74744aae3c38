export {
  HOLDING_WORDS,
  RECORD_SENTENCES,
  SERVER_WORDS,
  otherTabWords,
  partsWords,
  removedWords,
  saveFaultWords,
  saveRefusedWords,
  savesAwayWords,
  sentAgainWords,
} from "./record-sentences";
export {
  POSITION_SENTENCES,
  STATE_WORDS,
  alikeWords,
  historyWords,
  madeWords,
  stateCountsWords,
} from "./position-words";
export type { ChangeRecord } from "./position-words";
