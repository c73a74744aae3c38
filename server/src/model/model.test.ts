import { randomUUID } from "node:crypto";
import path from "node:path";
import {
  jobInputSchema,
  orderInputSchema,
  positionInputSchema,
  remarkInputSchema,
} from "@root-gauge/contract";
import { POSITION_STATES, thatStand, type PositionState } from "@root-gauge/core/record";
import * as fc from "fast-check";
import { sql } from "kysely";
import { closeStore, openStore, type Store } from "../store/database";
import { findJob, saveJob } from "../store/jobs";
import { findMachine, saveMachine } from "../store/machines";
import { mergePositions } from "../store/merge-positions";
import { findOrder, saveOrder } from "../store/orders";
import { findPosition, savePosition } from "../store/positions";
import { saveRemark } from "../store/remarks";
import { machineNamed, temporaryFolder } from "../test-server";
import { Device, type Acknowledged, type Answer, type Waiting } from "./device";

/** How long it goes on, minutes: `npm run model` says ten, `npm test` says nothing. */
const MINUTES = Number(process.env.MODEL_MINUTES ?? 0);
const SEED = Number(process.env.MODEL_SEED ?? 20261201);
const RUNS = 30;

const AT = new Date("2026-03-02T08:30:00Z");
const DEVICES = 3;
const PLACES = 5;
const LINES = 4;

const who = fc.nat({ max: DEVICES - 1 });
const where = fc.nat({ max: PLACES - 1 });
const word = fc.constantFrom("ash", "birch", "cedar", "elm", "oak");

/** What may happen in a workshop. */
const happening = fc.oneof(
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
class Workshop {
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
    const { machineId, parentId, name, rank, alike, state, spec, notes, archived, removed } = found;
    const fields = {
      machineId,
      parentId,
      name,
      rank,
      alike,
      state,
      spec,
      notes,
      archived,
      removed,
    };
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

/** What a field of a place holds, as its history has it. */
const historyName: Readonly<Record<string, string>> = {
  notes: "notes",
  name: "name",
  spec: "spec",
  archived: "archived",
  parentId: "parent",
};

/** Every acknowledged change is in the history, and whoever wrote over it had it on the screen, or wrote it. */
async function heldChanges(shop: Workshop): Promise<void> {
  const all = shop.devices.flatMap(({ acknowledged }) => acknowledged);
  for (const id of shop.places) {
    const own = all.filter((one) => one.id === id).sort((a, b) => a.version - b.version);
    const { rows } = await sql<{ version: number; field: string; device: string }>`
      select version, field, device from changes where record_id = ${id} order by id`.execute(
      shop.store,
    );
    for (const [field, called] of Object.entries(historyName)) {
      const writes = own.filter(({ touched }) => touched.has(field));
      for (const later of writes) {
        const unseen = rows.filter(
          (line) =>
            line.field === called &&
            line.version > later.saw &&
            line.version < later.version &&
            line.device !== later.device,
        );
        // What came between and was not seen may only say the same.
        const changed = rows.some(
          (line) =>
            line.field === called && line.version === later.version && line.device === later.device,
        );
        expect(changed ? unseen : []).toEqual([]);
      }
    }
    await lastWriteStands(shop, id, own);
  }
}

/** What was acknowledged last of a field stands there, unless the server itself changed it later with something else. */
async function lastWriteStands(
  shop: Workshop,
  id: string,
  own: readonly Acknowledged[],
): Promise<void> {
  const found = await findPosition(shop.store, id);
  for (const field of ["name", "spec", "archived"] as const) {
    const last = own.findLast(({ touched }) => touched.has(field));
    if (last === undefined || found === undefined) continue;
    const { rows } = await sql<{ later: number }>`
      select count(*) as later from changes
      where record_id = ${id} and field = ${field} and version > ${last.version}`.execute(
      shop.store,
    );
    if (rows[0]?.later === 0) expect(found[field]).toEqual(last.fields[field]);
  }
}

/** Nothing stands twice, on nothing, or at a place that is no more. */
async function nothingHangs(shop: Workshop): Promise<void> {
  const { rows: lost } = await sql<{ what: string }>`
    select 'parent ' || id as what from positions as inner_one where parent_id is not null
      and not exists (select 1 from positions where id = inner_one.parent_id
        and machine_id = inner_one.machine_id and merged_into is null)
    union all select 'note ' || id from remarks
      where position_id in (select id from positions where merged_into is not null)
    union all select 'job ' || position_id from job_positions
      where position_id in (select id from positions where merged_into is not null)
    union all select 'shown in a place that is out ' || id from positions as inner_one
      where removed = 0 and exists (select 1 from positions
        where id = inner_one.parent_id and removed <> 0)`.execute(shop.store);
  expect(lost).toEqual([]);
  const { rows: kept } = await sql<{ id: string }>`select id from remarks`.execute(shop.store);
  const ids = kept.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(shop.notes.filter((id) => !ids.includes(id))).toEqual([]);
  const order = await findOrder(shop.store, shop.order);
  for (const line of order?.lines ?? []) {
    expect(line.positions.filter((id) => shop.merged.has(id))).toEqual([]);
  }
  expect(order?.lines).toHaveLength(LINES);
  const job = await findJob(shop.store, shop.job);
  expect(job?.positions.filter((id) => shop.merged.has(id))).toEqual([]);
}

interface StandingPlace {
  readonly id: string;
  readonly parentId: string | null;
  readonly state: PositionState;
  readonly archived: number;
}

/** The counts that the database keeps are those of the places as they stand. */
async function countsHold(shop: Workshop): Promise<void> {
  const { rows } = await sql<StandingPlace>`
    select id, parent_id as parentId, state, archived from positions where removed = 0`.execute(
    shop.store,
  );
  const told = thatStand(rows).filter(({ archived }) => archived === 0);
  const counts = Object.fromEntries(
    POSITION_STATES.map((state) => [state, told.filter((one) => one.state === state).length]),
  );
  const found = await findMachine(shop.store, shop.machine);
  expect({
    ...Object.fromEntries(POSITION_STATES.map((state) => [state, 0])),
    ...found?.states,
  }).toEqual(counts);
}

/** At which version of the order a version of one of its lines came to be. */
async function orderVersions(shop: Workshop): Promise<ReadonlyMap<string, number>> {
  const { rows } = await sql<{ version: number; became: string }>`
    select version, became from changes
    where record_id = ${shop.order} and field = 'lines'`.execute(shop.store);
  const versions = new Map<string, number>();
  for (const { version, became } of rows) {
    const words = became.split(" ");
    for (let at = 0; at < words.length; at += 2) {
      versions.set(`${words[at]} ${words[at + 1]}`, version);
    }
  }
  return versions;
}

/** A tick that was acknowledged was made, and whoever took it away had it on the screen, or had made it. */
async function heldTicks(shop: Workshop): Promise<void> {
  const versions = await orderVersions(shop);
  for (const device of shop.devices) {
    for (const ack of device.acknowledged.filter(({ id }) => id === shop.order)) {
      // A line that was ticked and unticked before it was sent was left alone.
      for (const line of shop.lines.filter((id) => ack.fields[id] !== ack.from[id])) {
        const { rows } = await sql<{ version: number; device: string; became: string }>`
          select version, device, became from changes
          where record_id = ${line} and field = 'arrived' order by id`.execute(shop.store);
        const wanted = ack.fields[line] === true ? "yes" : "";
        const made = rows.some(({ became }) => became === wanted);
        expect(made || wanted === "").toBe(true);
        const own = rows.filter((row) => versions.get(`${line} ${row.version}`) === ack.version);
        for (const row of own.filter((one) => one.device === device.id)) {
          const unseen = rows.filter(
            (one) =>
              one.version < row.version &&
              one.device !== device.id &&
              (versions.get(`${line} ${one.version}`) ?? 0) > ack.saw,
          );
          expect(unseen).toEqual([]);
        }
      }
    }
  }
}

const temporary = temporaryFolder();
afterAll(() => temporary.remove());

describe("a workshop of three phones that are offline now and then", () => {
  it("loses no acknowledged change untold, and has nothing twice or hanging", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(happening, { minLength: 20, maxLength: 70 }), async (all) => {
        const store = await openStore(path.join(temporary.folder, `${randomUUID()}.db`));
        try {
          const shop = new Workshop(store);
          await shop.open();
          for (const one of all) await shop.happen(one);
          for (const device of shop.devices) {
            await device.deliver((change) => shop.send(device, change), false);
          }
          await heldChanges(shop);
          await heldTicks(shop);
          await nothingHangs(shop);
          await countsHold(shop);
        } finally {
          await closeStore(store);
        }
      }),
      {
        seed: SEED,
        ...(MINUTES > 0
          ? { numRuns: 1_000_000, interruptAfterTimeLimit: MINUTES * 60_000 }
          : { numRuns: RUNS }),
      },
    );
  });
});
