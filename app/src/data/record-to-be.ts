import type { IdentificationRecord, Repair } from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import { repairSummary } from "@root-gauge/core/repair-words";
import type { Parcel } from "./parcel";

/** What a waiting part will become, computed here until the server has computed it. */
export function recordToBe({
  id,
  body,
  queuedAt,
  saw,
}: Extract<Parcel, { kind: "identification" }>): IdentificationRecord {
  const result = summaryOf(identify(body.readings, body.options));
  const removed = body.removed === true;
  return { ...body, id, result, removed, ...storedAt(queuedAt, saw) };
}

/** What a waiting repair will become. */
export function repairToBe({
  id,
  body,
  queuedAt,
  saw,
}: Extract<Parcel, { kind: "repair" }>): Repair {
  const { thread = "", title = "", steps = 0 } = repairSummary(body.record) ?? {};
  const removed = body.removed === true;
  return { ...body, id, thread, title, steps, removed, ...storedAt(queuedAt, saw) };
}

function storedAt(queuedAt: number, saw: number) {
  const at = new Date(queuedAt).toISOString();
  return { createdAt: at, updatedAt: at, version: Math.max(1, saw), unreadable: [] };
}
