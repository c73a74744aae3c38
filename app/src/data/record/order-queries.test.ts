import type { Order } from "@root-gauge/contract";
import { newLine } from "../../jobs/orders/new-line";
import { changeOrder } from "./order-queries";
import { queryClient } from "../server/query-client";
import { QUERY_KEYS } from "../outbox/query-keys";
import { outbox } from "../outbox/saving";

const AT = "2026-03-02T08:30:00.000Z";

const order: Order = {
  id: "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30",
  name: "For the spring service",
  rule: { sparesPercent: 0, sparesAtLeast: 0, pack: 1 },
  lines: [newLine("M8 nut", 4)],
  notes: "",
  quotation: null,
  createdAt: AT,
  updatedAt: AT,
  version: 2,
  unreadable: [],
  removed: false,
};

const withLine = (callout: string) =>
  changeOrder(order, ({ lines }) => ({ lines: [...lines, newLine(callout, 1)] }));

function waiting() {
  const [parcel] = outbox.get().parcels;
  if (parcel?.kind !== "order") throw new Error("an order was to wait");
  return parcel;
}

const callouts = () => waiting().body.lines.map(({ callout }) => callout);

afterEach(() => {
  outbox.discard(order.id);
  queryClient.clear();
});

describe("a change of an order, while the server is away", () => {
  it("follows from what waits, however old the order is that was shown", () => {
    withLine("M8 washer");
    withLine("M10 nut");
    expect(callouts()).toEqual(["M8 nut", "M8 washer", "M10 nut"]);
    expect(waiting()).toMatchObject({ saw: 2, touched: ["lines"] });
  });

  it("follows from what was fetched since", () => {
    const fetched = { ...order, lines: [newLine("M12 nut", 1)], version: 3, places: [] };
    queryClient.setQueryData(QUERY_KEYS.order(order.id), fetched);
    withLine("M8 washer");
    expect(callouts()).toEqual(["M12 nut", "M8 washer"]);
    // What another device did of it was not on the screen.
    expect(waiting().saw).toBe(2);
  });

  it("names what it changes, and nothing waits where it changes nothing", () => {
    changeOrder(order, { name: order.name, notes: "Rung through" });
    expect(waiting().touched).toEqual(["notes"]);
    outbox.discard(order.id);
    changeOrder(order, { name: order.name, notes: "" });
    expect(outbox.get().parcels).toEqual([]);
  });
});
