import { randomUUID } from "node:crypto";
import path from "node:path";
import { sql, type Kysely } from "kysely";
import { temporaryFolder } from "../../test-server";
import { openStore } from "../database";
import { changesOf } from "../history";
import { findOrder, saveOrder } from "../orders";
import { findPosition, savePosition } from "../positions";
import { olderDatabase } from "./test-older-database";

const AT = "2026-03-02T08:30:00.000Z";
const [ORDER, OTHER, BROKEN] = [randomUUID(), randomUUID(), randomUUID()];
const [LINE, MACHINE, PLACE] = [randomUUID(), randomUUID(), randomUUID()];
const line = (change: object) => ({
  ...{ id: LINE, callout: "M8 nut", alternates: ["M8 nut, 10"], needed: 4, onShelf: 1, ordered: 5 },
  ...{ positions: [PLACE], arrived: true },
  ...change,
});

describe("a database in which orders held their lines, and histories words", () => {
  const temporary = temporaryFolder();
  const file = path.join(temporary.folder, "before.db");
  afterAll(() => temporary.remove());

  const fill = async (db: Kysely<never>) => {
    const order = (id: string, lines: string) =>
      sql`
      insert into orders (id, name, rule, lines, notes, created_at, updated_at, version)
      values (${id}, 'Blade change', '{"sparesPercent":10,"sparesAtLeast":1,"pack":1}', ${lines}, '',
        ${AT}, ${AT}, 3)`.execute(db);
    await order(ORDER, JSON.stringify([line({}), { of: "another make" }]));
    // A copied order may have had the same lines.
    await order(OTHER, JSON.stringify([line({ arrived: false })]));
    await order(BROKEN, "{ not JSON");
    await sql`insert into machines (id, name, origin, stands, notes, created_at, updated_at)
      values (${MACHINE}, 'Stitcher', '', '', '', ${AT}, ${AT})`.execute(db);
    await sql`insert into positions (id, machine_id, name, rank, alike, state, notes, created_at,
      updated_at, version, device) values (${PLACE}, ${MACHINE}, 'Bar', 0, 1, 'to-order', '', ${AT},
      ${AT}, 2, 'phone')`.execute(db);
    await sql`insert into changes (record_id, version, at, who, device, field, was, became) values
      (${PLACE}, 2, ${AT}, 'Ash', 'phone', 'state', 'identified', 'to-order')`.execute(db);
  };

  beforeAll(() => olderDatabase(file, "0012-removed-at", fill));

  it("loses no line, and keeps what could not be read beside", async () => {
    const store = await openStore(file);
    expect(await findOrder(store, ORDER)).toMatchObject({
      version: 3,
      lines: [line({})],
      unreadable: ['{"of":"another make"}'],
    });
    const other = await findOrder(store, OTHER);
    const { id: _own, ...rest } = line({ arrived: false });
    expect(other?.lines).toMatchObject([rest]);
    expect((await findOrder(store, BROKEN))?.unreadable).toEqual(["{ not JSON"]);
    const lines = other?.lines.map((one) => ({ ...one, arrived: true })) ?? [];
    const input = { name: "Blade change", rule: other?.rule ?? {}, lines, notes: "" };
    const sent = { ...input, quotation: null } as Parameters<typeof saveOrder>[2];
    const ticked = await saveOrder(store, OTHER, sent, new Date(AT), { saw: 3 });
    expect(ticked?.lines).toMatchObject([{ arrived: true }]);
    await store.destroy();
  });

  it("reads its histories as they were written, and asks who has not seen what they do not hold", async () => {
    const store = await openStore(file);
    const { items } = await changesOf(store, PLACE);
    expect(items).toMatchObject([{ field: "state", was: "identified", became: "to-order" }]);
    const place = await findPosition(store, PLACE);
    if (place === undefined) throw new Error("the place is gone");
    const { machineId, parentId, rank, alike, state, spec, archived } = place;
    const input = {
      ...{ machineId, parentId, rank, alike, state, spec, archived },
      notes: "Bent.",
    };
    const late = { device: randomUUID(), saw: 1, touched: "notes" };
    // Version 2 is in the history, and was no note: nothing clashes.
    const saved = await savePosition(store, PLACE, { ...input, name: "Bar" }, new Date(AT), late);
    expect(saved.kind).toBe("saved");
    const unknown = { device: randomUUID(), saw: 0 };
    const whole = { ...input, name: "Beam" };
    expect((await savePosition(store, PLACE, whole, new Date(AT), unknown)).kind).toBe("conflict");
    await store.destroy();
  });
});
