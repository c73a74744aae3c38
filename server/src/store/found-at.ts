import { sql, type RawBuilder, type SqlBool } from "kysely";

/** What something was found or mended at: a machine as a whole, or one position of it. */
export type FoundAt =
  | {
      readonly machineId: string;
      /** Only what stands at no position. */
      readonly placed?: "no" | undefined;
    }
  | { readonly positionId: string };

/** Those in the lists that were found or mended there. */
export function standsAt(at: FoundAt): RawBuilder<SqlBool> {
  if ("positionId" in at) return sql<SqlBool>`position_id = ${at.positionId} and removed = 0`;
  const ofMachine = sql<SqlBool>`machine_id = ${at.machineId} and removed = 0`;
  return at.placed === "no" ? sql<SqlBool>`${ofMachine} and position_id is null` : ofMachine;
}
