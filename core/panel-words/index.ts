export { TEACHING } from "./teaching";
export {
  PANEL_SENTENCES,
  PART_READ_BY,
  chooseKnownWords,
  lengthDatumWords,
  stockWords,
  trialTurnsProblemWords,
  unreadShareWords,
} from "./panel-sentences";
