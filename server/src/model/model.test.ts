import { randomUUID } from "node:crypto";
import path from "node:path";
import { POSITION_STATES, thatStand, type PositionState } from "@root-gauge/core/record";
import * as fc from "fast-check";
import { sql } from "kysely";
import { closeStore, openStore } from "../store/database";
import { findJob } from "../store/jobs";
import { findMachine } from "../store/machines";
import { findOrder } from "../store/orders";
import { findPosition } from "../store/positions";
import { temporaryFolder } from "../test-server";
import type { Acknowledged } from "./device";
import { LINES, Workshop, happening } from "./workshop";

/** How long it goes on, minutes: `npm run model` says ten, `npm test` says nothing. */
const MINUTES = Number(process.env.MODEL_MINUTES ?? 0);
const SEED = Number(process.env.MODEL_SEED ?? 20261201);
const RUNS = 30;

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
}

/** The counts that the database keeps are those of the places as they stand. */
async function countsHold(shop: Workshop): Promise<void> {
  const { rows } = await sql<StandingPlace>`
    select id, parent_id as parentId, state from positions where removed = 0 and archived = 0`.execute(
    shop.store,
  );
  const told = thatStand(rows);
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
