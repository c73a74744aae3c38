import { repairSchema, type RepairInput } from "@root-gauge/contract";
import type { StepRecord } from "@root-gauge/core/mend/repair";
import { randomUUID } from "node:crypto";
import { writeFileSync } from "node:fs";
import type { RunningServer } from "./start-server";
import { startForTest, temporaryFolder } from "./test-server";

const temporary = temporaryFolder();
const machineId = randomUUID();
let server: RunningServer;

const JSON_TYPE = { "content-type": "application/json" };

function send(method: "PUT" | "POST", path: string, body: unknown): Promise<Response> {
  return fetch(`${server.address}${path}`, {
    method,
    headers: JSON_TYPE,
    body: JSON.stringify(body),
  });
}

beforeAll(async () => {
  server = await startForTest(temporary.folder);
  await send("PUT", `/api/machines/${machineId}`, { name: "Kestrel cylinder proofer" });
});

afterAll(async () => {
  await server.stop();
  temporary.remove();
});

/** The stripped M8 of the alloy side cover. */
const COVER: RepairInput["record"]["damage"] = {
  symptom: "strips",
  part: "hole",
  threadId: "iso-m8x1.25",
  material: "aluminium-cast",
  hole: "blind",
  depthMm: 24,
  edgeMm: 12,
  engagementMm: 12,
  gradeId: "8.8",
  duty: "ordinary",
  often: true,
};

const INSERT = "wire-insert iso-m8x1.25";

const step = (code: StepRecord["code"]): StepRecord => ({
  code,
  at: "2026-03-02T09:00:00.000Z",
  note: code === "tap" ? "stiff at first" : "",
  skipped: false,
  felt: [],
});

function repair(
  damage: Partial<RepairInput["record"]["damage"]> = {},
  option: string | undefined = INSERT,
  done: readonly StepRecord[] = [step("lay-out"), step("protect")],
): RepairInput {
  return {
    machineId,
    position: "Side cover, rear",
    takenAt: "2026-03-02T08:30:00.000Z",
    record: {
      damage: { ...COVER, ...damage },
      choice: option === undefined ? {} : { option },
      done,
      former: [],
      used: "drill 8.4 mm",
      outcome: null,
      notes: "",
    },
  };
}

async function refusal(response: Response): Promise<string> {
  expect(response.status).toBe(400);
  const body = (await response.json()) as { error: { message: string } };
  return body.error.message;
}

describe("repairs of a machine", () => {
  it("are kept as they were done, with the server's own words", async () => {
    const id = randomUUID();
    const saved = await send("PUT", `/api/repairs/${id}?saw=0`, repair());
    expect(saved.status).toBe(200);
    const again = repairSchema.parse(
      await (await fetch(`${server.address}/api/repairs/${id}`)).json(),
    );
    expect(again).toMatchObject({
      thread: "M8 x 1.25",
      title: "Wire insert, 1.5 D",
      steps: 17,
      version: 1,
      unreadable: [],
    });
    expect(again.record?.done.map(({ code }) => code)).toEqual(["lay-out", "protect"]);
    const listed = (await (
      await fetch(`${server.address}/api/machines/${machineId}/repairs`)
    ).json()) as {
      repairs: { id: string; record: unknown }[];
    };
    const row = listed.repairs.find((one) => one.id === id);
    expect(row?.record).toEqual({
      outcome: null,
      done: [{ code: "lay-out" }, { code: "protect" }],
    });
  });

  it("are one record when they are sent twice, and refused over a version that was not seen", async () => {
    const id = randomUUID();
    for (let times = 0; times < 2; times += 1) {
      const saved = await send("PUT", `/api/repairs/${id}?saw=0`, repair());
      expect(repairSchema.parse(await saved.json()).version).toBe(1);
    }
    const other = { ...repair(), position: "Side cover, front" };
    expect((await send("PUT", `/api/repairs/${id}?saw=0`, other)).status).toBe(409);
    expect((await send("PUT", `/api/repairs/${id}?saw=1`, other)).status).toBe(200);
  });

  it.each([
    ["no wall", repair({ edgeMm: 5.5 }), /wall to the edge would be 0.69 mm/],
    ["safety, not read", repair({ duty: "safety-critical" }), /Read the caution first/],
    ["a building", repair({ structural: true }), /engineer’s drawing/],
    ["a current", repair({ duty: "electrical" }), /path of the current/],
    ["a wall that is gone", repair({ edgeMm: 3 }), /no wall left/],
    ["another thread's bore", repair({ boreMm: 12 }), /Measure again/],
    ["no drill", repair({ tools: { drillSets: [] } }), /not one drill/],
    ["no such thread", repair({ threadId: "iso-m8x9" }), /no such thread/],
    ["no such class", repair({ gradeId: "iso-8.8" }), /no such class/],
    [
      "more steps than there are",
      repair(
        {},
        INSERT,
        Array.from({ length: 18 }, () => step("clean")),
      ),
      /plan has 17 steps/,
    ],
  ])("are refused where the screen refuses them: %s", async (_what, input, sentence) => {
    const path = `/api/repairs/${randomUUID()}?saw=0`;
    expect(await refusal(await send("PUT", path, input))).toMatch(sentence);
    const paper = { record: input.record, units: "mm" };
    expect(await refusal(await send("POST", "/api/work-plan.pdf", paper))).toMatch(sentence);
  });

  it("say what is missing where there is no such machine", async () => {
    const input = { ...repair(), machineId: randomUUID() };
    expect((await send("PUT", `/api/repairs/${randomUUID()}?saw=0`, input)).status).toBe(404);
    expect((await fetch(`${server.address}/api/repairs/${randomUUID()}`)).status).toBe(404);
  });
});

describe("a work plan on paper", () => {
  it.each([
    ["an insert", repair()],
    ["a bush", repair({}, "solid-bush iso-m8x1.25")],
    ["a plug, the longest of plans", repair({}, "plug-and-redrill iso-m8x1.25")],
    ["a new hole", repair({ symptom: "new", threadId: "iso-m10x1.5" }, undefined, [])],
    [
      "the oil cup",
      repair(
        {
          symptom: "too-small",
          threadId: "bsw-1/4-20",
          material: "grey-iron",
          hole: "through",
          depthMm: 8,
          edgeMm: 9,
          purpose: "plug",
          behind: true,
        },
        "oversize bsw-5/16-18",
      ),
    ],
    [
      "the flange",
      repair(
        {
          symptom: "too-small",
          threadId: "iso-m6x1",
          material: "mild-steel",
          depthMm: 22,
          boreMm: 8.6,
          edgeMm: 14,
          matingHoleMm: 8.6,
          headRoomMm: 28,
          duty: "vibrating",
        },
        "oversize iso-m10x1.5",
      ),
    ],
    ["a stump", repair({ symptom: "snapped" }, "extract iso-m8x1.25")],
    [
      "a joint that leaks",
      repair(
        { symptom: "leaks", threadId: "g-1/2", maleId: "npt-1/2", medium: "water" },
        "adaptor g-1/2",
        [],
      ),
    ],
    [
      "a stud of no standard",
      repair(
        { symptom: "bruised", part: "screw", threadId: "odd-12.3x1.27" },
        "file odd-12.3x1.27",
      ),
    ],
  ])("is one page: %s", async (what, { record }) => {
    const title = "Kestrel cylinder proofer: Side cover, rear";
    const response = await send("POST", "/api/work-plan.pdf", { record, units: "mm", title });
    expect(response.headers.get("content-type")).toBe("application/pdf");
    const pdf = Buffer.from(await response.arrayBuffer());
    if (process.env.KEEP_PDF)
      writeFileSync(`${process.env.KEEP_PDF}/${what.split(",")[0]}.pdf`, pdf);
    expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
    expect(pdf.toString("latin1").match(/\/Type \/Page\b/g)).toHaveLength(1);
  });
});
