import { ServerAway, ServerFault, ServerRefused } from "../server/api";
import type { NewParcel, Parcel } from "./parcel";
import { textBox, type BoxStorage } from "./box-storage";
import { MACHINE, machine, outboxOver } from "./test-outbox";
import { memoryStorage, type TextStorage } from "../kept/text-storage";

const OTHER_MACHINE = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";

const part = (notes: string, queuedAt = 2, saw = 0): NewParcel => ({
  kind: "identification",
  id: PART,
  queuedAt,
  saw,
  body: {
    machineId: MACHINE,
    position: "",
    readings: [{ kind: "external-diameter", mm: 9.9 }],
    options: {},
    notes,
    replacement: null,
    takenAt: "2026-03-02T08:30:00.000Z",
  },
});

const notesOf = (parcel: Parcel) => (parcel.kind === "identification" ? parcel.body.notes : "");
const arrived = () => Promise.resolve(1);

const POSITION = "3c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";

const position = (name: string, saw = 0, touched?: string[]): NewParcel => ({
  kind: "position",
  id: POSITION,
  queuedAt: 3,
  saw,
  ...(touched === undefined ? {} : { touched }),
  body: {
    machineId: MACHINE,
    parentId: null,
    name,
    rank: 0,
    alike: 1,
    state: "to-identify",
    spec: null,
    archived: false,
    notes: "",
  },
});

describe("a position in the outbox", () => {
  it("waits for its machine, and what was found at it waits for it", async () => {
    const sent: string[] = [];
    const refused = new Set(["machine"]);
    const outbox = outboxOver(memoryStorage(), ({ kind }) => {
      if (refused.has(kind)) return Promise.reject(new ServerRefused("invalid-body", "no"));
      sent.push(kind);
      return arrived();
    });
    const found = part("");
    outbox.add({ ...found, body: { ...found.body, positionId: POSITION } } as NewParcel);
    outbox.add(position("Clamp bar"));
    outbox.add(machine("Harrow"));
    await outbox.deliver();
    expect(sent).toEqual([]);
    refused.clear();
    outbox.retry(MACHINE);
    await outbox.deliver();
    expect(sent).toEqual(["machine", "position", "identification"]);
  });

  it("that is changed twice says every field that was changed; one that says none says all", () => {
    const outbox = outboxOver(memoryStorage(), arrived);
    const touched = () => outbox.get().parcels[0]?.touched;
    outbox.add(position("Clamp bar", 2, ["name"]));
    outbox.add(position("Clamp bar", 2, ["state", "name"]));
    expect(touched()).toEqual(["name", "state"]);
    outbox.add(position("Clamp bar", 2));
    outbox.add(position("Clamp bar", 2, ["notes"]));
    expect(touched()).toBeUndefined();
  });
});

describe("the outbox", () => {
  it("sends what waits in the order it was put in, each once, and is then empty", async () => {
    const sent: string[] = [];
    const outbox = outboxOver(memoryStorage(), (parcel) => {
      sent.push(parcel.kind);
      return arrived();
    });
    outbox.add(machine("Harrow"));
    outbox.add(part(""));
    await Promise.all([outbox.deliver(), outbox.deliver()]);
    expect(sent).toEqual(["machine", "identification"]);
    expect(outbox.get()).toEqual({ parcels: [], shown: [], serverAway: false, opened: true });
  });

  it("keeps that order when the clock was set back in between", () => {
    const outbox = outboxOver(memoryStorage(), arrived);
    outbox.add(machine("Harrow", 9_000_000));
    outbox.add(part("", 1));
    expect(outbox.get().parcels.map(({ kind }) => kind)).toEqual(["machine", "identification"]);
  });

  it("keeps everything while the server is away, over a reload, and sends it later", async () => {
    const storage = memoryStorage();
    const away = outboxOver(storage, () => Promise.reject(new ServerAway("away")));
    away.add(machine("Harrow"));
    away.add(part("kept"));
    await away.deliver();
    expect(away.get()).toMatchObject({ serverAway: true, parcels: [{}, {}] });

    const sent: Parcel[] = [];
    const reloaded = outboxOver(storage, (parcel) => {
      sent.push(parcel);
      return arrived();
    });
    await reloaded.deliver();
    expect(sent).toMatchObject([machine("Harrow"), part("kept")]);
    expect(reloaded.get().parcels).toEqual([]);
  });

  it("goes on past a save that the server has a fault with, and tries that again the next time", async () => {
    let faulty = true;
    const sent: string[] = [];
    const outbox = outboxOver(memoryStorage(), (parcel) => {
      sent.push(parcel.id);
      return faulty && parcel.id === MACHINE
        ? Promise.reject(new ServerFault("a fault"))
        : arrived();
    });
    outbox.add(machine("Harrow"));
    outbox.add(machine("Kestrel", 2, OTHER_MACHINE));
    await outbox.deliver();
    expect(sent).toEqual([MACHINE, OTHER_MACHINE]);
    expect(outbox.get()).toMatchObject({
      serverAway: false,
      parcels: [{ id: MACHINE, trouble: { kind: "fault", message: "a fault" } }],
    });
    faulty = false;
    await outbox.deliver();
    expect(outbox.get().parcels).toEqual([]);
  });

  it("holds a part back while its machine has not arrived", async () => {
    const outbox = outboxOver(memoryStorage(), (parcel) =>
      parcel.kind === "machine"
        ? Promise.reject(new ServerRefused("invalid-body", "a machine needs a name"))
        : arrived(),
    );
    outbox.add(machine("Harrow"));
    outbox.add(part("held"));
    await outbox.deliver();
    expect(outbox.get().parcels).toMatchObject([
      { kind: "machine", trouble: { kind: "refused", message: "a machine needs a name" } },
      { kind: "identification" },
    ]);
    expect(outbox.get().parcels[1]).not.toHaveProperty("trouble");
  });

  it("lets a refused save be mended, sent again, or thrown away", async () => {
    const storage = memoryStorage();
    const outbox = outboxOver(storage, (parcel) =>
      notesOf(parcel) === "mended" || parcel.saw === 3
        ? arrived()
        : Promise.reject(new ServerRefused("conflict", "changed since")),
    );
    outbox.add(part("wrong"));
    await outbox.deliver();
    await outbox.deliver();
    expect(outbox.get().parcels).toMatchObject([{ trouble: { kind: "conflict" } }]);
    outbox.retry(PART, 3);
    await outbox.deliver();
    expect(outbox.get().parcels).toEqual([]);
    outbox.add(part("wrong"));
    await outbox.deliver();
    outbox.add(part("mended"));
    await outbox.deliver();
    expect(outbox.get().parcels).toEqual([]);
    outbox.add(part("wrong"));
    outbox.discard(PART);
    await outbox.settled();
    expect(storage.keys()).toEqual([]);
  });

  it("sends again what was changed while it travelled, over the version that was seen first", async () => {
    const sent: [string, number][] = [];
    const outbox = outboxOver(memoryStorage(), (parcel) => {
      sent.push([notesOf(parcel), parcel.saw]);
      if (sent.length === 1) outbox.add(part("second"));
      return Promise.resolve(7);
    });
    outbox.add(part("first"));
    await outbox.deliver();
    expect(sent).toEqual([
      ["first", 0],
      ["second", 1],
    ]);
    expect(outbox.get().parcels).toEqual([]);
  });

  it("does not write an older save over one made while the older was being refused", async () => {
    const tried: string[] = [];
    const outbox = outboxOver(memoryStorage(), (parcel) => {
      tried.push(notesOf(parcel));
      if (tried.length > 1) return arrived();
      outbox.add(part("newer"));
      return Promise.reject(new ServerRefused("invalid-body", notesOf(parcel)));
    });
    outbox.add(part("older"));
    await outbox.deliver();
    expect([tried, outbox.get().parcels]).toEqual([["older", "newer"], []]);
  });

  it("keeps a machine before its parts when the machine is saved again", () => {
    const outbox = outboxOver(memoryStorage(), arrived);
    outbox.add(machine("Harrow"));
    outbox.add(part(""));
    outbox.add(machine("Harrow platen"));
    expect(outbox.get().parcels.map(({ kind }) => kind)).toEqual(["machine", "identification"]);
    expect(outbox.get().parcels[0]).toMatchObject({ body: { name: "Harrow platen" } });
  });

  it("takes parcels that an older make has kept, in their order", async () => {
    const storage = memoryStorage();
    const { saw: _none, ...older } = machine("Harrow", 1_700_000_000_000);
    storage.setItem(`rg.outbox.${MACHINE}`, JSON.stringify({ ...older, refused: "once" }));
    const outbox = outboxOver(storage, arrived);
    await outbox.settled();
    outbox.add(part("later"));
    expect(outbox.get().parcels).toMatchObject([
      { kind: "machine", saw: 0 },
      { kind: "identification" },
    ]);
  });
});

describe("a box of many", () => {
  it("reads itself once, and a key for each that is added or delivered", async () => {
    const below = memoryStorage();
    let read = 0;
    const storage = {
      ...below,
      getItem: (key: string) => {
        read += 1;
        return below.getItem(key);
      },
    };
    const idOf = (at: number) => `00000000-0000-4000-8000-${String(at).padStart(12, "0")}`;
    const sent: string[] = [];
    const outbox = outboxOver(storage, (parcel) => {
      sent.push(parcel.id);
      return Promise.resolve(1);
    });
    const count = 1000;
    for (let at = 0; at < count; at += 1) outbox.add(machine(`M ${at}`, at, idOf(at)));
    await outbox.deliver();
    expect(sent).toEqual(Array.from({ length: count }, (_, at) => idOf(at)));
    expect(outbox.get().parcels).toEqual([]);
    // One reading to add; a few to see that what travels is still what waits.
    expect(read / count).toBeLessThan(8);
  });

  it("takes in what another tab has put in or taken out, by its id", async () => {
    const storage = memoryStorage();
    const [here, there] = [outboxOver(storage, arrived), outboxOver(storage, arrived)];
    there.add(machine("Stitcher"));
    await here.refresh(MACHINE);
    expect(here.get().parcels).toMatchObject([{ id: MACHINE }]);
    there.discard(MACHINE);
    await here.refresh(MACHINE);
    expect(here.get().parcels).toEqual([]);
  });

  it("sends what is put in while what arrived is still asked for, and shows that meanwhile", async () => {
    const sent: string[] = [];
    let answered: () => void = () => undefined;
    const asked = new Promise<void>((resolve) => (answered = resolve));
    const outbox = outboxOver(
      memoryStorage(),
      (parcel) => {
        sent.push(notesOf(parcel));
        return arrived();
      },
      { askAnew: () => asked },
    );
    outbox.add(part("first"));
    const delivered = outbox.deliver();
    await outbox.settled();
    await new Promise((resolve) => setTimeout(resolve));
    expect(sent).toEqual(["first"]);
    outbox.add(part("second"));
    void outbox.deliver();
    await new Promise((resolve) => setTimeout(resolve));
    expect(sent).toEqual(["first", "second"]);
    expect(outbox.get().shown.map(notesOf)).toEqual(["second"]);
    answered();
    await delivered;
    expect(outbox.get().shown).toEqual([]);
  });

  it("keeps what another tab changed while this one was sending it", async () => {
    const storage = memoryStorage();
    const there = outboxOver(storage, arrived);
    const sent: string[] = [];
    const here = outboxOver(storage, async (parcel) => {
      sent.push(notesOf(parcel));
      if (sent.length === 1) there.add(part("from there"));
      await there.settled();
      return 1;
    });
    here.add(part("from here"));
    await here.deliver();
    expect(sent).toEqual(["from here", "from there"]);
    expect(storage.keys()).toEqual([]);
  });
});

describe("a box whose browser takes its time to keep things", () => {
  /** Keeps each text a while after it was asked to. */
  function slow(storage: TextStorage): BoxStorage {
    const box = textBox(storage);
    const pause = () => new Promise((resolve) => setTimeout(resolve, 5));
    return {
      ...box,
      ahead: () => undefined,
      change: async (id, next) => {
        await pause();
        return box.change(id, next);
      },
    };
  }

  it("shows what was put in at once, and never what was there before it again", async () => {
    const storage = memoryStorage();
    const outbox = outboxOver(storage, arrived, { box: slow(storage) });
    const shown: string[] = [];
    outbox.subscribe(() => shown.push(...outbox.get().parcels.map(notesOf)));
    outbox.add(part("first"));
    outbox.add(part("second"));
    expect(outbox.get().parcels.map(notesOf)).toEqual(["second"]);
    await outbox.settled();
    expect([...new Set(shown)]).toEqual(["first", "second"]);
    expect(shown.lastIndexOf("first")).toBeLessThan(shown.indexOf("second"));
    expect(storage.getItem(`rg.outbox.${PART}`)).toContain("second");
    await outbox.deliver();
    expect(storage.keys()).toEqual([]);
  });
});
