import { request } from "node:http";
import {
  API_ERRORS,
  API_ERROR_CODES,
  apiErrorSchema,
  caliperFigureSchema,
  circumstancesSchema,
  healthSchema,
  identificationSchema,
  machineListSchema,
  machineSchema,
  readingSchema,
  type IdentificationInput,
} from "@root-gauge/contract";
import { drivesOf } from "@root-gauge/core";
import { FINISHES, HEAD_STYLES } from "@root-gauge/core/lists";
import { DUTIES, ENVIRONMENTS, PART_METALS } from "@root-gauge/core/catalogue/circumstances";
import { serverForTests } from "./test-server";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const NOWHERE = "11111111-2222-4333-8444-555555555555";

const INPUT: IdentificationInput = {
  machineId: MACHINE,
  position: "Clamp bar, left front",
  readings: [
    { kind: "external-diameter", mm: 12.52, instrument: "caliper" },
    { kind: "leaf", tpi: 13, outcome: "drops-in" },
  ],
  options: {},
  notes: "Three lines on the head.",
  replacement: null,
  takenAt: "2026-03-02T08:30:00.000Z",
};

const server = serverForTests();

const get = (address: string) => fetch(server.address() + address);

function put(address: string, body: unknown, type = "application/json"): Promise<Response> {
  const text = typeof body === "string" ? body : JSON.stringify(body);
  return fetch(server.address() + address, {
    method: "PUT",
    headers: { "content-type": type },
    body: text,
  });
}

async function refusalOf(response: Response) {
  const text = await response.text();
  expect(text).not.toMatch(/node_modules|at .*\.ts|Error:/);
  return { status: response.status, ...apiErrorSchema.parse(JSON.parse(text)).error };
}

describe("saving and finding", () => {
  it("stores what the readings say, computed here, once for the same id", async () => {
    await put(`/api/machines/${MACHINE}`, {
      name: "Union lever guillotine",
      origin: "United States, 1951",
    });
    const first = await put(`/api/identifications/${PART}`, INPUT);
    expect(first.status).toBe(200);
    const again = await put(`/api/identifications/${PART}?saw=1`, { ...INPUT, notes: "Changed." });
    const saved = identificationSchema.parse(await again.json());
    expect(saved.result.verdict).toBe("settled");
    expect(saved.result.candidates[0]).toMatchObject({ threadId: "unc-1/2-13" });
    expect(saved.result.candidates[0]?.probability).toBeGreaterThan(0.95);

    const machine = machineSchema.parse(await (await get(`/api/machines/${MACHINE}`)).json());
    expect(machine).toMatchObject({ identifications: 1, states: { identified: 1 } });
    const found = await get(`/api/machines/${MACHINE}/identifications`);
    const { notes: _notes, createdAt: _createdAt, ...row } = saved;
    expect(await found.json()).toEqual({ identifications: [row], next: null });
    expect(saved.notes).toBe("Changed.");
    expect(saved.readings).toEqual(INPUT.readings);
    const { machines } = machineListSchema.parse(await (await get("/api/machines")).json());
    expect(machines.map(({ name }) => name)).toEqual(["Union lever guillotine"]);
  });

  it("never stores a client's claim as the result", async () => {
    const claim = { ...INPUT, result: { verdict: "settled", unknown: 0, candidates: [] } };
    const refusal = await refusalOf(await put(`/api/identifications/${PART}`, claim));
    expect(refusal).toMatchObject({ status: 400, code: "invalid-body" });
    expect(refusal.message).toContain("result");
  });

  it("says that it is well", async () => {
    const health = healthSchema.parse(await (await get("/api/health")).json());
    expect(health.threads).toBeGreaterThan(200);
  });
});

describe("refusing", () => {
  it.each<[string, unknown, string]>([
    ["a body that is not JSON", "{ readings:", "invalid-json"],
    ["an unknown field", { ...INPUT, colour: "brass" }, "invalid-body"],
    ["no readings", { ...INPUT, readings: [] }, "invalid-body"],
    [
      "a diameter of 5 m",
      { ...INPUT, readings: [{ kind: "external-diameter", mm: 5000 }] },
      "invalid-body",
    ],
    [
      "a leaf with two marks",
      { ...INPUT, readings: [{ kind: "leaf", tpi: 13, pitchMm: 2, outcome: "rocks" }] },
      "invalid-body",
    ],
    ["a reading of no kind", { ...INPUT, readings: [{ kind: "guess", mm: 10 }] }, "invalid-body"],
    ["2 MB of JSON", { ...INPUT, notes: "x".repeat(2_000_000) }, "too-large"],
    ["a machine that is not there", { ...INPUT, machineId: NOWHERE }, "machine-not-found"],
  ])("%s", async (_name, body, code) => {
    const refusal = await refusalOf(await put(`/api/identifications/${PART}?saw=1`, body));
    expect(refusal.code).toBe(code);
    expect(refusal.status).toBe(API_ERRORS[refusal.code].status);
    expect(refusal.message).not.toBe("");
  });

  it("names the place of each fault", async () => {
    const body = { ...INPUT, readings: [{ kind: "external-diameter", mm: -1 }], notes: 7 };
    const { issues } = await refusalOf(await put(`/api/identifications/${PART}`, body));
    expect(issues?.map((issue) => issue.path).sort()).toEqual(["notes", "readings.0.mm"]);
  });

  it.each([
    ["/api/machines/not-an-id", "invalid-id"],
    [`/api/machines/${NOWHERE}`, "machine-not-found"],
    [`/api/identifications/${NOWHERE}`, "identification-not-found"],
    ["/api/nothing", "no-such-address"],
    ["/_expo/static/js/gone.js", "no-such-address"],
    ["/api/machines/%E0%A4%A", "no-such-address"],
  ])("GET %s: %s", async (address, code) => {
    const refusal = await refusalOf(await get(address));
    expect(refusal).toMatchObject({ code, status: API_ERRORS[refusal.code].status });
  });

  it("takes JSON only", async () => {
    const refusal = await refusalOf(await put(`/api/machines/${MACHINE}`, "name=x", "text/plain"));
    expect(refusal).toMatchObject({ status: 415, code: "wrong-content-type" });
  });

  it("says which fields a record has to who changed another", async () => {
    const sent = { name: "Union lever guillotine", origin: "", year: null, stands: "", notes: "" };
    const refusal = await refusalOf(
      await put(`/api/machines/${MACHINE}?touched=name,colour`, sent),
    );
    expect(refusal).toMatchObject({ status: 400, code: "invalid-query" });
    expect(refusal.message).toMatch(/^Read “colour” as changed\. Accepted: name, origin, year/);
  });

  it("outlives a client that hangs up in the middle", async () => {
    await new Promise<void>((resolve) => {
      const half = request(`${server.address()}/api/machines/${MACHINE}`, {
        method: "PUT",
        headers: { "content-type": "application/json", "content-length": "5000" },
      });
      half.on("error", () => resolve());
      half.write('{"name":');
      setTimeout(() => half.destroy(), 50);
    });
    expect((await get("/api/health")).status).toBe(200);
  });

  it("has a status for every code and an error status for each", () => {
    for (const code of API_ERROR_CODES) expect(API_ERRORS[code].status).toBeGreaterThanOrEqual(400);
  });
});

describe("what comes broken", () => {
  const raw = (headers: Record<string, string>, body: string | Buffer, method = "PUT") =>
    new Promise<number>((resolve, reject) => {
      const sent = request(
        `${server.address()}/api/machines/${MACHINE}`,
        { method, headers, agent: false },
        (answer) => {
          answer.resume();
          answer.on("end", () => resolve(answer.statusCode ?? 0));
        },
      );
      sent.on("error", reject);
      sent.end(method === "GET" ? undefined : body);
    });
  const json = { "content-type": "application/json" };

  it.each(["gzip", "deflate", "br"])("a body that is not %s as it says: 400", async (encoding) => {
    expect(await raw({ ...json, "content-encoding": encoding }, "not compressed at all")).toBe(400);
  });

  it("a part that is not there, and a version that is not: 416 and 412", async () => {
    const ask = (headers: Record<string, string>) =>
      fetch(`${server.address()}/index.html`, { headers }).then(({ status }) => status);
    expect(await ask({ range: "bytes=999999-" })).toBe(416);
    expect(await ask({ "if-match": '"another"' })).toBe(412);
    expect(await ask({ "if-unmodified-since": "Mon, 01 Jan 1990 00:00:00 GMT" })).toBe(412);
  });

  it("a name that this server is not known by: 421, and figures and its own names are answered", async () => {
    const as = (host: string) => raw({ ...json, host }, "{}", "GET");
    expect(await as("stranger.example")).toBe(421);
    expect(await as("stranger.example:4780")).toBe(421);
    expect(await as("localhost:1")).toBeLessThan(300);
    expect(await as("[::1]:4780")).toBeLessThan(300);
    expect(await as("192.168.1.20")).toBeLessThan(300);
  });

  it("an older copy: 409, and what is stored stays", async () => {
    const device = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
    const newer = await put(`/api/identifications/${PART}?device=${device}&saw=2`, {
      ...INPUT,
      notes: "The newer.",
    });
    expect(newer.status).toBe(200);
    const refusal = await refusalOf(
      await put(`/api/identifications/${PART}?saw=2`, { ...INPUT, notes: "The older." }),
    );
    expect(refusal).toMatchObject({ status: 409, code: "conflict" });
    const stored = identificationSchema.parse(
      await (await get(`/api/identifications/${PART}`)).json(),
    );
    expect(stored).toMatchObject({ notes: "The newer.", version: 3 });
  });
});

describe("the app's page", () => {
  it("answers addresses of the app, and allows no foreign origin", async () => {
    const page = await get("/machine/anything");
    expect([page.status, await page.text()]).toEqual([200, "<title>app</title>"]);
    const policy = page.headers.get("content-security-policy") ?? "";
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/https?:|\*/);
    expect(page.headers.get("x-powered-by")).toBeNull();
  });

  it.each(["/nothing", "/machines/one/two", "/charts/thread/extra", "/index.php/x"])(
    "answers %s, which is no page, with 404 and the page that leads on",
    async (address) => {
      const page = await get(address);
      expect([page.status, await page.text()]).toEqual([404, "<title>app</title>"]);
    },
  );
});

describe("the caliper", () => {
  it("streams figures as server-sent events, and answers its buttons", async () => {
    const stop = new AbortController();
    const stream = await fetch(`${server.address()}/api/caliper`, { signal: stop.signal });
    expect(stream.headers.get("content-type")).toContain("text/event-stream");
    const reader = stream.body?.getReader();
    const first = new TextDecoder().decode((await reader?.read())?.value);
    expect(caliperFigureSchema.parse(JSON.parse(first.replace(/^data: /, "")))).toMatchObject({
      held: false,
    });
    stop.abort();
    const held = await fetch(`${server.address()}/api/caliper`, {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ press: "hold" }),
    });
    expect(await held.json()).toMatchObject({ held: true });
  });

  it("is shown on so many screens and no more, and on another when one is closed", async () => {
    const open = async () => {
      const stop = new AbortController();
      const answer = await fetch(`${server.address()}/api/caliper`, { signal: stop.signal });
      return { status: answer.status, close: () => stop.abort() };
    };
    const streams = [];
    for (let at = 0; at < 14; at += 1) streams.push(await open());
    expect(streams.map(({ status }) => status)).toEqual([...Array<number>(12).fill(200), 503, 503]);
    streams.forEach(({ close }) => close());
    // The server hears of a closed screen when it hears of it: asked until it has.
    let again = await open();
    while (again.status === 503) again = await open();
    expect(again.status).toBe(200);
    again.close();
  });

  it("is asked for its head alone and holds no stream for it", async () => {
    for (let at = 0; at < 30; at += 1) {
      const head = await fetch(`${server.address()}/api/caliper`, { method: "HEAD" });
      expect([head.status, head.headers.get("content-type")]).toEqual([200, "text/event-stream"]);
    }
  });

  it("refuses a button it does not have", async () => {
    const response = await fetch(`${server.address()}/api/caliper`, {
      method: "PUT",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ press: "throw" }),
    });
    expect(response.status).toBe(400);
  });
});

describe("what goes in", () => {
  const replacement = {
    callout: "7/16-14 x 2-1/4 gr 5 zinc",
    circumstances: { duty: "ordinary", environment: "indoor", metal: "steel" },
    acknowledgedAt: null,
  };

  it("is stored with the part, and kept when the part is read again", async () => {
    const saved = await put(`/api/identifications/${PART}?saw=3`, { ...INPUT, replacement });
    expect(identificationSchema.parse(await saved.json()).replacement).toEqual(replacement);
    const found = await get(`/api/identifications/${PART}`);
    expect(identificationSchema.parse(await found.json()).replacement).toEqual(replacement);
  });

  it("is refused with its sentence when it reads as no part", async () => {
    const refused = await put(`/api/identifications/${PART}`, {
      ...INPUT,
      replacement: { ...replacement, callout: "M10 x banana" },
    });
    const { error } = apiErrorSchema.parse(await refused.json());
    expect([refused.status, error.code]).toEqual([400, "invalid-body"]);
    expect(error.message).toContain("“banana”");
    expect(error.issues?.[0]?.path).toBe("replacement.callout");
  });
});

describe("what core knows of a part", () => {
  it("is taken at the border, every head, drive, finish, duty, place and metal of it", () => {
    for (const head of HEAD_STYLES) {
      for (const drive of drivesOf(head)) {
        expect(readingSchema.parse({ kind: "head-style", head, drive })).toBeTruthy();
      }
    }
    for (const finish of FINISHES) {
      expect(readingSchema.parse({ kind: "finish", finish })).toBeTruthy();
    }
    for (const duty of DUTIES) {
      for (const environment of ENVIRONMENTS) {
        for (const metal of PART_METALS) {
          const circumstances = { duty, environment, metal };
          expect(circumstancesSchema.parse(circumstances)).toEqual(circumstances);
        }
      }
    }
  });
});
