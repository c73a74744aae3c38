import { randomUUID } from "node:crypto";
import { existsSync, readFileSync, readdirSync } from "node:fs";
import path from "node:path";
import {
  PICTURE_LIMIT,
  apiErrorSchema,
  changeListSchema,
  remarkListSchema,
  remarkSchema,
} from "@root-gauge/contract";
import { decode } from "jpeg-js";
import { machineNamed, paintedPicture, serverForTests } from "./test-server";

const server = serverForTests();
const PICTURES = () => path.join(server.folder, "test.db.pictures");
const NOW = "2026-03-02T08:30:00.000Z";

const { put } = server;
const { get } = server;

/** A position to note something of. */
async function position(): Promise<string> {
  const [machineId, id] = [randomUUID(), randomUUID()];
  await put(`/machines/${machineId}`, machineNamed("Kestrel cylinder proofer"));
  await put(`/positions/${id}`, { machineId, name: "Side cover, rear" });
  return id;
}

const noted = (positionId: string, change: object = {}) => ({
  positionId,
  text: "Thread pulled out with the screw.",
  takenAt: NOW,
  ...change,
});

const listed = async (positionId: string) =>
  remarkListSchema.parse(await (await get(`/positions/${positionId}/remarks`)).json()).remarks;

const refusal = async (answer: Response) => ({
  status: answer.status,
  ...apiErrorSchema.parse(await answer.json()).error,
});

const picture = paintedPicture(120, 80);

describe("what is noted of a position", () => {
  it("stands there with its time and who noted it, the last first, and in the position's history", async () => {
    const at = await position();
    const first = await put(`/remarks/${randomUUID()}?who=Fitter%202`, noted(at));
    expect(remarkSchema.parse(await first.json())).toMatchObject({ who: "Fitter 2", takenAt: NOW });
    await put(
      `/remarks/${randomUUID()}`,
      noted(at, { text: "Insert fitted.", takenAt: "2026-03-03T08:30:00.000Z" }),
    );
    expect((await listed(at)).map(({ text }) => text)).toEqual([
      "Insert fitted.",
      "Thread pulled out with the screw.",
    ]);
    const history = await (await get(`/changes/${at}`)).json();
    const fields = changeListSchema
      .parse(history)
      .changes.map(({ field, became }) => [field, became]);
    expect(fields).toEqual([
      ["remark", "Insert fitted."],
      ["remark", "Thread pulled out with the screw."],
      ["made", "Side cover, rear"],
    ]);
  });

  it("is one note with one picture when tabs send it at once, and its record says that one's size", async () => {
    const at = await position();
    for (let round = 0; round < 6; round += 1) {
      const id = randomUUID();
      const sizes = [40, 80, 120, 160];
      const answers = await Promise.all(
        sizes.map((width) =>
          put(
            `/remarks/${id}`,
            noted(at, { picture: paintedPicture(width, 30).toString("base64") }),
          ),
        ),
      );
      expect(answers.map(({ status }) => status)).toEqual(sizes.map(() => 200));
      const [remark] = (await listed(at)).filter((one) => one.id === id);
      const file = readFileSync(path.join(PICTURES(), `${id}.jpg`));
      expect(remark?.picture).toMatchObject({
        bytes: file.length,
        width: decode(file).width,
      });
    }
    expect(readdirSync(PICTURES()).filter((name) => name.endsWith(".making"))).toEqual([]);
  });

  it("keeps its picture as a file beside the database, and shows it with care", async () => {
    const at = await position();
    const id = randomUUID();
    const saved = await put(
      `/remarks/${id}`,
      noted(at, { text: "", picture: picture.toString("base64") }),
    );
    expect(remarkSchema.parse(await saved.json()).picture).toMatchObject({
      width: 120,
      height: 80,
    });
    expect(decode(readFileSync(path.join(PICTURES(), `${id}.jpg`))).width).toBe(120);
    const shown = await get(`/remarks/${id}/picture`);
    expect(shown.headers.get("content-type")).toBe("image/jpeg");
    expect(shown.headers.get("x-content-type-options")).toBe("nosniff");
    expect(shown.headers.get("content-security-policy")).toContain("default-src 'none'");
    expect(decode(Buffer.from(await shown.arrayBuffer())).height).toBe(80);
  });

  it("has its words changed with its picture left, is taken out, and brought back with it", async () => {
    const at = await position();
    const id = randomUUID();
    await put(`/remarks/${id}`, noted(at, { picture: picture.toString("base64") }));
    await put(`/remarks/${id}?saw=1`, noted(at, { text: "Pulled out." }));
    expect(await listed(at)).toMatchObject([{ text: "Pulled out.", picture: { width: 120 } }]);
    await put(`/remarks/${id}?saw=2`, noted(at, { text: "Pulled out.", removed: true }));
    expect(await listed(at)).toEqual([]);
    await put(`/remarks/${id}?saw=3`, noted(at, { text: "Pulled out." }));
    expect(await listed(at)).toMatchObject([{ picture: { height: 80 } }]);
    expect((await get(`/remarks/${id}/picture`)).status).toBe(200);
  });

  it("is not written over by who has not seen it, and a picture is never changed", async () => {
    const at = await position();
    const id = randomUUID();
    await put(`/remarks/${id}`, noted(at, { picture: picture.toString("base64") }));
    const other = noted(at, { picture: paintedPicture(20, 20).toString("base64") });
    expect((await put(`/remarks/${id}?saw=1`, other)).status).toBe(200);
    expect(decode(readFileSync(path.join(PICTURES(), `${id}.jpg`))).width).toBe(120);
    const late = await put(`/remarks/${id}?saw=0`, noted(at, { text: "Another thing." }));
    expect(await refusal(late)).toMatchObject({ status: 409, code: "conflict" });
    expect((await listed(at))[0]?.text).toBe("Thread pulled out with the screw.");
  });

  it("leaves no file behind where it is refused", async () => {
    const id = randomUUID();
    const answer = await put(
      `/remarks/${id}`,
      noted(randomUUID(), { picture: picture.toString("base64") }),
    );
    expect(await refusal(answer)).toMatchObject({ code: "position-not-found" });
    expect(existsSync(path.join(PICTURES(), `${id}.jpg`))).toBe(false);
    expect(readdirSync(PICTURES()).filter((name) => name.endsWith(".making"))).toEqual([]);
  });
});

describe("what cannot be noted", () => {
  const letters = (bytes: number) => Buffer.alloc(bytes, 7).toString("base64");

  it.each([
    ["a text that calls itself a picture", Buffer.from("<script>").toString("base64"), /JPEG/],
    ["what is no base64", "!!!", /base64/],
    ["half a picture", picture.subarray(0, 400).toString("base64"), /JPEG/],
    ["more than is taken", letters(PICTURE_LIMIT + 3000), /over 4 MB/],
  ])("is %s", async (_what, sent, says) => {
    const at = await position();
    const answer = await refusal(
      await put(`/remarks/${randomUUID()}`, noted(at, { picture: sent })),
    );
    expect(answer).toMatchObject({ status: 400, code: "invalid-body" });
    expect(answer.message).toMatch(says);
    expect(await listed(at)).toEqual([]);
  });

  it("is a photograph of 60 MB, which is refused before it is read", async () => {
    const at = await position();
    const answer = await put(`/remarks/${randomUUID()}`, noted(at, { picture: letters(60e6) }));
    expect(await refusal(answer)).toMatchObject({ status: 413, code: "too-large" });
  });

  it("is nothing at all", async () => {
    const at = await position();
    const answer = await refusal(await put(`/remarks/${randomUUID()}`, noted(at, { text: "  " })));
    expect(answer.message).toMatch(/words, a picture or both/);
  });

  it.each(["..%2f..%2ftest.db", "not-an-id", randomUUID()])(
    "nor is a picture shown that is none: %s",
    async (id) => {
      const { status } = await get(`/remarks/${id}/picture`);
      expect([400, 404]).toContain(status);
    },
  );
});
