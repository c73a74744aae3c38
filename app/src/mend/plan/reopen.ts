import type { Repair } from "@root-gauge/contract";
import {
  type Damage,
  type RepairRecord,
  isOddThread,
  takesMetal,
} from "@root-gauge/core/mend/repair";
import { printPlain, threadName } from "@root-gauge/core";
import { beginWith, type MendState } from "../../data/kept/mend-state";
import { NEW_HOLE } from "./repair-record";

const lengthText = (mm: number | undefined) => (mm === undefined ? "" : `${printPlain(mm, 3)} mm`);

/** What was said of a damage, as it stands in its fields. */
function fieldsFrom(damage: Damage): Partial<MendState> {
  const { thread, male, flaws = [], medium, access, torqueNm, behind } = damage;
  const { nutKind, space, driveShape, brokenTool, standsOut, noFlame } = damage;
  const odd = isOddThread(thread);
  const cut = takesMetal(damage);
  return {
    symptom: damage.symptom,
    material: damage.material,
    hole: damage.hole,
    typedIn: "mm",
    thread: odd ? "" : threadName(thread),
    odd,
    crests: odd ? lengthText(thread.majorMm) : "",
    pitch: odd ? `${printPlain(thread.pitchMm, 4)} mm` : "",
    male: male === undefined ? "" : threadName(male),
    depth: cut ? lengthText(damage.depthMm) : "",
    edge: lengthText(damage.edgeMm),
    bore: lengthText(damage.boreMm),
    engaged: lengthText(damage.engagementMm),
    thickness: lengthText(damage.thicknessMm),
    boss: lengthText(damage.bossMm),
    neighbour: lengthText(damage.neighbourMm),
    wear: lengthText(damage.wearMm),
    matingHole: lengthText(damage.matingHoleMm),
    headRoom: lengthText(damage.headRoomMm),
    torque: torqueNm === undefined ? "" : printPlain(torqueNm, 2),
    grade: damage.gradeId ?? "",
    duty: damage.duty,
    structural: damage.structural === true,
    acknowledged: damage.acknowledged === true,
    purpose: damage.purpose ?? "screw",
    flaws: [...flaws],
    often: damage.often,
    soundBelow: lengthText(damage.soundBelowMm),
    screwLength: lengthText(damage.screwLengthMm),
    offPlace: lengthText(damage.offMm),
    ...(behind === undefined ? {} : { behind }),
    ...(nutKind === undefined ? {} : { nutKind }),
    ...(space === undefined ? {} : { space }),
    ...(driveShape === undefined ? {} : { driveShape }),
    ...(brokenTool === undefined ? {} : { brokenTool }),
    ...(standsOut === undefined ? {} : { standsOut }),
    ...(noFlame === undefined ? {} : { noFlame }),
    ...(access === undefined ? {} : { access }),
    ...(medium === undefined ? {} : { medium }),
  };
}

/** Lays a stored repair in Mend again, its plan at the step where it was left. */
export function reopen(repair: Repair, record: RepairRecord, damage: Damage): void {
  const { option, drill } = record.choice;
  const steps = (done: RepairRecord["done"]) =>
    done.map((step) => ({ ...step, felt: [...step.felt] }));
  beginWith({
    ...fieldsFrom(damage),
    ...(option === undefined ? {} : { chosen: option }),
    ...(drill === undefined ? {} : { drill }),
    planning: record.outcome === null,
    begun: option ?? NEW_HOLE,
    done: steps(record.done),
    former: record.former.map((one) => ({ ...one, done: steps(one.done) })),
    used: record.used,
    outcome: record.outcome,
    notes: record.notes,
    machineId: repair.machineId,
    position: repair.position,
    ...(repair.positionId === null ? {} : { positionId: repair.positionId }),
    repairId: repair.id,
    saw: repair.version,
    takenAt: repair.takenAt,
  });
}
