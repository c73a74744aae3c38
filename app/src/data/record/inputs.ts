import {
  sentFields,
  type IdentificationInput,
  type IdentificationRecord,
  type Job,
  type JobInput,
  type Machine,
  type MachineInput,
  type Order,
  type OrderInput,
  type Position,
  type PositionInput,
  type Remark,
  type RemarkInput,
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

export const inputOfJob = (job: Job): JobInput => sentFields("job", job);

export const inputOfOrder = (order: Order): OrderInput => sentFields("order", order);

export const inputOfRemark = (remark: Remark): RemarkInput => sentFields("remark", remark);

export const inputOfPosition = (position: Omit<Position, "path">): PositionInput =>
  sentFields("position", position);

/** A stored repair as it is sent again; none where what is stored of it cannot be read. */
export function inputOfRepair(repair: Repair): RepairInput | undefined {
  const { machineId, position, record, takenAt } = repair;
  return record === null
    ? undefined
    : { machineId, position, record, takenAt, ...atPosition(repair) };
}
