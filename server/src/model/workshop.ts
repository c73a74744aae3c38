import { randomUUID } from "node:crypto";
import {
  sentFields,
  jobInputSchema,
  orderInputSchema,
  positionInputSchema,
  remarkInputSchema,
} from "@root-gauge/contract";
import * as fc from "fast-check";
import type { Store } from "../store/database";
import { saveJob } from "../store/jobs";
import { saveMachine } from "../store/machines";
import { mergePositions } from "../store/merge-positions";
import { findOrder, saveOrder } from "../store/orders";
import { findPosition, savePosition } from "../store/positions";
import { saveRemark } from "../store/remarks";
import { machineNamed } from "../test-server";
import { Device, type Answer, type Waiting } from "./device";

const AT = new Date("2026-03-02T08:30:00Z");
const DEVICES = 3;
const PLACES = 5;
/** Lines of its order. */
export const LINES = 4;

const who = fc.nat({ max: DEVICES - 1 });
const where = fc.nat({ max: PLACES - 1 });
const word = fc.constantFrom("ash", "birch", "cedar", "elm", "oak");

/** What may happen in a workshop. */
export const happening = fc.oneof(
  { weight: 6, arbitrary: fc.record({ does: fc.constant("look"), who, where }) },
  { weight: 6, arbitrary: fc.record({ does: fc.constant("notes"), who, where, word }) },
  { weight: 4, arbitrary: fc.record({ does: fc.constant("name"), who, where, word }) },
  { weight: 4, arbitrary: fc.record({ does: fc.constant("duty"), who, where }) },
  { weight: 2, arbitrary: fc.record({ does: fc.constant("archive"), who, where }) },
  { weight: 2, arbitrary: fc.record({ does: fc.constant("take-out"), who, where }) },
  { weight: 2, arbitrary: fc.record({ does: fc.constant("put-back"), who, where }) },
  { weight: 2, arbitrary: fc.record({ does: fc.constant("move"), who, where, into: where }) },
  { weight: 1, arbitrary: fc.record({ does: fc.constant("merge"), who, where, into: where }) },
  { weight: 3, arbitrary: fc.record({ does: fc.constant("note"), who, where, word }) },
  {
    weight: 4,
    arbitrary: fc.record({ does: fc.constant("tick"), who, line: fc.nat({ max: LINES - 1 }) }),
  },
  { weight: 8, arbitrary: fc.record({ does: fc.constant("deliver"), who, lost: fc.boolean() }) },
);

type Happening = typeof happening extends fc.Arbitrary<infer One> ? One : never;

const specOf = (duty: "ordinary" | "safety-critical") => ({
  callout: "M10 x 40 hex bolt 8.8",
  circumstances: { duty, environment: "indoor", metal: "steel" },
  acknowledgedAt: duty === "ordinary" ? null : AT.toISOString(),
});

/** A workshop of a machine, five places on it, a job and an order over them, and three phones. */
export class Workshop {
  readonly machine = randomUUID();
  readonly job = randomUUID();
  readonly order = randomUUID();
  readonly places = Array.from({ length: PLACES }, () => randomUUID());
  readonly lines = Array.from({ length: LINES }, () => randomUUID());
  readonly devices = Array.from({ length: DEVICES }, () => new Device());
  /** Notes that were acknowledged: their ids. */
  readonly notes: string[] = [];
  /** Which places were made one with which. */
  readonly merged = new Map<string, string>();

  constructor(readonly store: Store) {}

  async open(): Promise<void> {
    await saveMachine(this.store, this.machine, machineNamed("Proofer"), AT);
    for (const [at, id] of this.places.entries()) {
      const input = positionInputSchema.parse({ machineId: this.machine, name: `Place ${at}` });
      await savePosition(this.store, id, input, AT);
    }
    const job = { name: "Service", opened: "2026-03-02", positions: this.places };
    await saveJob(this.store, this.job, jobInputSchema.parse(job), AT);
    await saveOrder(this.store, this.order, this.orderWith(new Set()), AT);
  }

  orderWith(ticked: ReadonlySet<string>) {
    return orderInputSchema.parse({
      name: "Order",
      rule: { sparesPercent: 0, sparesAtLeast: 0, pack: 1 },
      lines: this.lines.map((id, at) => ({
        ...{ id, callout: "M8 nut", needed: 1 + at },
        positions: [this.places[at]],
        arrived: ticked.has(id),
      })),
    });
  }

  async look(device: Device, id: string): Promise<void> {
    const found = await findPosition(this.store, id);
    if (found === undefined) throw new Error("a place is gone");
    const fields = { ...sentFields("position", found), removed: found.removed };
    device.show(id, { version: found.version, fields });
  }

  async lookAtOrder(device: Device): Promise<void> {
    const order = await findOrder(this.store, this.order);
    if (order === undefined) throw new Error("the order is gone");
    const lines = Object.fromEntries(order.lines.map((line) => [line.id, line.arrived]));
    device.show(this.order, { version: order.version, fields: lines });
  }

  send = async (device: Device, change: Waiting): Promise<Answer> => {
    const touched = [...change.touched];
    const write = { device: device.id, saw: change.saw };
    if (change.id === this.order) {
      const ticked = Object.entries(change.fields).filter(([, is]) => is === true);
      const body = this.orderWith(new Set(ticked.map(([id]) => id)));
      const saved = await saveOrder(this.store, this.order, body, AT, {
        ...write,
        touched: "lines",
      });
      return saved === undefined
        ? { kind: "told" }
        : { kind: "acknowledged", version: saved.version };
    }
    const input = positionInputSchema.parse(change.fields);
    const saved = await savePosition(this.store, change.id, input, AT, {
      ...write,
      touched: touched.join(","),
    });
    return saved.kind === "saved"
      ? { kind: "acknowledged", version: saved.record.version }
      : { kind: "told" };
  };

  async happen(one: Happening): Promise<void> {
    const device = this.devices[one.who];
    if (device === undefined) return;
    if (one.does === "deliver" && "lost" in one) {
      return device.deliver((change) => this.send(device, change), one.lost);
    }
    if (one.does === "tick" && "line" in one) {
      if (device.shown(this.order) === undefined) await this.lookAtOrder(device);
      const line = this.lines[one.line] ?? "";
      return device.change(this.order, { [line]: device.shown(this.order)?.fields[line] !== true });
    }
    if (!("where" in one)) return;
    const id = this.places[one.where] ?? "";
    if (device.shown(id) === undefined) await this.look(device, id);
    const text = "word" in one ? one.word : "";
    switch (one.does) {
      case "look":
        return this.look(device, id);
      case "notes":
        return device.change(id, { notes: text });
      case "name":
        return device.change(id, { name: text });
      case "duty": {
        const was = device.shown(id)?.fields.spec as ReturnType<typeof specOf> | null;
        const duty = was?.circumstances.duty === "ordinary" ? "safety-critical" : "ordinary";
        return device.change(id, { spec: specOf(duty) });
      }
      case "archive":
        return device.change(id, { archived: device.shown(id)?.fields.archived !== true });
      case "take-out":
        return device.change(id, { removed: true });
      case "put-back":
        return device.change(id, { removed: false });
      case "move":
        return device.change(id, { parentId: "into" in one ? this.places[one.into] : null });
      case "note":
        return this.note(id, text);
      case "merge":
        return this.merge(device, id, "into" in one ? (this.places[one.into] ?? "") : "");
    }
  }

  async note(place: string, text: string): Promise<void> {
    const id = randomUUID();
    const input = remarkInputSchema.parse({ positionId: place, text, takenAt: AT.toISOString() });
    const saved = await saveRemark(this.store, id, input, undefined, AT);
    if (saved.kind === "saved") this.notes.push(id);
  }

  async merge(device: Device, from: string, into: string): Promise<void> {
    if (device.shown(into) === undefined) await this.look(device, into);
    const write = { device: device.id, saw: device.shown(from)?.version ?? 0 };
    const saw = device.shown(into)?.version ?? 0;
    const done = await mergePositions(this.store, from, into, AT, write, saw);
    if (done.kind === "merged") this.merged.set(from, into);
  }
}
