export {
  HOLDING_WORDS,
  RECORD_SENTENCES,
  changedBesideWords,
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
  REORDER_SENTENCES,
  SORT_WORDS,
  STATE_WORDS,
  WALK_SENTENCES,
  alikeWords,
  fieldWords,
  historyWords,
  leftWords,
  machinesByWords,
  moreLikeWords,
  madeWords,
  movedWords,
  stateCountsWords,
} from "./position-words";
export { PICTURE_SENTENCES, REMARK_SENTENCES, pictureWords, tooLargeWords } from "./remark-words";
export {
  ORDER_SENTENCES,
  arrivedWords,
  onKeptWords,
  orderRuleWords,
  orderedWords,
  quotationWords,
  quotedWords,
} from "./order-words";
export { JOB_SENTENCES, REMOVED_SENTENCES, jobTimeWords, placesWords } from "./job-words";
