import { textBox } from "./box-storage";
import { allPutAside } from "../kept/put-aside";
import { machine, outboxOver } from "./test-outbox";
import { memoryStorage } from "../kept/text-storage";

const arrived = () => Promise.resolve(1);

describe("a text in the box that is no parcel", () => {
  it.each(["{broken", "null", "7", '{"kind":"machine"}', '{"kind":"constructor","id":"x"}'])(
    "is put aside, and the box goes on: %s",
    async (text) => {
      const storage = memoryStorage();
      storage.setItem("rg.outbox.odd", text);
      const outbox = outboxOver(storage, arrived);
      outbox.add(machine("Harrow"));
      await outbox.deliver();
      expect(outbox.get().parcels).toEqual([]);
      expect(allPutAside(storage)).toMatchObject([{ from: "rg.outbox.odd", text }]);
    },
  );

  it("is put aside once, though the page was closed before it was out of the box", async () => {
    const storage = memoryStorage();
    storage.setItem("rg.outbox.odd", "{broken");
    const closedBefore = { ...textBox(storage), change: () => new Promise<undefined>(() => {}) };
    await outboxOver(storage, arrived, { box: closedBefore }).settled();
    await outboxOver(storage, arrived).settled();
    expect(allPutAside(storage)).toHaveLength(1);
    expect(storage.getItem("rg.outbox.odd")).toBeNull();
  });
});
