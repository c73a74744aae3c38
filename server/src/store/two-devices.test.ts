import { randomUUID } from "node:crypto";
import path from "node:path";
import {
  identificationInputSchema,
  jobInputSchema,
  orderInputSchema,
  positionInputSchema,
  remarkInputSchema,
  type PositionInput,
  type Write,
} from "@root-gauge/contract";
import { sql } from "kysely";
import { machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { changesOf } from "./history";
import { findIdentification, identificationsAt, saveIdentification } from "./identifications";
import { findJob, saveJob } from "./jobs";
import { saveMachine } from "./machines";
import { mergePositions } from "./merge-positions";
import { findOrder, saveOrder } from "./orders";
import { findPosition, positionsOfMachine, savePosition } from "./positions";
import { remarksAt, saveRemark } from "./remarks";

const [MACHINE, OTHER, PHONE, DESK] = [randomUUID(), randomUUID(), randomUUID(), randomUUID()];
const AT = new Date("2026-03-02T08:30:00Z");
const TAKEN = AT.toISOString();
const CALLOUT = "M10 x 40 hex bolt 8.8";
const specOf = (duty: "ordinary" | "safety-critical") => ({
  callout: CALLOUT,
  circumstances: { duty, environment: "indoor", metal: "steel" } as const,
  acknowledgedAt: duty === "ordinary" ? null : TAKEN,
});

const temporary = temporaryFolder();
let store: Store;

beforeEach(async () => {
  store = await openStore(path.join(temporary.folder, `${randomUUID()}.db`));
  await saveMachine(store, MACHINE, machineNamed("Kestrel cylinder proofer"), AT);
  await saveMachine(store, OTHER, machineNamed("Folding machine"), AT);
});

afterEach(() => store.destroy());
afterAll(() => temporary.remove());

const save = (id: string, name: string, change: Partial<PositionInput> = {}, write?: Write) =>
  savePosition(
    store,
    id,
    positionInputSchema.parse({ machineId: MACHINE, name, ...change }),
    AT,
    write,
  );

async function place(name: string, change: Partial<PositionInput> = {}): Promise<string> {
  const id = randomUUID();
  expect((await save(id, name, change, { device: PHONE, saw: 0 })).kind).toBe("saved");
  return id;
}

const stored = async (id: string) => {
  const found = await findPosition(store, id);
  if (found === undefined) throw new Error("no such place");
  return found;
};
const from = (device: string, saw: number, touched?: string): Write => ({
  device,
  saw,
  ...(touched === undefined ? {} : { touched }),
});

describe("what does not show in words", () => {
  it("is not taken away: what hangs on a joint, set by one device and never seen by the other", async () => {
    const id = await place("Brake arm", { spec: specOf("ordinary") });
    await save(id, "Brake arm", { spec: specOf("safety-critical") }, from(PHONE, 1, "spec"));
    const late = { spec: { ...specOf("ordinary"), callout: "M10 x 45 hex bolt 8.8" } };
    expect((await save(id, "Brake arm", late, from(DESK, 1, "spec"))).kind).toBe("conflict");
    expect((await stored(id)).spec?.circumstances.duty).toBe("safety-critical");
    const [line] = (await changesOf(store, id)).items;
    expect(line?.became).toContain("Safety hangs on it");
    expect(line?.was).not.toContain("Safety hangs on it");
  });

  it("is not taken away: a move between two places of one name", async () => {
    const [one, two, three] = [await place("Bar"), await place("Bar"), await place("Foot")];
    const id = await place("left", { parentId: one });
    await save(id, "left", { parentId: two }, from(PHONE, 1, "parentId"));
    const late = await save(id, "left", { parentId: three }, from(DESK, 1, "parentId"));
    expect(late.kind).toBe("conflict");
    expect((await stored(id)).parentId).toBe(two);
  });

  it("is told where one takes out what the other has changed, and where one changes what the other took out", async () => {
    const id = await place("Bar");
    await save(id, "Bar", { notes: "Bent." }, from(PHONE, 1, "notes"));
    const takenOut = await save(id, "Bar", { removed: true }, from(DESK, 1, "removed"));
    expect(takenOut.kind).toBe("conflict");
    await save(id, "Bar", { removed: true }, from(DESK, 2, "removed"));
    expect((await save(id, "Beam", {}, from(PHONE, 2, "name"))).kind).toBe("conflict");
  });
});

describe("a record that is sent whole", () => {
  it("leaves alone what it sends as it was before the other changed it", async () => {
    const id = await place("Bar", { alike: 2 });
    await save(id, "Bar", { alike: 4 }, from(PHONE, 1, "alike"));
    const whole = await save(id, "Clamp bar", { alike: 2 }, from(DESK, 1));
    expect(whole).toMatchObject({ kind: "saved", record: { name: "Clamp bar", alike: 4 } });
    expect((await save(id, "Clamp bar", { alike: 6 }, from(DESK, 1))).kind).toBe("conflict");
  });
});

describe("a place that is out of the lists", () => {
  it("comes back with what it stands within, also where it was edited meanwhile", async () => {
    const outer = await place("Feed side");
    const inner = await place("Bar", { parentId: outer });
    await save(outer, "Feed side", { removed: true }, from(PHONE, 1, "removed"));
    const edit = from(PHONE, 2, "notes");
    await save(inner, "Bar", { parentId: outer, notes: "Bent." }, edit);
    await save(outer, "Feed side", {}, from(PHONE, 2, "removed"));
    expect(await stored(inner)).toMatchObject({ removed: false, notes: "Bent." });
  });

  it("is back when something is noted of it, and stays in the job that is edited meanwhile", async () => {
    const [one, two] = [await place("Bar"), await place("Foot")];
    const job = randomUUID();
    const input = { name: "Service", opened: "2026-03-02", positions: [one, two] };
    await saveJob(store, job, jobInputSchema.parse(input), AT, from(PHONE, 0));
    await save(one, "Bar", { removed: true }, from(PHONE, 1, "removed"));
    const seen = await findJob(store, job);
    expect(seen?.positions).toEqual([two]);
    const edited = jobInputSchema.parse({ ...input, positions: [two] });
    await saveJob(store, job, edited, AT, from(PHONE, seen?.version ?? 0, "positions"));
    const note = remarkInputSchema.parse({ positionId: one, text: "Cracked.", takenAt: TAKEN });
    await saveRemark(store, randomUUID(), note, undefined, AT);
    expect((await stored(one)).removed).toBe(false);
    expect([...((await findJob(store, job))?.positions ?? [])].sort()).toEqual([one, two].sort());
  });

  it("has its inner places archived, taken out and moved with a version and a line of history each", async () => {
    const outer = await place("Feed side");
    const inner = await place("Bar", { parentId: outer });
    const fields = async () => (await changesOf(store, inner)).items.map(({ field }) => field);
    await save(outer, "Feed side", { archived: true }, from(PHONE, 1, "archived"));
    await save(outer, "Feed side", { removed: true }, from(PHONE, 2, "removed"));
    await save(outer, "Feed side", { machineId: OTHER }, from(PHONE, 3, "machineId"));
    expect(await fields()).toEqual(["machine", "removed", "archived", "made"]);
    expect(await stored(inner)).toMatchObject({ version: 4, machineId: OTHER, archived: true });
  });
});

describe("a finding whose place went to another machine", () => {
  it("is found there, and makes no second place on the old one", async () => {
    const id = await place("Bar");
    await save(id, "Bar", { machineId: OTHER }, from(PHONE, 1, "machineId"));
    const finding = identificationInputSchema.parse({
      machineId: MACHINE,
      position: "Bar",
      positionId: id,
      readings: [{ kind: "external-diameter", mm: 9.85 }],
      options: {},
      notes: "",
      takenAt: TAKEN,
    });
    const own = randomUUID();
    await saveIdentification(store, own, finding, AT, from(DESK, 0));
    expect(await findIdentification(store, own)).toMatchObject({
      machineId: OTHER,
      positionId: id,
    });
    expect((await positionsOfMachine(store, MACHINE)).items).toEqual([]);
  });
});

describe("two places that are made one", () => {
  let one: string;
  let two: string;
  const merge = async (saw: { one?: number; two?: number } = {}, device = DESK) =>
    mergePositions(
      store,
      one,
      two,
      AT,
      from(device, saw.one ?? (await stored(one)).version),
      saw.two ?? (await stored(two)).version,
    );

  beforeEach(async () => {
    one = await place("Side cover", { notes: "a".repeat(2500) });
    two = await place("Cover, side", { notes: "b".repeat(2500) });
  });

  it("are not, where another device has changed one of them since they were looked at", async () => {
    await save(two, "Cover, side", { state: "to-order" }, from(PHONE, 1, "state"));
    expect(await merge({ two: 1 })).toEqual({ kind: "conflict" });
    expect(await stored(one)).toMatchObject({ removed: false, version: 1 });
  });

  it("lose none of their notes, and the second says what became of the first", async () => {
    await save(one, "Side cover", { state: "to-order", alike: 4 }, from(PHONE, 1, "state,alike"));
    expect((await merge()).kind).toBe("merged");
    expect((await remarksAt(store, two)).items).toMatchObject([{ text: "a".repeat(2500) }]);
    const merged = (await changesOf(store, two)).items.find(({ field }) => field === "merged");
    expect(merged?.became).toBe("Side cover: to-order, 4 alike");
  });

  it("have what still arrives for the first: notes, findings, places within it, jobs and lines", async () => {
    const note = { positionId: one, text: "Offline.", takenAt: TAKEN };
    const finding = { readings: [{ kind: "external-diameter", mm: 9.85 }], options: {}, notes: "" };
    await merge();
    const sent = remarkInputSchema.parse(note);
    expect((await saveRemark(store, randomUUID(), sent, undefined, AT)).kind).toBe("saved");
    const found = { machineId: MACHINE, position: "Side cover", positionId: one, takenAt: TAKEN };
    const part = identificationInputSchema.parse({ ...finding, ...found });
    await saveIdentification(store, randomUUID(), part, AT);
    const inner = await place("left", { parentId: one });
    const [job, order] = [randomUUID(), randomUUID()];
    const work = jobInputSchema.parse({
      name: "Work",
      opened: "2026-03-02",
      positions: [one, two],
    });
    await saveJob(store, job, work, AT);
    await saveOrder(store, order, orderOf([line("M8 nut", { positions: [one] })]), AT);
    expect((await remarksAt(store, two)).items.map(({ text }) => text)).toContain("Offline.");
    expect((await identificationsAt(store, { positionId: two })).items).toHaveLength(1);
    expect((await stored(inner)).parentId).toBe(two);
    expect((await findJob(store, job))?.positions).toEqual([two]);
    expect((await findOrder(store, order))?.lines[0]?.positions).toEqual([two]);
    expect((await stored(one)).removed).toBe(true);
  });

  it("tell the one who changes the first that it is there no more", async () => {
    await merge();
    const late = from(PHONE, 1, "notes");
    expect((await save(one, "Side cover", { notes: "Late." }, late)).kind).toBe("conflict");
    const looked = from(PHONE, (await stored(one)).version, "removed");
    expect((await save(one, "Side cover", {}, looked)).kind).toBe("merged");
  });
});

const line = (callout: string, change: object = {}) => ({
  ...{ id: randomUUID(), callout, needed: 4 },
  ...change,
});
const orderOf = (lines: readonly object[]) =>
  orderInputSchema.parse({
    name: "Blade change",
    rule: { sparesPercent: 0, sparesAtLeast: 0, pack: 1 },
    lines,
  });

describe("an order that two people tick", () => {
  const id = randomUUID();
  const lines = Array.from({ length: 150 }, (_, at) => line(`M8 x ${20 + at} hex bolt 8.8`));
  const ticked = (...at: number[]) =>
    orderOf(lines.map((one, i) => ({ ...one, arrived: at.includes(i) })));
  const tick = (device: string, saw: number, ...at: number[]) =>
    saveOrder(store, id, ticked(...at), AT, from(device, saw, "lines"));
  const arrived = async () =>
    (await findOrder(store, id))?.lines.flatMap((one, at) => (one.arrived ? [at] : []));

  beforeEach(() => saveOrder(store, id, orderOf(lines), AT, from(PHONE, 0)));

  it("has both ticks", async () => {
    await tick(PHONE, 1, 3);
    expect(await tick(DESK, 1, 5)).toBeDefined();
    expect(await arrived()).toEqual([3, 5]);
  });

  it("is refused where both changed the same of one line, and nothing of the later is stored", async () => {
    await tick(PHONE, 1, 3);
    const named = { ...ticked(), name: "Other", lines: ticked().lines.slice(0, 3) };
    expect(await saveOrder(store, id, named, AT, from(DESK, 1))).toBeUndefined();
    expect(await findOrder(store, id)).toMatchObject({ name: "Blade change" });
    expect((await findOrder(store, id))?.lines).toHaveLength(150);
  });

  it("keeps a line that the other has not seen, and loses one that was taken out", async () => {
    const added = { ...ticked(), lines: [...ticked().lines, line("M10 nut")] } as const;
    await saveOrder(store, id, orderOf(added.lines), AT, from(PHONE, 1, "lines"));
    const fewer = orderOf(ticked().lines.slice(1));
    expect(await saveOrder(store, id, fewer, AT, from(DESK, 1, "lines"))).toBeDefined();
    const callouts = (await findOrder(store, id))?.lines.map(({ callout }) => callout) ?? [];
    expect([callouts.length, callouts.at(-1), callouts[0]]).toEqual([
      150,
      "M10 nut",
      lines[1]?.callout,
    ]);
  });

  it("grows by less than a kilobyte with each tick", async () => {
    const size = async () => {
      const { rows } = await sql<{ letters: number }>`
        select sum(length(was) + length(became) + 200) as letters from changes`.execute(store);
      return rows[0]?.letters ?? 0;
    };
    const before = await size();
    let saw = 1;
    for (let at = 0; at < 20; at += 1) {
      saw = (await tick(PHONE, saw, ...Array.from({ length: at + 1 }, (_, i) => i)))?.version ?? 0;
    }
    expect(((await size()) - before) / 20).toBeLessThan(1000);
  });
});
