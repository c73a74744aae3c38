import { KEPT_SCHEMAS } from "./kept-schemas";
import { keptJson } from "./older-names";
import { allPutAside } from "./put-aside";
import { outboxOver } from "../outbox/test-outbox";
import { memoryStorage } from "./text-storage";

const JOB = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";

const PART_ON_BENCH = {
  identificationId: PART,
  jobId: JOB,
  position: "Clamp bar",
  notes: "a job well done",
  readings: [{ kind: "external-diameter", mm: 9.9, said: ["9.9 mm"] }],
  options: {},
  skipped: [],
  replacement: null,
  saw: 0,
  takenAt: "2026-03-02T08:30:00.000Z",
};

describe("what is kept since machines were called jobs", () => {
  it("is the part on the bench and the steps back, with its machine", () => {
    const text = JSON.stringify({ part: PART_ON_BENCH, past: [PART_ON_BENCH] });
    const { part, past } = KEPT_SCHEMAS.bench.parse(keptJson(text));
    expect(part).toMatchObject({ machineId: JOB, position: "Clamp bar", notes: "a job well done" });
    expect(past[0]?.machineId).toBe(JOB);
  });

  it("is what was typed, in the fields of today", () => {
    const text = JSON.stringify({ "job.name": "Harr", "fastener.job": JOB, "edit.job": JOB });
    expect(KEPT_SCHEMAS.drafts.parse(keptJson(text))).toEqual({
      "machine.name": "Harr",
      "fastener.machine": JOB,
      "edit.machine": JOB,
    });
  });

  it("is what waits for the server, which is sent as a machine and its part", async () => {
    const storage = memoryStorage();
    const { identificationId, skipped, saw, ...body } = PART_ON_BENCH;
    const parcel = { queuedAt: 1, place: 1, saw };
    const job = { ...parcel, kind: "job", id: JOB, body: { name: "Harrow", origin: "Britain" } };
    const part = { ...parcel, place: 2, kind: "identification", id: identificationId, body };
    storage.setItem(`rg.outbox.${JOB}`, JSON.stringify(job));
    storage.setItem(`rg.outbox.${PART}`, JSON.stringify(part));
    const sent: unknown[] = [];
    const outbox = outboxOver(storage, ({ kind, body: of }) => {
      sent.push([kind, of]);
      return Promise.resolve(1);
    });
    await outbox.deliver();
    expect(skipped).toEqual([]);
    expect(sent).toMatchObject([
      ["machine", { name: "Harrow", origin: "Britain", year: null, stands: "", notes: "" }],
      ["identification", { machineId: JOB, position: "Clamp bar" }],
    ]);
    expect(allPutAside(storage)).toEqual([]);
  });

  it("is no job of today, which is a piece of work", () => {
    const body = { name: "Spring service", opened: "2026-03-02", positions: [] };
    const job = { kind: "job", id: JOB, body, queuedAt: 1, saw: 0 };
    expect(keptJson(JSON.stringify(job))).toEqual(job);
  });

  it("leaves anything else as it is", () => {
    const value = { kind: "job", list: [1, null, { job: "jobId" }], text: "job.name" };
    expect(keptJson(JSON.stringify(value))).toEqual(value);
    expect(keptJson(null)).toBeNull();
  });
});
