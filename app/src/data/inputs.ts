import type {
  IdentificationInput,
  IdentificationRecord,
  Job,
  JobInput,
  Repair,
  RepairInput,
} from "@root-gauge/contract";

/** A stored part as it is sent again, for a change of some of it. */
export function inputOfPart(record: IdentificationRecord): IdentificationInput {
  const { jobId, position, readings, options, notes, replacement, takenAt } = record;
  return { jobId, position, readings, options, notes, replacement, takenAt };
}

export function inputOfJob({ name, origin }: Job): JobInput {
  return { name, origin };
}

/** A stored repair as it is sent again; none where what is stored of it cannot be read. */
export function inputOfRepair(repair: Repair): RepairInput | undefined {
  const { jobId, position, record, takenAt } = repair;
  return record === null ? undefined : { jobId, position, record, takenAt };
}
