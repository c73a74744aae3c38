import { z } from "zod/mini";

/** One figure of a caliper that sends: what its display shows now. */
export const caliperFigureSchema = z.object({
  mm: z.number(),
  /** The display stands still, by its hold button. */
  held: z.boolean(),
});

export type CaliperFigure = z.infer<typeof caliperFigureSchema>;

/** What can be done to a caliper from the app: its buttons, and of a simulated one another part in its jaws. */
export const caliperCommandSchema = z.strictObject({
  press: z.enum(["hold", "release", "zero", "next-part"]),
});

export type CaliperCommand = z.infer<typeof caliperCommandSchema>;
