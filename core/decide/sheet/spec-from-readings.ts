import type { ScrewSpec } from "../../callout";
import { stockMatch } from "../../catalogue/fasteners";
import { readBoltMark, type Grade } from "../../catalogue/grades";
import { lastReading, type Reading } from "../../identify/weigh";
import type { Finish } from "../../catalogue/looks";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** The stocked length that was measured; between two of them, the measured one stands. */
function lengthFor(spec: ScrewSpec, measuredMm: Mm | undefined): { lengthMm?: Mm } {
  if (measuredMm === undefined) return {};
  const match = stockMatch(spec.head ?? "hex", spec.thread, measuredMm);
  return { lengthMm: match?.exact === true ? match.nearest : measuredMm };
}

function finishFor(said: Finish | undefined, grade: Grade | undefined): { finish?: Finish } {
  if (said !== undefined) return { finish: said };
  return grade?.system === "stainless" ? { finish: "stainless" } : {};
}

/**
 * The screw that was on the bench, as it would be asked for again: its thread as identified, the length at its head's
 * datum brought to a stocked one, head, class by its mark and finish as far as they were read.
 */
export function specFromReadings(thread: Thread, readings: readonly Reading[]): ScrewSpec {
  const style = lastReading(readings, "head-style");
  const mark = lastReading(readings, "head-mark")?.mark;
  const read = mark === undefined ? undefined : readBoltMark(mark, thread);
  const graded = read !== undefined && read.sense !== "unmarked" ? read.grade : undefined;
  const headed: ScrewSpec = {
    part: "screw",
    thread,
    ...(style === undefined ? {} : { head: style.head }),
    ...(style?.drive === undefined ? {} : { drive: style.drive }),
  };
  return {
    ...headed,
    ...lengthFor(headed, lastReading(readings, "length")?.mm),
    ...(graded === undefined ? {} : { gradeId: graded.id }),
    ...finishFor(lastReading(readings, "finish")?.finish, graded),
  };
}

/** Whether a magnet sticks to what its mark or finish says is austenitic stainless or brass, which hardly hold one. */
export function magnetContradicts(readings: readonly Reading[]): boolean {
  if (lastReading(readings, "magnet")?.sticks !== true) return false;
  const finish = lastReading(readings, "finish")?.finish;
  const mark = lastReading(readings, "head-mark")?.mark ?? "";
  return (
    finish === "brass" || finish === "stainless" || /^A[1-5](?:[-\s]?\d{2})?$/i.test(mark.trim())
  );
}
