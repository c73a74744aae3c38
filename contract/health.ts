import { z } from "zod";

export const healthSchema = z.object({
  status: z.literal("ok"),
  threads: z.number().int(),
  database: z.literal("ok"),
});

export type Health = z.infer<typeof healthSchema>;
