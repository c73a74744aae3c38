import type { Write } from "@root-gauge/contract";
import type { Transaction } from "kysely";
import type { Tables } from "./schema";
import { maySave, type Written } from "./versions";

/** How a save of something that belongs to a job came out. */
export type SavedUnderJob<Record> =
  | { readonly kind: "saved"; readonly record: Record }
  | { readonly kind: "no-job" }
  /** Another device has changed it since; nothing was stored. */
  | { readonly kind: "conflict" };

/**
 * Why something may not be saved under a job: there is none, or another device has changed it since. Where it may, the
 * job is marked as touched.
 */
export async function refusedUnderJob(
  transaction: Transaction<Tables>,
  jobId: string,
  existing: Written | undefined,
  write: Write,
  at: string,
): Promise<{ readonly kind: "no-job" } | { readonly kind: "conflict" } | undefined> {
  const job = await transaction
    .selectFrom("jobs")
    .select("id")
    .where("id", "=", jobId)
    .executeTakeFirst();
  if (job === undefined) return { kind: "no-job" };
  if (!maySave(existing, write)) return { kind: "conflict" };
  await transaction.updateTable("jobs").set({ updated_at: at }).where("id", "=", jobId).execute();
  return undefined;
}
