import type {
  FindingRow,
  IdentificationInput,
  IdentificationRecord,
  Write,
} from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import type { Transaction } from "kysely";
import { noteMoved } from "./changes";
import type { Store } from "./database";
import { standsAt, type FoundAt } from "./found-at";
import { pathOf, pathsOf, positionFor } from "./machine-places";
import { pageOf, takenBefore, type Page } from "./page";
import { noteFinding } from "./position-finding";
import type { Tables } from "./schema";
import { indexUpTo } from "./search-index";
import { recordOf, type IdentificationRow } from "./stored-identification";
import { refusedUnderMachine, type SavedUnderMachine } from "./under-machine";
import { wroteBy } from "./versions";

export type Saved = SavedUnderMachine<IdentificationRecord>;

function contentOf(input: IdentificationInput) {
  return {
    machine_id: input.machineId,
    position: input.position,
    readings: JSON.stringify(input.readings),
    options: JSON.stringify(input.options),
    notes: input.notes,
    replacement: input.replacement === null ? null : JSON.stringify(input.replacement),
    taken_at: input.takenAt,
    removed: input.removed === true ? 1 : 0,
  };
}

type Content = ReturnType<typeof contentOf>;

function isSame(row: IdentificationRow, content: Content, positionId: string | undefined): boolean {
  return (
    (Object.keys(content) as (keyof Content)[]).every((key) => row[key] === content[key]) &&
    (positionId === undefined || row.position_id === positionId)
  );
}

async function withPath(
  store: Store | Transaction<Tables>,
  row: IdentificationRow,
): Promise<IdentificationRecord> {
  return recordOf(row, await pathOf(store, row));
}

/** Where a finding is and what it comes to, for the history of its position. */
function foundIn(row: IdentificationRow | undefined) {
  if (row === undefined || row.removed === 1) return { at: row?.position_id ?? null, text: "" };
  const { result, replacement } = recordOf(row, "");
  const [best] = result.candidates;
  const thread = best === undefined ? result.verdict : `${best.designation}, ${result.verdict}`;
  const text = [thread, replacement?.callout ?? ""].filter((part) => part !== "").join("; ");
  return { at: row.position_id, text };
}

/**
 * Identifies again and stores under the client's id, at the position that is named, which is made where there is none. The
 * same content twice is one record; other content takes the place of a version that its writer has seen.
 */
export async function saveIdentification(
  store: Store,
  id: string,
  input: IdentificationInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<Saved> {
  const at = now.toISOString();
  const content = contentOf(input);
  // The server's own computation, never a client's claim.
  const result = summaryOf(identify(input.readings, input.options));
  return store.transaction().execute(async (transaction): Promise<Saved> => {
    const existing = await transaction
      .selectFrom("identifications")
      .selectAll()
      .where("id", "=", id)
      .executeTakeFirst();
    if (existing !== undefined && isSame(existing, content, input.positionId)) {
      return { kind: "saved", record: await withPath(transaction, existing) };
    }
    const refused = await refusedUnderMachine(transaction, input, existing, write, at);
    if (refused !== undefined) return refused;
    const writing = { write, at };
    const positionId = await positionFor(transaction, input, writing);
    const changed = {
      ...content,
      position_id: positionId,
      result: JSON.stringify(result),
      updated_at: at,
      ...wroteBy(existing, write),
      // What could not be read of the row is kept beside what takes its place.
      set_aside: JSON.stringify(existing === undefined ? [] : recordOf(existing, "").unreadable),
    };
    const row = await transaction
      .insertInto("identifications")
      .values({ id, created_at: at, ...changed })
      .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
      .returningAll()
      .executeTakeFirstOrThrow();
    await noteMoved(transaction, "found", foundIn(existing), foundIn(row), writing);
    if (positionId !== null && input.removed !== true) {
      const { replacement } = input;
      const replacementBefore = existing?.replacement ?? null;
      await noteFinding(
        transaction,
        positionId,
        { result, replacement, replacementBefore },
        writing,
      );
    }
    // Where it was found before has it no more.
    for (const touched of new Set([existing?.position_id, positionId])) {
      if (touched) await indexUpTo(transaction, touched);
    }
    return { kind: "saved", record: await withPath(transaction, row) };
  });
}

export async function findIdentification(
  store: Store,
  id: string,
): Promise<IdentificationRecord | undefined> {
  const row = await store
    .selectFrom("identifications")
    .selectAll()
    .where("id", "=", id)
    .executeTakeFirst();
  return row === undefined ? undefined : withPath(store, row);
}

/** A page of what was found there, the last taken first. */
export async function identificationsAt(
  store: Store,
  at: FoundAt,
  after?: string,
): Promise<Page<FindingRow>> {
  return pageOf(
    store
      .selectFrom("identifications")
      .selectAll()
      .where(standsAt(at))
      .where(takenBefore(after))
      .orderBy("taken_at", "desc")
      .orderBy("id"),
    async (rows) => {
      const paths = await pathsOf(store, rows);
      return rows.map((row, i) => {
        const record = recordOf(row, paths[i] ?? row.position);
        const { notes: _notes, createdAt: _createdAt, ...shown } = record;
        return shown;
      });
    },
    ({ takenAt, id }) => ({ at: takenAt, id }),
  );
}
