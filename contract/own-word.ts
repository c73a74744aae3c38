import { DRIVES, FINISHES, HEAD_STYLES } from "@root-gauge/core/lists";
import { NUT_STYLES, WASHER_STYLES } from "@root-gauge/core/catalogue/fasteners";
import type { OwnMeaning } from "@root-gauge/core/callout";
import { z } from "zod/mini";
import { field, inputSchemaOf } from "./record-fields";
import { removalSchema, removedSchema } from "./stored";

/** What a word of the shop stands for in a call-out. */
const ownMeaningSchema: z.ZodMiniType<OwnMeaning> = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("head"), head: z.enum(HEAD_STYLES) }),
  z.strictObject({ kind: z.literal("drive"), drive: z.enum(DRIVES) }),
  z.strictObject({ kind: z.literal("finish"), finish: z.enum(FINISHES) }),
  z.strictObject({ kind: z.literal("nut"), style: z.enum(NUT_STYLES) }),
  z.strictObject({ kind: z.literal("washer"), style: z.enum(WASHER_STYLES) }),
  z.strictObject({ kind: z.literal("nothing") }),
]);

export const WORD_FIELDS = {
  word: field(
    "word",
    z
      .string()
      .check(
        z.trim(),
        z.minLength(1, "a word is wanted"),
        z.maxLength(40),
        z.regex(/\p{L}/u, "a word has letters"),
      ),
  ),
  means: field("means", ownMeaningSchema, "json"),
  removed: field("removed", removalSchema, "flag"),
};

/** What a client sends to teach the workshop a word, to change what it means, or to take it out. */
export const ownWordInputSchema = inputSchemaOf(WORD_FIELDS);

export const ownWordSchema = z.object({
  id: z.uuid(),
  word: z.string(),
  means: ownMeaningSchema,
  updatedAt: z.iso.datetime(),
  version: z.int().check(z.minimum(1)),
  removed: removedSchema,
});

export const ownWordListSchema = z.object({
  words: z.array(ownWordSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type OwnWordInput = z.infer<typeof ownWordInputSchema>;
export type StoredWord = z.infer<typeof ownWordSchema>;
