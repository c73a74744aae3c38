export { ORDER_KINDS, orderLines } from "./order-lines";
export type { OrderKind, OrderLine, OrderRule, Wanted } from "./order-lines";
