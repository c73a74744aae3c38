export { inInches, named } from "./named-thread";
export { HOLE, best, figuresAt, optionOf, refusalOf, stepsOf } from "./stripped-hole";
