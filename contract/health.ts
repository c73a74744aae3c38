import { z } from "zod/mini";

export const healthSchema = z.object({
  status: z.literal("ok"),
  threads: z.int(),
  database: z.literal("ok"),
});

export type Health = z.infer<typeof healthSchema>;
