import type {
  FindingRow,
  IdentificationInput,
  IdentificationRecord,
  Write,
} from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import type { Transaction } from "kysely";
import { noteAtPlaces, type Writing } from "./changes";
import type { Store } from "./database";
import { standsAt, type FoundAt } from "./found-at";
import { pathOf, pathsOf } from "./machine-places";
import { pageOf, takenBefore, type Page } from "./page";
import { noteFinding } from "./position-finding";
import { saveRecord, type Columns } from "./save-record";
import type { Tables } from "./schema";
import { indexUpTo } from "./search-index";
import { settlePlace, type SavedUnderMachine } from "./settle-place";
import { readFrom, recordOf, type IdentificationRow } from "./stored-identification";

export type Saved = SavedUnderMachine<IdentificationRecord>;

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
 * same content twice is one record.
 */
export async function saveIdentification(
  store: Store,
  id: string,
  input: IdentificationInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<Saved> {
  const writing = { write, at: now.toISOString() };
  return store.transaction().execute(async (transaction): Promise<Saved> => {
    const saved = await saveRecord<IdentificationRow, "no-machine">(
      transaction,
      "identification",
      id,
      input,
      writing,
      {
        unreadable: (row) => recordOf(row, "").unreadable,
        settle: async (wanted, before) => {
          const placed = await settlePlace(transaction, input, wanted, before, writing);
          if ("refused" in placed || !isReadAnew(wanted, before)) return placed;
          return { columns: { ...placed.columns, result: resultOf(wanted, before) } };
        },
      },
    );
    if (saved.kind === "conflict") return saved;
    if (saved.kind === "refused") return { kind: saved.refused };
    if (saved.kind === "saved") await follow(transaction, saved.row, saved.before, writing);
    return { kind: "saved", record: await withPath(transaction, saved.row) };
  });
}

const isReadAnew = (wanted: Columns, before: IdentificationRow | undefined) =>
  before === undefined || "readings" in wanted || "options" in wanted;

/** The server's own computation from the readings as they will stand, never a client's claim. */
function resultOf(wanted: Columns, before: IdentificationRow | undefined): string {
  const text = (column: "readings" | "options") => String(wanted[column] ?? before?.[column]);
  const { readings, options } = readFrom(text("readings"), text("options"));
  return JSON.stringify(summaryOf(identify(readings, options)));
}

/** What a finding does to the place that it is at: its state and what goes in, its history, and what is found of it. */
async function follow(
  transaction: Transaction<Tables>,
  row: IdentificationRow,
  before: IdentificationRow | undefined,
  writing: Writing,
): Promise<void> {
  await noteAtPlaces(transaction, "found", foundIn(before), foundIn(row), writing);
  if (row.position_id !== null && row.removed !== 1) {
    const { result, replacement } = recordOf(row, "");
    const replacementBefore = before?.replacement ?? null;
    await noteFinding(
      transaction,
      row.position_id,
      { result, replacement, replacementBefore },
      writing,
    );
  }
  // Where it was found before has it no more.
  for (const touched of new Set([before?.position_id, row.position_id])) {
    if (touched) await indexUpTo(transaction, touched);
  }
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
