export { dangerWords, pairOutcomeWords, pairWords, tellApartWords } from "./pair-words";
