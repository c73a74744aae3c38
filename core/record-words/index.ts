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
  ORDER_SENTENCES,
  STATE_WORDS,
  WALK_SENTENCES,
  alikeWords,
  fieldWords,
  historyWords,
  leftWords,
  madeWords,
  orderedWords,
  stateCountsWords,
} from "./position-words";
export { PICTURE_SENTENCES, REMARK_SENTENCES, pictureWords, tooLargeWords } from "./remark-words";
export type { ChangeRecord } from "./position-words";
