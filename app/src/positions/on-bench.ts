import type { Machine, Position } from "@root-gauge/contract";
import type { Reading } from "@root-gauge/core";
import { originReading } from "@root-gauge/core/record";
import { v4 as uuid } from "uuid";
import { changeBench } from "../data/bench";
import { emptyPart } from "../data/bench-state";

/** What a machine's make tells of its threads, as a reading to begin with. */
export function readingsOfMake(
  machine: Pick<Machine, "origin" | "year"> | undefined,
): readonly Reading[] {
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
