import type { IdentificationInput } from "@root-gauge/contract";
import type { IdentificationSummary } from "@root-gauge/core";
import type { PositionState } from "@root-gauge/core/record";
import type { Transaction } from "kysely";
import type { Writing } from "./changes";
import { followRecord } from "./save-record";
import type { Tables } from "./schema";

type Decided = IdentificationInput["replacement"];

/** What a finding comes to, for the position that it was made at. */
export interface Found {
  readonly result: Pick<IdentificationSummary, "verdict">;
  readonly replacement: Decided;
  /** What the same finding said goes in when it was stored before, as it is stored. */
  readonly replacementBefore: string | null;
}

/**
 * What a finding says of its position: one that was to be identified is, and what the finding newly says goes in is what
 * the position is to have.
 */
export async function noteFinding(
  transaction: Transaction<Tables>,
  positionId: string,
  { result, replacement, replacementBefore }: Found,
  writing: Writing,
): Promise<void> {
  const position = await transaction
    .selectFrom("positions")
    .selectAll()
    .where("id", "=", positionId)
    .executeTakeFirstOrThrow();
  const decided = replacement === null ? null : JSON.stringify(replacement);
  const saysAnew = decided !== null && decided !== replacementBefore;
  const isFound = result.verdict === "settled" || replacement !== null;
  const state: PositionState =
    position.state === "to-identify" && isFound ? "identified" : position.state;
  const change = { state, ...(saysAnew ? { spec: replacement } : {}) };
  await followRecord(transaction, "position", position, change, writing);
}
