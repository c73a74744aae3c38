import { ServerAway, ServerRefused } from "./api";
import { createOutbox, type Parcel } from "./outbox";
import { createPersistentStore, memoryStorage } from "./persistent-store";
import { z } from "zod";

const JOB = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";

const job = (name: string, queuedAt = 1): Parcel => ({
  kind: "job",
  id: JOB,
  queuedAt,
  body: { name, origin: "" },
});

const part = (notes: string, queuedAt = 2): Parcel => ({
  kind: "identification",
  id: PART,
  queuedAt,
  body: {
    jobId: JOB,
    position: "",
    readings: [{ kind: "external-diameter", mm: 9.9 }],
    options: {},
    notes,
    replacement: null,
    takenAt: "2026-03-02T08:30:00.000Z",
  },
});

describe("the outbox", () => {
  it("sends what waits, oldest first, each once, and is then empty", async () => {
    const sent: string[] = [];
    const outbox = createOutbox(memoryStorage(), (parcel) => {
      sent.push(parcel.kind);
      return Promise.resolve();
    });
    outbox.add(part("", 2));
    outbox.add(job("Harrow", 1));
    await Promise.all([outbox.deliver(), outbox.deliver()]);
    expect(sent).toEqual(["job", "identification"]);
    expect(outbox.get()).toEqual({ parcels: [], serverAway: false });
  });

  it("keeps everything while the server is away, over a reload, and sends it later", async () => {
    const storage = memoryStorage();
    const away = createOutbox(storage, () => Promise.reject(new ServerAway("away")));
    away.add(job("Harrow"));
    away.add(part("kept"));
    await away.deliver();
    expect(away.get().serverAway).toBe(true);
    expect(away.get().parcels).toHaveLength(2);

    const sent: Parcel[] = [];
    const reloaded = createOutbox(storage, (parcel) => Promise.resolve(sent.push(parcel)));
    await reloaded.deliver();
    expect(sent).toEqual([job("Harrow"), part("kept")]);
    expect(reloaded.get().parcels).toEqual([]);
  });

  it("keeps a refused save with the reason, and does not hold up the rest", async () => {
    const outbox = createOutbox(memoryStorage(), (parcel) =>
      parcel.kind === "job"
        ? Promise.reject(new ServerRefused("invalid-body", "a job needs a name"))
        : Promise.resolve(),
    );
    outbox.add(job("Harrow"));
    outbox.add(part(""));
    await outbox.deliver();
    expect(outbox.get().parcels).toMatchObject([{ kind: "job", refused: "a job needs a name" }]);
  });

  it("sends again what was changed while it travelled", async () => {
    const sent: string[] = [];
    const outbox = createOutbox(memoryStorage(), (parcel) => {
      if (parcel.kind === "identification") sent.push(parcel.body.notes);
      if (sent.length === 1) outbox.add(part("second", 9));
      return Promise.resolve();
    });
    outbox.add(part("first"));
    await outbox.deliver();
    expect(sent).toEqual(["first", "second"]);
    expect(outbox.get().parcels).toEqual([]);
  });

  it("keeps a job before its parts when the job is saved again", () => {
    const outbox = createOutbox(memoryStorage(), () => Promise.resolve());
    outbox.add(job("Harrow", 1));
    outbox.add(part("", 2));
    outbox.add(job("Harrow platen", 3));
    expect(outbox.get().parcels.map(({ kind }) => kind)).toEqual(["job", "identification"]);
    expect(outbox.get().parcels[0]).toMatchObject({ body: { name: "Harrow platen" } });
  });
});

describe("a kept value", () => {
  const schema = z.object({ units: z.enum(["mm", "in"]) });
  const initial = () => ({ units: "mm" as const });

  it("is there again, and tells its readers", () => {
    const storage = memoryStorage();
    const store = createPersistentStore({ key: "k", schema, initial, storage });
    const heard: string[] = [];
    store.subscribe(() => heard.push(store.get().units));
    store.set({ units: "in" });
    expect(heard).toEqual(["in"]);
    expect(createPersistentStore({ key: "k", schema, initial, storage }).get()).toEqual({
      units: "in",
    });
  });

  it.each(["{broken", '{"units":"cubits"}'])("is put aside when it cannot be read: %s", (kept) => {
    const storage = memoryStorage();
    storage.setItem("k", kept);
    expect(createPersistentStore({ key: "k", schema, initial, storage }).get()).toEqual({
      units: "mm",
    });
    expect(storage.getItem("k.unreadable")).toBe(kept);
  });
});
