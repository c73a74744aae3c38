import { z } from "zod/mini";
import { positionIdSchema } from "./position";
import { field, inputSchemaOf } from "./record-fields";
import { removalSchema, removedSchema, storedFields, notesSchema } from "./stored";

/** The most that a picture may weigh when it is sent, bytes; one that the app has made small is a tenth of it. */
export const PICTURE_LIMIT = 4_000_000;

/** The same as base64 writes it: four letters for three bytes. */
const PICTURE_LETTERS = Math.ceil(PICTURE_LIMIT / 3) * 4;

export const REMARK_FIELDS = {
  positionId: field("position", positionIdSchema, "place", "position_id"),
  text: field("text", notesSchema),
  takenAt: field("taken", z.iso.datetime(), "text", "taken_at"),
  removed: field("removed", removalSchema, "flag"),
};

/** What a client sends to note something of a position, with a picture or without, or to change its words. */
export const remarkInputSchema = z.extend(inputSchemaOf(REMARK_FIELDS), {
  /** A JPEG in base64; sent once, it stays with the remark. */
  picture: z.optional(
    z.string().check(
      z.maxLength(PICTURE_LETTERS, `is over ${PICTURE_LIMIT / 1e6} MB`),
      // One sign that is none is looked for: a pattern of the whole would go back over millions of letters.
      z.refine((letters) => letters !== "" && !/[^A-Za-z0-9+/=]/.test(letters), "is no base64"),
    ),
  ),
});

/** A picture's size in points and bytes; the picture itself has an address of its own. */
export const pictureSchema = z.object({
  width: z.int().check(z.minimum(1)),
  height: z.int().check(z.minimum(1)),
  bytes: z.int().check(z.minimum(1)),
});

export const remarkSchema = z.object({
  id: z.uuid(),
  positionId: positionIdSchema,
  text: z.string(),
  /** The name that was typed on the device when it was noted; empty where none was. */
  who: z.string(),
  takenAt: z.iso.datetime(),
  picture: z.nullable(pictureSchema),
  ...storedFields,
  removed: removedSchema,
});

export const remarkListSchema = z.object({
  remarks: z.array(remarkSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type Picture = z.infer<typeof pictureSchema>;
export type RemarkInput = z.infer<typeof remarkInputSchema>;
export type Remark = z.infer<typeof remarkSchema>;
