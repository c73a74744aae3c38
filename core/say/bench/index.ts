export { TEACHING } from "./teaching";
export { TOOL_WORDS } from "./tool-words";
export {
  PANEL_SENTENCES,
  PART_READ_BY,
  WEIGHED_WORDS,
  metOnMachineWords,
  metWords,
  chooseKnownWords,
  lengthDatumWords,
  stockWords,
  trialTurnsProblemWords,
  unreadShareWords,
} from "./panel-sentences";
