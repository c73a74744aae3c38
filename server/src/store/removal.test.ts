import path from "node:path";
import type { IdentificationInput } from "@root-gauge/contract";
import { temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { findIdentification, identificationsOfJob, saveIdentification } from "./identifications";
import { findJob, listJobs, saveJob } from "./jobs";

const JOB = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const OTHER_JOB = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const NOW = new Date("2026-03-02T08:30:00Z");

const temporary = temporaryFolder();
let store: Store;

const part: IdentificationInput = {
  jobId: JOB,
  position: "Clamp bar",
  readings: [{ kind: "external-diameter", mm: 9.9, said: ["9.9 mm"] }],
  options: {},
  notes: "",
  replacement: null,
  takenAt: NOW.toISOString(),
};

const names = async (search?: string) =>
  (await listJobs(store, undefined, search)).items.map(({ name }) => name);
const partsOf = async (jobId: string) =>
  (await identificationsOfJob(store, jobId)).items.map(({ id }) => id);

beforeAll(async () => {
  store = await openStore(path.join(temporary.folder, "removal.db"));
  await saveJob(store, JOB, { name: "Impression roller", origin: "Britain, 1953" }, NOW);
  await saveJob(store, OTHER_JOB, { name: "Folding machine 100%", origin: "" }, NOW);
});

afterAll(async () => {
  await store.destroy();
  temporary.remove();
});

describe("what is removed", () => {
  it("leaves the lists and its count, is kept as it was, and comes back when it is sent again", async () => {
    await saveIdentification(store, PART, part, NOW);
    expect((await findJob(store, JOB))?.identifications).toBe(1);
    await saveIdentification(store, PART, { ...part, removed: true }, NOW, { saw: 1 });
    expect(await partsOf(JOB)).toEqual([]);
    expect((await findJob(store, JOB))?.identifications).toBe(0);
    expect(await findIdentification(store, PART)).toMatchObject({
      removed: true,
      readings: part.readings,
    });
    await saveIdentification(store, PART, part, NOW, { saw: 2 });
    expect(await partsOf(JOB)).toEqual([PART]);
  });

  it("is not removed over a change of another device", async () => {
    const removal = { ...part, removed: true };
    const result = await saveIdentification(store, PART, removal, NOW, { saw: 1 });
    expect(result.kind).toBe("conflict");
    expect(await partsOf(JOB)).toEqual([PART]);
  });

  it("is a job with its parts, until one of them is worked on again", async () => {
    const job = { name: "Impression roller", origin: "Britain, 1953" };
    await saveJob(store, JOB, { ...job, removed: true }, NOW, { saw: 1 });
    expect(await names()).toEqual(["Folding machine 100%"]);
    await saveIdentification(store, PART, { ...part, notes: "rusted" }, NOW, { saw: 3 });
    expect(await names()).toContain("Impression roller");
  });

  it("stands in the job it was moved to, and there alone", async () => {
    const { version = 0 } = (await findIdentification(store, PART)) ?? {};
    await saveIdentification(store, PART, { ...part, jobId: OTHER_JOB }, NOW, { saw: version });
    expect(await partsOf(JOB)).toEqual([]);
    expect(await partsOf(OTHER_JOB)).toEqual([PART]);
  });
});

describe("a search of the jobs", () => {
  it("finds a few letters of the name or the origin, in either case", async () => {
    expect(await names("ROLL")).toEqual(["Impression roller"]);
    expect(await names("1953")).toEqual(["Impression roller"]);
    expect(await names("nothing like it")).toEqual([]);
  });

  it("takes every sign for itself", async () => {
    expect(await names("100%")).toEqual(["Folding machine 100%"]);
    expect(await names("1__")).toEqual([]);
  });
});
