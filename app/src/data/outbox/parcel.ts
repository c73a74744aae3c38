import {
  identificationInputSchema,
  jobInputSchema,
  machineInputSchema,
  orderInputSchema,
  ownWordInputSchema,
  pictureSchema,
  positionInputSchema,
  remarkInputSchema,
  repairInputSchema,
} from "@root-gauge/contract";
import { z } from "zod/mini";

/**
 * Why a parcel has not arrived: the server refused it, had a fault of its own with it, or another device has changed the
 * record since.
 */
const troubleSchema = z.object({
  kind: z.enum(["refused", "fault", "conflict"]),
  message: z.string(),
});

const given = {
  id: z.uuid(),
  /** When it was saved here, for who reads it; the order is by place. */
  queuedAt: z.number(),
  /** The version of the record that was seen here; 0 where there was none. */
  saw: z._default(z.int().check(z.minimum(0)), 0),
  /** The fields that were changed of what was seen, where that is known: others are left as the server has them. */
  touched: z.optional(z.array(z.string())),
};

const common = {
  ...given,
  /** Its place in the box, counted up: a clock that is set back changes nothing. */
  place: z.optional(z.number()),
  trouble: z.optional(troubleSchema),
};

/** A remark as it waits: its picture is too large for the box and is kept beside it. */
const remarkToSend = {
  kind: z.literal("remark"),
  body: z.omit(remarkInputSchema, { picture: true }),
  picture: z.nullable(pictureSchema),
};

/** Two places that are to be made one: no record of its own, and never the same twice. */
const mergeToSend = {
  kind: z.literal("merge"),
  body: z.object({
    machineId: z.uuid(),
    from: z.uuid(),
    fromPath: z.string(),
    into: z.uuid(),
    intoPath: z.string(),
    /** The version of the second that was seen here. */
    intoSaw: z.int().check(z.minimum(0)),
  }),
};

/** Something to be saved on the server, kept here until the server has it. */
export const parcelSchema = z.pipe(
  z.discriminatedUnion("kind", [
    z.object({ ...common, kind: z.literal("machine"), body: machineInputSchema }),
    z.object({ ...common, kind: z.literal("position"), body: positionInputSchema }),
    z.object({ ...common, kind: z.literal("identification"), body: identificationInputSchema }),
    z.object({ ...common, kind: z.literal("repair"), body: repairInputSchema }),
    z.object({ ...common, kind: z.literal("word"), body: ownWordInputSchema }),
    z.object({ ...common, ...remarkToSend }),
    z.object({ ...common, ...mergeToSend }),
    z.object({ ...common, kind: z.literal("job"), body: jobInputSchema }),
    z.object({ ...common, kind: z.literal("order"), body: orderInputSchema }),
  ]),
  // Parcels of an older make have no place: the time they were queued at keeps their order.
  z.transform((parcel) => ({ ...parcel, place: parcel.place ?? parcel.queuedAt })),
);

export type Parcel = z.infer<typeof parcelSchema>;
export type MergeParcel = Extract<Parcel, { kind: "merge" }>;
/** A parcel that holds a record. */
export type RecordParcel = Exclude<Parcel, MergeParcel>;
export type Trouble = z.infer<typeof troubleSchema>;

/** A parcel as it is handed in; its place is given to it. */
export const newParcelSchema = z.discriminatedUnion("kind", [
  z.object({ ...given, kind: z.literal("machine"), body: machineInputSchema }),
  z.object({ ...given, kind: z.literal("position"), body: positionInputSchema }),
  z.object({ ...given, kind: z.literal("identification"), body: identificationInputSchema }),
  z.object({ ...given, kind: z.literal("repair"), body: repairInputSchema }),
  z.object({ ...given, kind: z.literal("word"), body: ownWordInputSchema }),
  z.object({ ...given, ...remarkToSend }),
  z.object({ ...given, ...mergeToSend }),
  z.object({ ...given, kind: z.literal("job"), body: jobInputSchema }),
  z.object({ ...given, kind: z.literal("order"), body: orderInputSchema }),
]);

export type NewParcel = z.infer<typeof newParcelSchema>;

/** The ids of the machine and the positions that a parcel belongs to, where it belongs to any. */
export function awaitedBy(parcel: Parcel): readonly string[] {
  switch (parcel.kind) {
    case "machine":
    case "word":
    case "order":
      return [];
    case "remark":
      return [parcel.body.positionId];
    case "job":
      return parcel.body.positions;
    case "merge":
      return [parcel.body.from, parcel.body.into];
    case "position":
    case "identification":
    case "repair": {
      const { machineId } = parcel.body;
      const within = parcel.kind === "position" ? parcel.body.parentId : parcel.body.positionId;
      return within ? [machineId, within] : [machineId];
    }
  }
}
