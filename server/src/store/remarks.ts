import type { Remark, RemarkInput, Write } from "@root-gauge/contract";
import type { Selectable, Transaction } from "kysely";
import type { CleanJpeg } from "../pictures/clean-jpeg";
import { noteAtPosition, type Shown } from "./changes";
import type { Store } from "./database";
import { pageOf, takenBefore, type Page } from "./page";
import type { RemarksTable, Tables } from "./schema";
import { indexUpTo } from "./search-index";
import { touchMachine } from "./under-machine";
import { maySave, wroteBy } from "./versions";

type Row = Selectable<RemarksTable>;

/** How a save of a remark came out; where it was not saved, nothing was stored. */
export type SavedRemark =
  | { readonly kind: "saved"; readonly record: Remark }
  | { readonly kind: "conflict" }
  | { readonly kind: "no-position" }
  /** It has neither words nor a picture. */
  | { readonly kind: "says-nothing" };

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
function shown({ text, width, removed }: Pick<Row, "text" | "width" | "removed">): Shown {
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

/** Whether a remark is stored that has a picture. */
export async function hasPicture(store: Store, id: string): Promise<boolean> {
  const row = await store
    .selectFrom("remarks")
    .select("width")
    .where("id", "=", id)
    .executeTakeFirst();
  return row !== undefined && row.width !== null;
}

async function machineOf(transaction: Transaction<Tables>, positionId: string) {
  return transaction
    .selectFrom("positions")
    .select(["id", "machine_id as machineId"])
    .where("id", "=", positionId)
    .executeTakeFirst();
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
  const at = now.toISOString();
  return store.transaction().execute(async (transaction): Promise<SavedRemark> => {
    const existing = await transaction
      .selectFrom("remarks")
      .selectAll()
      .where("id", "=", id)
      .executeTakeFirst();
    const content = {
      position_id: input.positionId,
      text: input.text,
      taken_at: input.takenAt,
      width: picture?.width ?? existing?.width ?? null,
      height: picture?.height ?? existing?.height ?? null,
      bytes: picture?.bytes.length ?? existing?.bytes ?? null,
      removed: input.removed === true ? 1 : 0,
    };
    if (content.text === "" && content.width === null) return { kind: "says-nothing" };
    const same =
      existing !== undefined &&
      (Object.keys(content) as (keyof typeof content)[]).every(
        (key) => existing[key] === content[key],
      );
    if (same) return { kind: "saved", record: remarkOf(existing) };
    // Of one that was taken out nothing can be lost: who notes it again brings it back.
    if (existing?.removed !== 1 && !maySave(existing, write)) return { kind: "conflict" };
    const position = await machineOf(transaction, input.positionId);
    if (position === undefined) return { kind: "no-position" };
    await touchMachine(transaction, { ...input, machineId: position.machineId }, at);
    const changed = { ...content, updated_at: at, ...wroteBy(existing, write) };
    const row = await transaction
      .insertInto("remarks")
      .values({ id, created_at: at, who: write.who ?? "", ...changed })
      .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
      .returningAll()
      .executeTakeFirstOrThrow();
    const was = shown(existing ?? NOTHING);
    await noteAtPosition(transaction, position.id, was, shown(row), { write, at });
    await indexUpTo(transaction, position.id);
    return { kind: "saved", record: remarkOf(row) };
  });
}
