export {
  HOLDING_WORDS,
  JOB_SENTENCES,
  SERVER_WORDS,
  otherTabWords,
  partsWords,
  removedWords,
  saveFaultWords,
  saveRefusedWords,
  savesAwayWords,
  sentAgainWords,
} from "./job-sentences";
