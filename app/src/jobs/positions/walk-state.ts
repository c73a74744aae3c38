import type { PositionRow } from "@root-gauge/contract";
import { thatStand, treeRows } from "@root-gauge/core/record";
import { z } from "zod/mini";
import { createKeptStore } from "../../data/kept/kept-store";

/** Which machine is walked round with this device; none where nobody walks. */
const useWalkStore = createKeptStore<{ machineId: string | null }>({
  key: "rg.walk",
  schema: z.object({ machineId: z.nullable(z.uuid()) }),
  initial: () => ({ machineId: null }),
});

export function useWalk(): string | null {
  return useWalkStore(({ machineId }) => machineId);
}

export function walkRound(machineId: string | null): void {
  useWalkStore.setState({ machineId });
}

/** What is left to identify, in the order of the machine's tree. */
export function leftToIdentify<Row extends PositionRow>(positions: readonly Row[]): readonly Row[] {
  const told = new Set(thatStand(positions));
  return treeRows(positions)
    .map(({ position }) => position)
    .filter((position) => position.state === "to-identify" && told.has(position));
}

/** The next of what is left after a position, round to the first again; none but itself is none. */
export function nextAfter<Row extends PositionRow>(
  id: string | undefined,
  left: readonly Row[],
  positions: readonly Row[],
): Row | undefined {
  const others = left.filter((position) => position.id !== id);
  const places = new Map(treeRows(positions).map(({ position }, place) => [position.id, place]));
  const at = places.get(id ?? "") ?? -1;
  return others.find((position) => (places.get(position.id) ?? -1) > at) ?? others[0];
}
