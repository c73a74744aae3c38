import { LONGEST } from "@root-gauge/core/record";
import { z } from "zod/mini";

/** More lines than a supplier is asked of at once. */
const MOST_ASKED = 200;

/** What a supplier is asked: each part by its call-out, and how many. */
export const quotationRequestSchema = z.strictObject({
  lines: z
    .array(
      z.strictObject({
        id: z.uuid(),
        callout: z.string().check(z.minLength(1), z.maxLength(LONGEST.line)),
        quantity: z.int().check(z.minimum(1), z.maximum(99_999)),
      }),
    )
    .check(z.minLength(1), z.maxLength(MOST_ASKED)),
});

/** How a supplier stands to a part: has it, has none now, or does not sell it. */
const SUPPLY_STATES = ["stocked", "out", "not-sold"] as const;

/** What a supplier says of one line. Prices are in no country's money. */
const quotedLineSchema = z.object({
  id: z.uuid(),
  state: z.enum(SUPPLY_STATES),
  /** Parts in a pack; 1 for loose ones. */
  pack: z.int().check(z.minimum(1), z.maximum(99_999)),
  packs: z.int().check(z.minimum(0), z.maximum(99_999)),
  /** For one pack. */
  price: z.number().check(z.minimum(0), z.maximum(1e6)),
  /** Days until it is here. */
  days: z.int().check(z.minimum(0), z.maximum(999)),
});

export const quotationSchema = z.object({
  /** Its name at the supplier. */
  reference: z.string().check(z.minLength(1), z.maxLength(60)),
  at: z.iso.datetime(),
  lines: z.array(quotedLineSchema).check(z.maxLength(MOST_ASKED)),
});

export type QuotationRequest = z.infer<typeof quotationRequestSchema>;
export type QuotedLine = z.infer<typeof quotedLineSchema>;
export type Quotation = z.infer<typeof quotationSchema>;
