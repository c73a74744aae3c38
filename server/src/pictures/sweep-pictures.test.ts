import { randomUUID } from "node:crypto";
import { existsSync, readdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { remarkInputSchema } from "@root-gauge/contract";
import { closeStore, openStore, type Store } from "../store/database";
import { saveMachine } from "../store/machines";
import { savePosition } from "../store/positions";
import { hasPicture, saveRemark } from "../store/remarks";
import { machineNamed, paintedPicture, temporaryFolder } from "../test-server";
import { cleanJpeg } from "./clean-jpeg";
import { openPictures, pictureFolderOf, type PictureFolder } from "./picture-folder";
import { sweepPictures } from "./sweep-pictures";

const temporary = temporaryFolder();
afterAll(() => temporary.remove());

const day = (of: number) => new Date(Date.UTC(2026, 2, of, 8, 30));
const picture = cleanJpeg(paintedPicture(40, 30));
const POSITION = randomUUID();

let store: Store;
let pictures: PictureFolder;
let folder: string;

beforeEach(async () => {
  const file = path.join(temporary.folder, `${randomUUID()}.db`);
  store = await openStore(file);
  pictures = openPictures(file);
  folder = pictureFolderOf(file);
  const machineId = randomUUID();
  await saveMachine(store, machineId, machineNamed("Folding machine"), day(1));
  const place = { machineId, name: "Side cover", parentId: null, rank: 0, alike: 1 };
  const rest = { state: "to-identify", spec: null, notes: "", archived: false } as const;
  await savePosition(store, POSITION, { ...place, ...rest }, day(1));
});

afterEach(() => closeStore(store));

const input = (change: object = {}) =>
  remarkInputSchema.parse({
    positionId: POSITION,
    text: "Torn.",
    takenAt: day(1).toISOString(),
    ...change,
  });

async function noted(): Promise<string> {
  if (picture === undefined) throw new Error("no picture");
  const id = randomUUID();
  await pictures.keep(id, picture.bytes);
  await saveRemark(store, id, input(), picture, day(1));
  return id;
}

const shown = (id: string) => existsSync(path.join(folder, `${id}.jpg`));
const sweep = (of: number) => sweepPictures(store, pictures, day(of));

describe("the folder of photographs", () => {
  it("loses half files and puts aside what no note names, and keeps the rest", async () => {
    const [kept, orphan] = [await noted(), randomUUID()];
    writeFileSync(path.join(folder, `${orphan}.jpg`), "a picture of no note");
    writeFileSync(path.join(folder, `${kept}.jpg.${randomUUID()}.making`), "half a pic");
    expect(await sweep(2)).toEqual({ half: 1, aside: 1, back: 0, gone: 0 });
    expect(readdirSync(folder).sort()).toEqual([`${kept}.jpg`, "aside"].sort());
    expect(await sweep(3)).toEqual({ half: 0, aside: 0, back: 0, gone: 0 });
    // Thirty days aside, and it is gone.
    expect(await sweep(33)).toMatchObject({ gone: 1 });
    expect(readdirSync(path.join(folder, "aside"))).toEqual([]);
    expect(shown(kept)).toBe(true);
  });

  it("has a picture back that a note names again, as after an older copy was put back and then the newer", async () => {
    const id = await noted();
    const named = (size: { width: number | null; height: number | null; bytes: number | null }) =>
      store.updateTable("remarks").set(size).where("id", "=", id).execute();
    await named({ width: null, height: null, bytes: null });
    expect(await sweep(2)).toMatchObject({ aside: 1 });
    await named({ width: 40, height: 30, bytes: 900 });
    expect(await sweep(3)).toMatchObject({ back: 1 });
    expect(await pictures.read(id)).toEqual(picture?.bytes);
  });

  it("keeps the picture of a note that was taken out for thirty days, so that it can be put back", async () => {
    const id = await noted();
    await saveRemark(store, id, input({ removed: true }), undefined, day(2), { saw: 1 });
    await sweep(20);
    expect(shown(id)).toBe(true);
    await sweep(40);
    expect([shown(id), await hasPicture(store, id)]).toEqual([false, false]);
  });
});
