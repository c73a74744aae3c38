import type { IdentificationRecord, Order, Position, Remark, Repair } from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import { repairSummary } from "@root-gauge/core/say/mend";
import type { Parcel } from "./parcel";
import { signature } from "../kept/signature";

/** What a waiting part will become, computed here until the server has computed it. */
export function recordToBe({
  id,
  body,
  queuedAt,
  saw,
}: Extract<Parcel, { kind: "identification" }>): IdentificationRecord {
  const result = summaryOf(identify(body.readings, body.options));
  const removed = body.removed === true;
  const positionId = body.positionId ?? null;
  return { ...body, id, positionId, result, removed, ...storedAt(queuedAt, saw) };
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
  const positionId = body.positionId ?? null;
  return { ...body, id, positionId, thread, title, steps, removed, ...storedAt(queuedAt, saw) };
}

/** What a waiting position will become, as a tree shows it; where it stands is worked out with the others. */
export function positionToBe({
  id,
  body,
  queuedAt,
  saw,
}: Extract<Parcel, { kind: "position" }>): Omit<Position, "path"> {
  return { ...body, id, removed: body.removed === true, ...storedAt(queuedAt, saw) };
}

/** What a waiting remark will become. */
export function remarkToBe({
  id,
  body,
  picture,
  queuedAt,
  saw,
}: Extract<Parcel, { kind: "remark" }>): Remark {
  const { unreadable: _unreadable, ...stored } = storedAt(queuedAt, saw);
  return { ...body, id, picture, who: signature(), removed: body.removed === true, ...stored };
}

/** What a waiting order will become. */
export function orderToBe({ id, body, queuedAt, saw }: Extract<Parcel, { kind: "order" }>): Order {
  return { ...body, id, removed: body.removed === true, ...storedAt(queuedAt, saw) };
}

function storedAt(queuedAt: number, saw: number) {
  const at = new Date(queuedAt).toISOString();
  return { createdAt: at, updatedAt: at, version: Math.max(1, saw), unreadable: [] };
}
