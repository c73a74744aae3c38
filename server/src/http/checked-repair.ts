import { gradeById } from "@root-gauge/core/catalogue/grades";
import { repairSummary } from "@root-gauge/core/say/mend";
import type { RepairRecord } from "@root-gauge/core/mend/repair";
import { ApiFailure } from "./api-failure";

const refused = (path: string, message: string) =>
  new ApiFailure("invalid-body", message, [{ path, message }]);

/**
 * Works a repair out that a client sent: what is refused on the screen is refused here too.
 * @throws ApiFailure with the sentence that says what stands against it
 */
export function checkRepair(record: RepairRecord): void {
  const { gradeId } = record.damage;
  if (gradeId !== undefined && gradeById(gradeId) === undefined) {
    throw refused("record.damage.gradeId", "There is no such class of screws.");
  }
  const summary = repairSummary(record);
  if (summary === undefined) {
    throw refused("record.damage.threadId", "There is no such thread.");
  }
  if (summary.refused !== undefined) throw refused("record.choice.option", summary.refused);
  if (record.done.length > summary.steps) {
    const message = `The plan has ${summary.steps} steps, and ${record.done.length} were done.`;
    throw refused("record.done", message);
  }
}
