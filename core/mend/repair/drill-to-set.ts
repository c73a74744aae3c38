import { ownedDrills, type Drill } from "../holes";
import type { Mm } from "../../measure";
import { boreOf, type Damage } from "./damage";
import type { RepairRefusal } from "./refusal";

/** A drill may be so much under or over the hole that what is set in it asks for. */
const NEAR_MM: Mm = 0.1;

/** The drill for a hole that something is set in, and why there is none. */
export function drillToSet(
  holeMm: Mm,
  damage: Damage,
): { readonly drill?: Drill; readonly problem?: RepairRefusal } {
  const boreMm = boreOf(damage);
  if (boreMm > holeMm + NEAR_MM) {
    return { problem: { code: "bore-too-big", boreMm, mostMm: holeMm } };
  }
  const off = (drill: Drill) => Math.abs(drill.mm - holeMm);
  const [drill] = ownedDrills(damage.tools)
    .filter((one) => off(one) <= NEAR_MM + 1e-9)
    .toSorted((a, b) => off(a) - off(b));
  if (drill !== undefined) return { drill };
  const buy: Drill = { set: "metric-tenths", mark: String(holeMm), mm: holeMm };
  return {
    problem: { code: "no-drill", leastMm: holeMm - NEAR_MM, mostMm: holeMm + NEAR_MM, buy },
  };
}

/** The drill on hand that opens a hole to a size, or the next over it. */
export function drillTo(mm: Mm, { tools }: Damage): Drill | undefined {
  return ownedDrills(tools).find((drill) => drill.mm >= mm - 1e-6);
}
