import type { IdentificationRecord } from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import type { Parcel } from "./parcel";

/** What a waiting part will become, computed here until the server has computed it. */
export function recordToBe({
  id,
  body,
  queuedAt,
  saw,
}: Extract<Parcel, { kind: "identification" }>): IdentificationRecord {
  const at = new Date(queuedAt).toISOString();
  const result = summaryOf(identify(body.readings, body.options));
  const stored = { createdAt: at, updatedAt: at, version: Math.max(1, saw), unreadable: [] };
  return { ...body, id, result, ...stored };
}
