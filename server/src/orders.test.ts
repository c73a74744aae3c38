import { randomUUID } from "node:crypto";
import path from "node:path";
import {
  MOST_LINES,
  orderInputSchema,
  orderSchema,
  wholeOrderSchema,
  type Order,
} from "@root-gauge/contract";
import { sql } from "kysely";
import { openStore } from "./store/database";
import { findOrder, saveOrder } from "./store/orders";
import { machineNamed, serverForTests, temporaryFolder } from "./test-server";

const server = serverForTests();

const { get, put } = server;
const rule = { sparesPercent: 10, sparesAtLeast: 1, pack: 1 };
const line = (callout: string, change: object = {}) => ({
  id: randomUUID(),
  callout,
  needed: 4,
  ...change,
});
const order = (lines: readonly object[], change: object = {}) => ({
  name: "For the spring service",
  rule,
  lines,
  ...change,
});

async function saved(id: string, body: unknown, query = ""): Promise<Order> {
  return orderSchema.parse(await (await put(`/orders/${id}${query}`, body)).json());
}

async function whole(id: string) {
  const answer = await fetch(`${server.address()}/api/orders/${id}`);
  return wholeOrderSchema.parse(await answer.json());
}

describe("an order that is kept", () => {
  it("has its lines as they were typed, and where each goes", async () => {
    const [machineId, positionId, id] = [randomUUID(), randomUUID(), randomUUID()];
    await put(`/machines/${machineId}`, machineNamed("Folding machine"));
    await put(`/positions/${positionId}`, { machineId, name: "Drive flange", alike: 4 });
    const bolt = line("M8 x 40 hex bolt, 8.8", {
      alternates: ["M8 x 45 hex bolt, 8.8"],
      positions: [positionId],
      onShelf: 2,
      ordered: 5,
    });
    await saved(id, order([bolt, line("a wibble as before")]));
    expect(await whole(id)).toMatchObject({
      lines: [bolt, { callout: "a wibble as before", needed: 4, alternates: [], ordered: null }],
      places: [{ id: positionId, machine: "Folding machine", path: "Drive flange" }],
    });
  });

  it("has lines ticked off on one device and is named anew on another", async () => {
    const id = randomUUID();
    const [phone, desk] = [randomUUID(), randomUUID()];
    const bolt = line("M8 x 40 hex bolt, 8.8");
    await saved(id, order([bolt]), `?device=${phone}`);
    await saved(id, order([{ ...bolt, arrived: true }]), `?device=${phone}&saw=1&touched=lines`);
    const named = order([bolt], { name: "Blade change" });
    const both = await saved(id, named, `?device=${desk}&saw=1&touched=name`);
    expect(both).toMatchObject({ name: "Blade change", lines: [{ arrived: true }] });
    const late = await put(`/orders/${id}?device=${desk}&saw=1&touched=lines`, order([]));
    expect(late.status).toBe(409);
    expect((await whole(id)).lines).toHaveLength(1);
  });

  it("is taken as large as it may be", async () => {
    const positions = Array.from({ length: 1000 }, () => randomUUID());
    const lines = Array.from({ length: MOST_LINES }, () =>
      line(`M8 ${"é".repeat(590)}`, { positions, alternates: Array(5).fill("M8 ".repeat(190)) }),
    );
    const id = randomUUID();
    expect((await saved(id, order(lines))).version).toBe(1);
  });

  it("is printed, also one with more lines than a page has and one with none", async () => {
    const id = randomUUID();
    for (const count of [0, 1, MOST_LINES]) {
      const lines = Array.from({ length: count }, () => line("M8 x 40 hex bolt, 8.8"));
      await saved(
        id,
        order(lines),
        `?saw=${(await whole(id).catch(() => undefined))?.version ?? 0}`,
      );
      const paper = await fetch(`${server.address()}/api/orders/${id}/paper.pdf`);
      expect(paper.headers.get("content-type")).toContain("application/pdf");
      expect((await paper.text()).startsWith("%PDF-")).toBe(true);
    }
  });

  it.each([
    ["a line without a call-out", order([line(" ")])],
    ["fewer than none", order([line("M8 nut", { needed: -1 })])],
    ["more lines than are taken", order(Array.from({ length: MOST_LINES + 1 }, () => line("M8")))],
    ["a part of a nut", order([line("M8 nut", { ordered: 2.5 })])],
  ])("is refused with %s", async (_what, body) => {
    expect((await put(`/orders/${randomUUID()}`, body)).status).toBe(400);
  });

  it("stands in the list with how much of it has arrived, and no more", async () => {
    const id = randomUUID();
    const lines = [line("M8 nut"), line("M10 nut", { arrived: true })];
    const { name, updatedAt } = await saved(id, order(lines));
    const { orders } = (await (await get("/orders")).json()) as { orders: { id: string }[] };
    const row = orders.find((one) => one.id === id);
    expect(row).toEqual({
      ...{ id, name, version: 1, removed: false, updatedAt },
      lines: [
        { arrived: false, positions: [] },
        { arrived: true, positions: [] },
      ],
    });
  });

  it("loses nothing of a line that cannot be read any more, through a change of its name", async () => {
    const temporary = temporaryFolder();
    const store = await openStore(path.join(temporary.folder, "orders.db"));
    const id = randomUUID();
    const kept = line("M8 nut");
    const foreign = line("M10 nut");
    const input = orderInputSchema.parse(order([kept, foreign]));
    await saveOrder(store, id, input, new Date());
    await sql`update order_lines set alternates = 'another make' where id = ${foreign.id}`.execute(
      store,
    );
    const read = await findOrder(store, id);
    expect(read?.lines).toMatchObject([{ callout: "M8 nut" }]);
    expect(read?.unreadable).toEqual([expect.stringContaining("another make")]);
    const named = { ...input, lines: input.lines.slice(0, 1), name: "Named anew" };
    const again = await saveOrder(store, id, named, new Date(), { saw: 1 });
    expect(again).toMatchObject({ name: "Named anew", unreadable: read?.unreadable });
    await store.destroy();
    temporary.remove();
  });
});
