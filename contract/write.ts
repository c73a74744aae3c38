import { POSITION_STATES, LONGEST } from "@root-gauge/core/record";
import { z } from "zod/mini";

/**
 * Who writes, and which version of the record it had seen: 0 where it knew of none. A write that has not seen the newest
 * version of another device is refused where both changed the same, so that no copy silently takes the place of another.
 */
export const writeSchema = z.object({
  device: z.optional(z.uuid()),
  /** The name of who writes, as it was typed on the device. */
  who: z.optional(z.string().check(z.trim(), z.maxLength(60))),
  /**
   * The fields that the writer changed, where it says so, with commas between: others that another device has changed
   * since stay as that device left them.
   */
  touched: z.optional(z.string().check(z.maxLength(200), z.regex(/^[a-zA-Z]+(?:,[a-zA-Z]+)*$/))),
  saw: z._default(z.coerce.number().check(z.int(), z.minimum(0)), 0),
});

export type Write = z.infer<typeof writeSchema>;

/** A name as addresses write it, nine signs a letter at the most, and an id. */
const MOST_MARK = LONGEST.name * 9 + 60;

/** Where a list goes on: what the page before gave as `next`. */
export const pageQuerySchema = z.object({
  /** What the name or the origin is to hold. */
  q: z.optional(z.string().check(z.trim(), z.maxLength(60))),
  after: z.optional(
    z.string().check(z.maxLength(MOST_MARK), z.regex(/^[^|]+\|[^|]+$/, "is no place in this list")),
  ),
});

/** How machines are sorted: the last changed first, by name, or the oldest first. */
export const MACHINE_SORTS = ["changed", "name", "year"] as const;

/** The same of machines: in which order, and only those that have a position in a state. */
export const machinesQuerySchema = z.extend(pageQuerySchema, {
  sort: z._default(z.enum(MACHINE_SORTS), "changed"),
  state: z.optional(z.enum(POSITION_STATES)),
});

export type MachinesQuery = z.infer<typeof machinesQuerySchema>;

/** The same of what was found on a machine: all of it, or only what stands at no position. */
export const foundQuerySchema = z.extend(pageQuerySchema, {
  placed: z.optional(z.enum(["no"])),
});

/** The same of what is to be ordered: for all machines, for one, or for a job. */
export const toOrderQuerySchema = z.extend(pageQuerySchema, {
  machine: z.optional(z.uuid()),
  job: z.optional(z.uuid()),
});
