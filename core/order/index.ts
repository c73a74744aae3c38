export { ORDER_KINDS, amountsOf, orderLines } from "./order-lines";
export type { Amounts, OrderKind, OrderLine, OrderRule, Wanted } from "./order-lines";
export { alternateProblems } from "./alternates";
export type { AlternateProblem } from "./alternates";
