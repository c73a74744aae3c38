import {
  sentFields,
  type IdentificationInput,
  type IdentificationRecord,
  type Machine,
  type MachineInput,
  type Position,
  type PositionInput,
  type Repair,
  type RepairInput,
} from "@root-gauge/contract";

/** The position of a stored record, where it has one. */
const atPosition = ({ positionId }: { readonly positionId: string | null }) =>
  positionId === null ? {} : { positionId };

/** A stored part as it is sent again, for a change of some of it. */
export function inputOfPart(record: IdentificationRecord): IdentificationInput {
  const { machineId, position, readings, options, notes, replacement, takenAt } = record;
  const sent = { machineId, position, readings, options, notes, replacement, takenAt };
  return { ...sent, ...atPosition(record) };
}

export const inputOfMachine = (machine: Machine): MachineInput => sentFields("machine", machine);

export const inputOfPosition = (position: Omit<Position, "path">): PositionInput =>
  sentFields("position", position);

/** A stored repair as it is sent again; none where what is stored of it cannot be read. */
export function inputOfRepair(repair: Repair): RepairInput | undefined {
  const { machineId, position, record, takenAt } = repair;
  return record === null
    ? undefined
    : { machineId, position, record, takenAt, ...atPosition(repair) };
}
