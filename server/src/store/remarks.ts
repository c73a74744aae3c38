import type { Remark, RemarkInput, Write } from "@root-gauge/contract";
import type { Selectable, Transaction } from "kysely";
import type { CleanJpeg } from "../pictures/clean-jpeg";
import { noteAtPlaces, type Writing } from "./changes";
import type { Store } from "./database";
import { bringBack, placeNow } from "./machine-places";
import { pageOf, takenBefore, type Page } from "./page";
import { saveRecord } from "./save-record";
import type { RemarksTable, Tables } from "./schema";
import { indexUpTo } from "./search-index";
import { touchMachine } from "./touch-machine";

type Row = Selectable<RemarksTable>;

/** How a save of a remark came out; where it was not saved, nothing was stored. */
export type SavedRemark =
  | { readonly kind: "saved"; readonly record: Remark }
  | { readonly kind: "conflict" }
  | { readonly kind: "no-position" }
  /** It has neither words nor a picture. */
  | { readonly kind: "says-nothing" };

type Refusal = Exclude<SavedRemark["kind"], "saved" | "conflict">;

function remarkOf(row: Row): Remark {
  const { width, height, bytes } = row;
  return {
    id: row.id,
    positionId: row.position_id,
    text: row.text,
    who: row.who,
    takenAt: row.taken_at,
    picture: width && height && bytes ? { width, height, bytes } : null,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    version: row.version,
    removed: row.removed === 1,
  };
}

/** A remark as the history of its position shows it: one that was taken out says nothing. */
function shown({ text, width, removed }: Pick<Row, "text" | "width" | "removed">) {
  return removed === 1
    ? { remark: "", picture: "" }
    : { remark: text, picture: width === null ? "" : "yes" };
}

const NOTHING = { text: "", width: null, removed: 0 } as const;

/** A page of what was noted of a position, the last first. */
export function remarksAt(store: Store, positionId: string, after?: string): Promise<Page<Remark>> {
  return pageOf(
    store
      .selectFrom("remarks")
      .selectAll()
      .where("position_id", "=", positionId)
      .where("removed", "=", 0)
      .where(takenBefore(after))
      .orderBy("taken_at", "desc")
      .orderBy("id"),
    (rows) => rows.map(remarkOf),
    ({ takenAt, id }) => ({ at: takenAt, id }),
  );
}

export async function findRemark(store: Store, id: string): Promise<Remark | undefined> {
  const row = await store.selectFrom("remarks").selectAll().where("id", "=", id).executeTakeFirst();
  return row && remarkOf(row);
}

/** Whether a remark is stored that has a picture. */
export async function hasPicture(store: Store, id: string): Promise<boolean> {
  const row = await store
    .selectFrom("remarks")
    .select("width")
    .where("id", "=", id)
    .executeTakeFirst();
  return row !== undefined && row.width !== null;
}

/**
 * Notes something of a position, changes its words, takes it out or brings it back: saying it twice is saying it once. A
 * picture that was stored with it stays.
 * @param picture the picture that came with it, if one did
 */
export async function saveRemark(
  store: Store,
  id: string,
  input: RemarkInput,
  picture: CleanJpeg | undefined,
  now: Date,
  write: Write = { saw: 0 },
): Promise<SavedRemark> {
  const writing = { write, at: now.toISOString() };
  const { width, height } = picture ?? {};
  const size = picture && {
    width: width ?? null,
    height: height ?? null,
    bytes: picture.bytes.length,
  };
  return store.transaction().execute(async (transaction): Promise<SavedRemark> => {
    const place = await placeNow(transaction, input.positionId);
    const sent = { ...input, positionId: place?.id ?? input.positionId };
    const saved = await saveRecord<Row, Refusal>(transaction, "remark", id, sent, writing, {
      comesBack: true,
      ...(size === undefined
        ? {}
        : { beside: size, noted: [{ field: "picture", was: "", became: "yes" }] }),
      settle: async (wanted, before) => {
        const text = wanted.text ?? before?.text;
        if (text === "" && size === undefined && !before?.width) return { refused: "says-nothing" };
        if (place === undefined) return { refused: "no-position" };
        await touchMachine(transaction, { ...input, machineId: place.machineId }, writing);
        if (input.removed !== true) await bringBack(transaction, place.id, writing);
        return { columns: before === undefined ? { ...wanted, who: write.who ?? "" } : wanted };
      },
    });
    if (saved.kind === "conflict") return saved;
    if (saved.kind === "refused") return { kind: saved.refused };
    if (saved.kind === "saved") await follow(transaction, saved.row, saved.before, writing);
    return { kind: "saved", record: remarkOf(saved.row) };
  });
}

/** What a note does to the histories of the places where it was and is, and to what is found of them. */
async function follow(
  transaction: Transaction<Tables>,
  row: Row,
  before: Row | undefined,
  writing: Writing,
): Promise<void> {
  const was = shown(before ?? NOTHING);
  const is = shown(row);
  const from = before?.position_id ?? row.position_id;
  for (const field of ["remark", "picture"] as const) {
    const at = (place: string, text: string | undefined) => ({ at: place, text: text ?? "" });
    await noteAtPlaces(
      transaction,
      field,
      at(from, was[field]),
      at(row.position_id, is[field]),
      writing,
    );
  }
  for (const place of new Set([from, row.position_id])) await indexUpTo(transaction, place);
}
