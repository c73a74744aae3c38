import { POSITION_STATES } from "@root-gauge/core/record";
import { z } from "zod/mini";

/** A machine or a position that holds what was searched for. */
const searchHitSchema = z.object({
  kind: z.enum(["machine", "position"]),
  id: z.uuid(),
  machineId: z.uuid(),
  /** The machine's name. */
  machine: z.string(),
  /** Where a position stands on it; empty for the machine itself. */
  place: z.string(),
  /** How a position stands. */
  state: z.nullable(z.enum(POSITION_STATES)),
  /** What goes in at a position; empty where nobody has said. */
  holds: z.string(),
});

export const searchHitsSchema = z.object({
  hits: z.array(searchHitSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type SearchHit = z.infer<typeof searchHitSchema>;
