import path from "node:path";
import { machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { saveIdentification } from "./identifications";
import { saveMachine } from "./machines";
import { threadsMet, threadsMetOnMachine } from "./met";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const NOW = new Date("2026-03-02T08:30:00Z");
const idOf = (at: number) => `0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b${String(10 + at)}`;

const temporary = temporaryFolder();
let store: Store;

beforeAll(async () => {
  store = await openStore(path.join(temporary.folder, "met.db"));
  await saveMachine(store, MACHINE, machineNamed("Folding machine"), NOW);
});

afterAll(async () => {
  await store.destroy();
  temporary.remove();
});

function part(readings: Parameters<typeof saveIdentification>[2]["readings"], removed = false) {
  return {
    machineId: MACHINE,
    position: "",
    readings,
    options: {},
    notes: "",
    replacement: null,
    takenAt: NOW.toISOString(),
    ...(removed ? { removed } : {}),
  };
}

const M8 = part([
  { kind: "external-diameter", mm: 7.9 },
  { kind: "leaf", pitchMm: 1.25, outcome: "drops-in" },
]);

describe("what a workshop has met", () => {
  it("counts the parts that were settled, and neither open ones nor those taken out", async () => {
    await saveIdentification(store, idOf(1), M8, NOW);
    await saveIdentification(store, idOf(2), M8, NOW);
    await saveIdentification(store, idOf(3), part([{ kind: "external-diameter", mm: 12.52 }]), NOW);
    expect(await threadsMet(store)).toEqual({ "iso-m8x1.25": 2 });
    await saveIdentification(store, idOf(2), { ...M8, removed: true }, NOW, { saw: 1 });
    expect(await threadsMet(store)).toEqual({ "iso-m8x1.25": 1 });
  });

  it("is told of a machine, a place that was read twice once, and the place at hand not at all", async () => {
    const press = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
    await saveMachine(store, press, machineNamed("Nipping press"), NOW);
    const at = (position: string) => ({ ...M8, machineId: press, position });
    await saveIdentification(store, idOf(20), at("Left"), NOW);
    await saveIdentification(store, idOf(21), at("Left"), NOW);
    const right = await saveIdentification(store, idOf(22), at("Right"), NOW);
    expect(await threadsMetOnMachine(store, press)).toEqual({ "iso-m8x1.25": 2 });
    const place = right.kind === "saved" ? (right.record.positionId ?? "") : "";
    expect(await threadsMetOnMachine(store, press, place)).toEqual({ "iso-m8x1.25": 1 });
    expect(await threadsMetOnMachine(store, MACHINE)).toEqual({ "iso-m8x1.25": 1 });
  });
});
