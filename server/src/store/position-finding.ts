import type { IdentificationInput } from "@root-gauge/contract";
import type { IdentificationSummary } from "@root-gauge/core";
import type { PositionState } from "@root-gauge/core/record";
import type { Transaction } from "kysely";
import { noteChanges, type Writing } from "./changes";
import type { Tables } from "./schema";
import { wroteBy } from "./versions";

type Decided = IdentificationInput["replacement"];

const calloutOf = (spec: string | null) => {
  try {
    return (JSON.parse(spec ?? "null") as Decided)?.callout ?? "";
  } catch {
    return "";
  }
};

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
  const spec = decided === null || decided === replacementBefore ? position.spec : decided;
  const isFound = result.verdict === "settled" || replacement !== null;
  const state: PositionState =
    position.state === "to-identify" && isFound ? "identified" : position.state;
  if (spec === position.spec && state === position.state) return;
  const changed = await transaction
    .updateTable("positions")
    // No device has seen this version: whoever changes the position next is asked what it had seen.
    .set({ spec, state, updated_at: writing.at, ...wroteBy(position, { saw: 0 }) })
    .where("id", "=", positionId)
    .returning(["id", "version"])
    .executeTakeFirstOrThrow();
  await noteChanges(
    transaction,
    changed,
    { spec: calloutOf(position.spec), state: position.state },
    { spec: calloutOf(spec), state },
    writing,
  );
}
