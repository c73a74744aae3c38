export { amountsOf, orderLines } from "./order-lines";
export type { OrderLine, OrderRule, Wanted } from "./order-lines";
export { lineProblems } from "./line-problems";
export type { JudgedLine } from "./line-problems";
export { alternateProblems } from "./alternates";
export type { AlternateProblem } from "./alternates";
