import type { KeptLine } from "@root-gauge/contract";
import { v4 as uuid } from "uuid";

/** A line of an order as it begins: a part, how many are needed, and the positions that it is for. */
export function newLine(
  callout: string,
  needed: number,
  positions: readonly string[] = [],
): KeptLine {
  return {
    id: uuid(),
    callout,
    alternates: [],
    needed,
    onShelf: 0,
    ordered: null,
    positions: [...positions],
    arrived: false,
  };
}
