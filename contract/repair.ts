import { LONGEST } from "@root-gauge/core/record";
import { UNITS } from "@root-gauge/core";
import { DUTIES } from "@root-gauge/core/catalogue/circumstances";
import {
  ACCEPTED_FIGURES,
  DRILL_SETS,
  MACHINES,
  WORK_MATERIAL_KINDS,
  type AskedFigure,
} from "@root-gauge/core/mend/holes";
import { TAPS } from "@root-gauge/core/decide/joints";
import {
  ACCESSES,
  BROKEN_TOOLS,
  DAMAGED_PARTS,
  DRIVE_SHAPES,
  MEDIA,
  NUT_KINDS,
  REPAIR_OUTCOMES,
  SCREW_FLAWS,
  SPACES,
  STEP_CODES,
  STEP_FEELS,
  SYMPTOMS,
  type RepairRecord,
  type StoredDamage,
} from "@root-gauge/core/mend/repair";
import { z } from "zod/mini";
import { machineIdSchema } from "./machine";
import { positionIdSchema, positionPathSchema } from "./position";
import { field, inputSchemaOf } from "./record-fields";
import { removalSchema, removedSchema, storedFields, textSchema as text } from "./stored";

/** More than any plan has, of threads, of steps or of drills that are lost. */
const MOST = 400;

const figure = (name: AskedFigure) => {
  const { least, most } = ACCEPTED_FIGURES[name];
  return z.number().check(z.minimum(least), z.maximum(most));
};

const asked = (name: AskedFigure) => z.optional(figure(name));
const id = z.string().check(z.minLength(1), z.maxLength(80));
const ids = z.optional(z.array(id).check(z.maxLength(2000)));

const drillSchema = z.strictObject({
  set: z.enum(DRILL_SETS),
  mark: z.string().check(z.maxLength(12)),
  mm: figure("bore"),
});

/** The tools of a workshop. */
export const ownedToolsSchema = z.strictObject({
  drillSets: z.optional(z.array(z.enum(DRILL_SETS))),
  missing: z.optional(
    z
      .array(z.strictObject({ set: z.enum(DRILL_SETS), mark: z.string().check(z.maxLength(12)) }))
      .check(z.maxLength(MOST)),
  ),
  extra: z.optional(z.array(drillSchema).check(z.maxLength(MOST))),
  taps: z.optional(z.array(z.enum(TAPS))),
  tapThreads: ids,
  stiThreads: ids,
  machine: z.optional(z.enum(MACHINES)),
});

/** A hole or a screw that is to be put right, its threads by their ids. */
const damageSchema: z.ZodMiniType<StoredDamage> = z.strictObject({
  symptom: z.enum(SYMPTOMS),
  part: z.enum(DAMAGED_PARTS),
  threadId: id,
  maleId: z.optional(id),
  hand: z.optional(z.literal("left")),
  material: z.enum(WORK_MATERIAL_KINDS),
  hole: z.enum(["through", "blind"]),
  depthMm: figure("depth"),
  boreMm: asked("bore"),
  soundShare: asked("sound-share"),
  edgeMm: asked("edge"),
  neighbourMm: asked("neighbour"),
  bossMm: asked("boss"),
  thicknessMm: asked("thickness"),
  engagementMm: asked("engagement"),
  soundBelowMm: asked("sound-below"),
  screwLengthMm: asked("screw-length"),
  gradeId: z.optional(id),
  wantedN: asked("wanted-load"),
  torqueNm: asked("torque"),
  duty: z.enum(DUTIES),
  structural: z.optional(z.boolean()),
  acknowledged: z.optional(z.boolean()),
  access: z.optional(z.enum(ACCESSES)),
  medium: z.optional(z.enum(MEDIA)),
  purpose: z.optional(z.enum(["screw", "plug"])),
  matingHoleMm: asked("mating-hole"),
  headRoomMm: asked("head-room"),
  wearMm: asked("wear"),
  flaws: z.optional(z.array(z.enum(SCREW_FLAWS))),
  offMm: asked("off-place"),
  nutKind: z.optional(z.enum(NUT_KINDS)),
  space: z.optional(z.enum(SPACES)),
  driveShape: z.optional(z.enum(DRIVE_SHAPES)),
  brokenTool: z.optional(z.enum(BROKEN_TOOLS)),
  standsOut: z.optional(z.boolean()),
  noFlame: z.optional(z.boolean()),
  often: z.boolean(),
  behind: z.optional(z.boolean()),
  tools: z.optional(ownedToolsSchema),
});

const stepRecordSchema = z.strictObject({
  code: z.enum(STEP_CODES),
  at: z.iso.datetime(),
  note: text(LONGEST.remark),
  skipped: z.boolean(),
  felt: z.array(z.enum(STEP_FEELS)).check(z.maxLength(40)),
});

const stepsSchema = z.array(stepRecordSchema).check(z.maxLength(MOST));

/** What was done of a repair, as it is stored. */
const recordFields = {
  damage: damageSchema,
  choice: z.strictObject({ option: z.optional(id), drill: z.optional(drillSchema) }),
  done: stepsSchema,
  former: z.array(z.strictObject({ option: id, done: stepsSchema })).check(z.maxLength(20)),
  used: text(LONGEST.remark),
  outcome: z.nullable(z.enum(REPAIR_OUTCOMES)),
  notes: text(LONGEST.notes),
};

export const repairRecordSchema: z.ZodMiniType<RepairRecord> = z.strictObject(recordFields);

export const REPAIR_FIELDS = {
  machineId: field("machine", machineIdSchema, "machine", "machine_id"),
  /** Where it was done, in one line: a position of that name is made where there is none. */
  position: field("place", positionPathSchema, "text", "position"),
  /** The position itself, where it is known; its name stands above all the same. */
  positionId: field("position", z.optional(positionIdSchema), "place", "position_id"),
  record: field("record", repairRecordSchema, "json"),
  takenAt: field("taken", z.iso.datetime(), "text", "taken_at"),
  removed: field("removed", removalSchema, "flag"),
};

/** What a client sends to save a repair under an id of its own making. */
export const repairInputSchema = inputSchemaOf(REPAIR_FIELDS);

export const repairSchema = z.object({
  id: z.uuid(),
  machineId: machineIdSchema,
  /** Where its position stands on the machine; empty where no place was named. */
  position: z.string(),
  positionId: z.nullable(positionIdSchema),
  /** Null where what is stored cannot be read any more. */
  record: z.nullable(repairRecordSchema),
  /** The server's own words of it. */
  thread: z.string(),
  title: z.string(),
  steps: z.int(),
  takenAt: z.iso.datetime(),
  ...storedFields,
  /** What is stored of it and cannot be read any more, as it is stored. */
  unreadable: z.array(z.string()),
  removed: removedSchema,
});

/** A repair as lists show it: what it is, and how far it has come. */
const repairRowSchema = z.extend(z.omit(repairSchema, { createdAt: true, record: true }), {
  record: z.nullable(
    z.object({
      outcome: recordFields.outcome,
      done: z.readonly(z.array(z.object({ code: z.enum(STEP_CODES) }))),
    }),
  ),
});

export const repairListSchema = z.object({
  repairs: z.array(repairRowSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

/** A work plan that is asked for on paper. */
export const planPaperSchema = z.strictObject({
  record: repairRecordSchema,
  units: z.enum(UNITS),
  /** The machine and the place on it. */
  title: z._default(text(260), ""),
});

export type PlanPaperInput = z.input<typeof planPaperSchema>;
export type RepairInput = z.infer<typeof repairInputSchema>;
export type Repair = z.infer<typeof repairSchema>;
export type RepairRow = z.infer<typeof repairRowSchema>;
