import type { Machine, Position, PositionRow } from "@root-gauge/contract";
import type { Reading } from "@root-gauge/core";
import { originReading, pathTo } from "@root-gauge/core/record";
import { v4 as uuid } from "uuid";
import { changeBench, useBenchPart } from "../data/drafts/bench";
import { emptyPart } from "../data/drafts/bench-state";
import { useMachines } from "../data/record/machine-queries";
import { outbox } from "../data/outbox/saving";
import type { Where } from "./where";

/** What a machine's make tells of its threads, as a reading to begin with. */
function readingsOfMake(machine: Pick<Machine, "origin" | "year"> | undefined): readonly Reading[] {
  const reading = machine && originReading(machine);
  return reading === undefined ? [] : [reading];
}

/** Lays a part of a position on the Bench: where it is from is known, and its machine's make with it. */
export function layOnBench(
  position: Pick<Position, "id" | "machineId" | "path">,
  machine: Pick<Machine, "origin" | "year"> | undefined,
): void {
  changeBench({
    type: "put-on-bench",
    part: {
      ...emptyPart(uuid(), new Date(), position.machineId),
      position: position.path,
      positionId: position.id,
      readings: [...readingsOfMake(machine)],
    },
  });
}

/** The same of a position as a tree has it, among those of its machine. */
export function layRowOnBench(
  { id, machineId }: PositionRow,
  positions: readonly PositionRow[],
  machine: Pick<Machine, "origin" | "year"> | undefined,
): void {
  const path = pathTo(id, new Map(positions.map((one) => [one.id, one])));
  layOnBench({ id, machineId, path }, machine);
}

const isSame = (one: Reading | undefined, other: Reading | undefined) =>
  JSON.stringify(one) === JSON.stringify(other);

/**
 * Says where the part on the Bench is from. A machine that is chosen tells its make, in the place of what the machine before
 * told; what was said of the origin otherwise stays.
 */
export function useWhereOnBench(): (change: Partial<Where>) => void {
  const { machines } = useMachines();
  const part = useBenchPart();
  const makeOf = (id: string | null) => {
    const waiting = outbox
      .get()
      .parcels.find((parcel) => parcel.kind === "machine" && parcel.id === id);
    const listed = machines.find((machine) => machine.id === id);
    return readingsOfMake(waiting?.kind === "machine" ? waiting.body : listed)[0];
  };
  return (change) => {
    changeBench({ type: "describe", change });
    if (!change.machineId) return;
    const said = part.readings.find(({ kind }) => kind === "origin");
    if (said !== undefined && !isSame(said, makeOf(part.machineId))) return;
    const make = makeOf(change.machineId);
    if (!isSame(said, make)) changeBench({ type: "answer", kind: "origin", reading: make });
  };
}
