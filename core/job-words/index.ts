export {
  HOLDING_WORDS,
  JOB_SENTENCES,
  SERVER_WORDS,
  otherTabWords,
  partsWords,
  saveFaultWords,
  saveRefusedWords,
  savesAwayWords,
  sentAgainWords,
} from "./job-sentences";
