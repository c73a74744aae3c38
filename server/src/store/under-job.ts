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

/** What says which job it belongs to, and whether it is taken out of its lists. */
interface UnderJob {
  readonly jobId: string;
  readonly removed?: boolean | undefined;
}

/**
 * Why something may not be saved under a job: there is none, or another device has changed it since. Where it may, the
 * job is marked as touched.
 */
export async function refusedUnderJob(
  transaction: Transaction<Tables>,
  { jobId, removed }: UnderJob,
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
  // A job that was removed and is worked on again, as from another device, is no removed job.
  const touched = removed === true ? { updated_at: at } : { updated_at: at, removed: 0 };
  await transaction.updateTable("jobs").set(touched).where("id", "=", jobId).execute();
  return undefined;
}
