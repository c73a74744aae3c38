import { LONGEST } from "@root-gauge/core/record";
import { z } from "zod/mini";
import { MOST_PLACES } from "./job";
import { positionIdSchema, toOrderSchema } from "./position";
import { quotationSchema } from "./quotation";
import { field, inputSchemaOf } from "./record-fields";
import { removalSchema, removedSchema, storedFields, nameSchema, notesSchema } from "./stored";

/** More lines than a counter takes at once. */
export const MOST_LINES = 200;
/** As many as are ordered of anything. */
const MOST_PARTS = 99_999;

const count = z.int().check(z.minimum(0), z.maximum(MOST_PARTS));

const calloutText = z
  .string()
  .check(z.trim(), z.minLength(1, "a line needs a call-out"), z.maxLength(LONGEST.line));

/** A line of an order is a record of its own: two people may tick two of them. */
export const LINE_FIELDS = {
  orderId: field("order", z.uuid(), "text", "order_id"),
  callout: field("callout", calloutText),
  /** What would do instead, where the first is not to be had. */
  alternates: field(
    "alternates",
    z._default(z.array(calloutText).check(z.maxLength(5)), []),
    "json",
  ),
  needed: field("needed", count, "figure"),
  /** How many lie on the shelf: they are not ordered. */
  onShelf: field("shelf", z._default(count, 0), "figure", "on_shelf"),
  /** How many are ordered, as it was typed; null where the rule says. */
  ordered: field("ordered", z._default(z.nullable(count), null), "figure"),
  positions: field(
    "for",
    z._default(z.array(positionIdSchema).check(z.maxLength(MOST_PLACES)), []),
    "json",
    "positions",
  ),
  arrived: field("arrived", z._default(z.boolean(), false), "flag"),
  removed: field("removed", removalSchema, "flag"),
};

/** A line of an order: one part, for the positions that are to have it or for none. */
export const orderLineSchema = z.extend(
  z.omit(inputSchemaOf(LINE_FIELDS), { orderId: true, removed: true }),
  { id: z.uuid() },
);

/** How many more than are needed are ordered, and by how many they come. */
export const orderRuleSchema = z.strictObject({
  sparesPercent: z.int().check(z.minimum(0), z.maximum(100)),
  sparesAtLeast: z.int().check(z.minimum(0), z.maximum(999)),
  pack: z.int().check(z.minimum(1), z.maximum(9999)),
});

export const ORDER_FIELDS = {
  name: field("name", nameSchema("an order")),
  rule: field("rule", orderRuleSchema, "json"),
  lines: field("lines", z.array(orderLineSchema).check(z.maxLength(MOST_LINES)), "json", null),
  notes: field("notes", notesSchema),
  /** What a supplier answered last; null while none was asked. */
  quotation: field("quotation", z._default(z.nullable(quotationSchema), null), "json"),
  removed: field("removed", removalSchema, "flag"),
};

/** What a client sends to keep an order, or to change it. */
export const orderInputSchema = inputSchemaOf(ORDER_FIELDS);

export const orderSchema = z.object({
  id: z.uuid(),
  name: z.string(),
  rule: orderRuleSchema,
  lines: z.array(orderLineSchema),
  notes: z.string(),
  quotation: z.nullable(quotationSchema),
  ...storedFields,
  /** What is stored of it and cannot be read any more, as it is stored. */
  unreadable: z.array(z.string()),
  removed: removedSchema,
});

/** An order with the positions that its lines are for. */
export const wholeOrderSchema = z.extend(orderSchema, { places: z.array(toOrderSchema) });

/** An order as lists show it: how much of it has arrived, and for which positions it is. */
const orderRowSchema = z.object({
  id: z.uuid(),
  name: z.string(),
  lines: z.array(z.pick(orderLineSchema, { arrived: true, positions: true })),
  updatedAt: storedFields.updatedAt,
  version: storedFields.version,
  removed: removedSchema,
});

export const orderListSchema = z.object({
  orders: z.array(orderRowSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type OrderInput = z.infer<typeof orderInputSchema>;
export type KeptLine = z.infer<typeof orderLineSchema>;
export type Order = z.infer<typeof orderSchema>;
export type OrderRow = z.infer<typeof orderRowSchema>;
export type WholeOrder = z.infer<typeof wholeOrderSchema>;
