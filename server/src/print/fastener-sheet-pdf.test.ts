import { writeFileSync } from "node:fs";
import { startForTest, temporaryFolder } from "../test-server";
import type { RunningServer } from "../start-server";

const temporary = temporaryFolder();
let server: RunningServer;

beforeAll(async () => {
  server = await startForTest(temporary.folder);
});

afterAll(async () => {
  await server.stop();
  temporary.remove();
});

function ask(query: Record<string, string>): Promise<Response> {
  return fetch(`${server.address}/api/fastener-sheet.pdf?${new URLSearchParams(query).toString()}`);
}

async function printed(query: Record<string, string>): Promise<Buffer> {
  const response = await ask(query);
  expect(response.headers.get("content-type")).toBe("application/pdf");
  return Buffer.from(await response.arrayBuffer());
}

describe("the fastener sheet on paper", () => {
  it.each<Record<string, string>>([
    { callout: "7/16-14 x 2-1/4 gr 5 zinc", units: "in", title: "Union lever guillotine" },
    { callout: "M8 x 30 csk" },
    { callout: "M6 x 20 button 10.9", duty: "safety-critical" },
    { callout: "M10 x 60 eye bolt" },
    { callout: "2 BA x 1/2" },
    { callout: "M8 hex nut, 8, zinc", duty: "pressure" },
    { callout: "3/8 washer", units: "in" },
    { callout: "R 1/2 plug" },
  ])("is a whole PDF: %j", async (query) => {
    const bytes = await printed(query);
    expect(bytes.subarray(0, 5).toString()).toBe("%PDF-");
    expect(bytes.subarray(-7).toString()).toContain("%%EOF");
  });

  it.each<Record<string, string>>([
    {
      callout: "7/16-14 x 2-1/4 gr 5 zinc",
      units: "in",
      duty: "safety-critical",
      metal: "cast-iron",
    },
    { callout: "M8 x 30" },
    { callout: "M12 x 50 socket cap screw, 12.9, plain", metal: "cast-iron" },
  ])("is one page: %j", async (query) => {
    const title = "Union lever guillotine: Guard, upper right";
    const bytes = await printed({ ...query, title });
    if (process.env.KEEP_PDF)
      writeFileSync(`${process.env.KEEP_PDF}/sheet-${query.units ?? "mm"}.pdf`, bytes);
    expect(bytes.toString("latin1").match(/\/Type \/Page\b/g)).toHaveLength(1);
  });

  it("keeps nobody else waiting while it is made", async () => {
    const order: string[] = [];
    const asSoonAs = (name: string, done: Promise<unknown>) => done.then(() => order.push(name));
    await Promise.all([
      ...[1, 2, 3].map((at) => asSoonAs("sheet", printed({ callout: `M8 x ${20 + 10 * at}` }))),
      ...[1, 2, 3].map(() => asSoonAs("list", fetch(`${server.address}/api/machines`))),
    ]);
    // What was asked after the sheets is answered before the last of them.
    expect(order).toHaveLength(6);
    expect(order.at(-1)).toBe("sheet");
  });

  it.each([
    [{ callout: "M10 x banana" }, "was not understood"],
    [{}, "callout"],
    [{ callout: "6 x 20 dowel pin" }, "washers, plugs and fittings"],
    [{ callout: "M10", duty: "flying" }, "duty"],
  ])("refuses %j with a sentence", async (query, sentence) => {
    const response = await ask(query);
    const body = (await response.json()) as { error: { code: string; message: string } };
    expect([response.status, body.error.code]).toEqual([400, "invalid-query"]);
    expect(body.error.message).toContain(sentence);
  });
});
