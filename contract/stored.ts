import { LONGEST } from "@root-gauge/core/record";
import { z } from "zod/mini";

/** Takes a record out of every list; it is kept, and sent again without this it stands there again. */
export const removalSchema = z.optional(z.boolean());

/** Whether a record was taken out of the lists. */
export const removedSchema = z._default(z.boolean(), false);

/** A text that may be empty. */
export const textSchema = (most: number) => z.string().check(z.trim(), z.maxLength(most));

/** A name, which may not be empty. @param of what it is the name of, with its article: "a machine" */
export const nameSchema = (of: string) =>
  z.string().check(z.trim(), z.minLength(1, `${of} needs a name`), z.maxLength(LONGEST.name));

/** What is noted of a record besides; empty where nothing is. */
export const notesSchema = z._default(textSchema(LONGEST.notes), "");

/** What every stored record says of its writing. */
export const storedFields = {
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  /** Counted up by every change. */
  version: z.int().check(z.minimum(1)),
};
