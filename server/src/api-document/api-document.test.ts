import { execFileSync } from "node:child_process";
import { readFileSync, readdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { API_ERRORS, apiErrorSchema } from "@root-gauge/contract";
import { OPERATIONS, type Operation } from "@root-gauge/contract/operations";
import { MACHINE, OTHER, RECORD, RIGHT_BODIES } from "../test-bodies";
import { serverForTests } from "../test-server";
import { apiDocument, refusalsOf } from "./document";

const VALIDATOR = path.resolve(
  "node_modules/@seriousme/openapi-schema-validator/bin/validate-api-cli.js",
);

const ASKED: Readonly<Record<string, string>> = {
  printFastenerSheet: "?callout=M10+x+40+8.8",
  // From the first on: what was changed is told at once.
  followEvents: "?after=0",
};

/** What the first event of a stream says. */
async function firstOf(stream: ReadableStream<Uint8Array> | null): Promise<unknown> {
  const reader = stream?.pipeThrough(new TextDecoderStream()).getReader();
  for (let text = ""; reader !== undefined;) {
    const { value = "", done } = await reader.read();
    text += value;
    const [, data] = /^data: ?(.*)\n/m.exec(text) ?? [];
    if (data !== undefined) return JSON.parse(data);
    if (done) break;
  }
  return undefined;
}

const server = serverForTests();

const isMachines = ({ path: address }: Operation) => address.startsWith("/machines");

async function called(operation: Operation, id = isMachines(operation) ? MACHINE : RECORD) {
  let asked = ASKED[operation.id] ?? "";
  if (operation.id === "mergePosition") {
    await server.put(`/positions/${OTHER}`, { machineId: MACHINE, name: "Clamp bar, left" });
    const seen = await server.get(`/positions/${id}`);
    const { version } = (await seen.json()) as { version: number };
    asked = `?saw=${version}`;
  }
  const address = operation.path.replace("{id}", id) + asked;
  const body = RIGHT_BODIES[operation.id];
  const stop = new AbortController();
  const answer = await fetch(`${server.address()}/api${address}`, {
    method: operation.method.toUpperCase(),
    signal: stop.signal,
    ...(body === undefined
      ? {}
      : { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
  });
  return { answer, stop };
}

// A record is written before it is read.
const IN_ORDER = [...OPERATIONS].sort(
  (a, b) => Number(b.method === "put") - Number(a.method === "put"),
);

describe("the API's document", () => {
  it("is a sound OpenAPI 3.1 document, as it is served", async () => {
    const served: unknown = await (await fetch(`${server.address()}/api/openapi.json`)).json();
    const file = path.join(server.folder, "openapi.json");
    writeFileSync(file, JSON.stringify(served));
    // The validator is no module for these tests to load; it exits with 1 and says why where the document is unsound.
    const said = execFileSync(process.execPath, [VALIDATOR, file], { encoding: "utf8" });
    expect(said).toContain('"valid": true');
    expect(served).toMatchObject({ openapi: expect.stringMatching(/^3\.1\./) as string });
    expect(served).toEqual(JSON.parse(JSON.stringify(apiDocument())));
  });

  it.each(IN_ORDER.map((operation) => [operation.id, operation] as const))(
    "%s answers as it says",
    async (_id, operation) => {
      const { answer, stop } = await called(operation);
      expect(answer.status).toBe(200);
      const type = answer.headers.get("content-type") ?? "";
      const { answer: promised } = operation;
      if (promised.as === "json") {
        expect(type).toContain("application/json");
        expect(promised.schema.safeParse(await answer.json()).success).toBe(true);
      } else if (promised.as === "jpeg") {
        expect(type).toBe("image/jpeg");
        const bytes = Buffer.from(await answer.arrayBuffer());
        expect([...bytes.subarray(0, 2)]).toEqual([0xff, 0xd8]);
      } else if (promised.as === "pdf") {
        expect(type).toContain("application/pdf");
        expect((await answer.text()).startsWith("%PDF-")).toBe(true);
      } else if (promised.as === "event-stream") {
        expect(type).toContain("text/event-stream");
        expect(promised.schema.safeParse(await firstOf(answer.body)).success).toBe(true);
      }
      stop.abort();
    },
  );

  it.each(OPERATIONS.filter(({ params }) => params).map((one) => [one.id, one] as const))(
    "%s refuses what is no id, as it says",
    async (_id, operation) => {
      const { answer } = await called(operation, "not-an-id");
      const { error } = apiErrorSchema.parse(await answer.json());
      expect(refusalsOf(operation)).toContain(error.code);
      expect(error.code).toBe("invalid-id");
      expect(answer.status).toBe(API_ERRORS[error.code].status);
    },
  );

  it.each(OPERATIONS.filter(({ body }) => body).map((one) => [one.id, one] as const))(
    "%s refuses a body that it does not take, as it says",
    async (_id, operation) => {
      const id = isMachines(operation) ? MACHINE : RECORD;
      const answer = await fetch(`${server.address()}/api${operation.path.replace("{id}", id)}`, {
        method: operation.method.toUpperCase(),
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ colour: "brass" }),
      });
      const { error } = apiErrorSchema.parse(await answer.json());
      expect(error.code).toBe("invalid-body");
      expect(refusalsOf(operation)).toContain(error.code);
    },
  );

  it("leaves out none of the routes that are written", () => {
    const written = readdirSync(path.resolve("server/src"), { recursive: true, encoding: "utf8" })
      .filter((name) => /^(?:routes|simulators)\/.*(?<!\.test)\.ts$/.test(name))
      .flatMap((name) => [
        ...readFileSync(path.resolve("server/src", name), "utf8").matchAll(
          /router\.(get|put|post|delete)\("([^"]+)"/g,
        ),
      ])
      .map(([, method = "", address = ""]) => `${method} ${address.replace(/:(\w+)/g, "{$1}")}`);
    const named = OPERATIONS.map(({ method, path: address }) => `${method} ${address}`);
    expect([...named, "get /openapi.json", "get /reference"].sort()).toEqual(written.sort());
  });

  it("names every operation once, and each refusal that is one of the catalogue's", () => {
    const ids = OPERATIONS.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    const places = OPERATIONS.map(({ method, path: address }) => `${method} ${address}`);
    expect(new Set(places).size).toBe(places.length);
  });
});

describe("the page of it", () => {
  it("names every operation and every refusal, and runs no script", async () => {
    const page = await fetch(`${server.address()}/api/reference`);
    const html = await page.text();
    expect(page.headers.get("content-type")).toContain("text/html");
    for (const { does, path: address } of OPERATIONS) {
      expect(html).toContain(does);
      expect(html).toContain(`/api${address}`);
    }
    for (const { means } of Object.values(API_ERRORS)) expect(html).toContain(means);
    expect(html).not.toMatch(/<script|https?:\/\//);
  });
});
