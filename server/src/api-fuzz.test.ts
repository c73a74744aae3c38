import { seededRandom, type SeededRandom } from "@root-gauge/core/random";
import { request } from "node:http";
import { gzipSync } from "node:zlib";
import { seedDemo } from "./demo/seed-demo";
import type { RunningServer } from "./start-server";
import { listMachines } from "./store/machines";
import { REPAIR_BEGUN, paintedPicture, startForTest, temporaryFolder } from "./test-server";

const REQUESTS = 2000;
const SEED = 20261126;

const temporary = temporaryFolder();
let server: RunningServer;
let ids: string[];

beforeAll(async () => {
  server = await startForTest(temporary.folder);
  await seedDemo(server.store);
  ids = (await listMachines(server.store)).items.map(({ id }) => id);
});

afterAll(async () => {
  await server.stop();
  temporary.remove();
});

const NAMES = [
  ...Object.getOwnPropertyNames(Object.prototype),
  ...Object.getOwnPropertyNames(Array.prototype),
];

function pick<Item>(items: readonly Item[], random: SeededRandom): Item {
  const item = items[Math.floor(random.even() * items.length)];
  if (item === undefined) throw new Error("nothing to pick from");
  return item;
}

function anyText(random: SeededRandom): string {
  return pick(
    [
      pick(NAMES, random),
      "",
      "-1",
      "1e999",
      "NaN",
      "½″ Ø '); drop table machines;--",
      "\u0000\uffff",
      "x".repeat(Math.floor(random.even() * 3000)),
      "2026-03-02T08:30:00.000Z|00000000-0000-4000-8000-000000000000",
      pick(ids, random),
    ],
    random,
  );
}

function anyValue(random: SeededRandom, depth = 0): unknown {
  if (depth > 2 || random.even() < 0.5) {
    return pick<unknown>(
      [null, true, 0, -1, 12.52, 1e308, 0.1 + 0.2, [], {}, anyText(random), "external-diameter"],
      random,
    );
  }
  if (random.even() < 0.4) {
    return Array.from({ length: Math.floor(random.even() * 5) }, () => anyValue(random, depth + 1));
  }
  const keys = [
    "kind",
    "mm",
    "machineId",
    "readings",
    "options",
    "notes",
    "name",
    "callout",
    anyText(random),
  ];
  return Object.fromEntries(
    keys.filter(() => random.even() < 0.5).map((key) => [key, anyValue(random, depth + 1)]),
  );
}

/** Something as it would be saved, with one thing in it made anything. */
function almostRight(random: SeededRandom): Record<string, unknown> {
  const right = pick(
    [partToSave, positionToSave, repairToSave, wordToSave, remarkToSave],
    random,
  )(random);
  right[pick(Object.keys(right), random)] = anyValue(random);
  return right;
}

const wordToSave = (): Record<string, unknown> => ({ word: "wibble", means: { kind: "nothing" } });

function positionToSave(random: SeededRandom): Record<string, unknown> {
  return {
    machineId: pick(ids, random),
    parentId: random.even() < 0.5 ? null : pick(ids, random),
    name: "Clamp bar",
    rank: 1,
    alike: 4,
    state: "to-order",
    spec: null,
    notes: "",
  };
}

function remarkToSave(random: SeededRandom): Record<string, unknown> {
  return {
    positionId: pick(ids, random),
    text: "Thread sound, head rounded.",
    takenAt: "2026-03-02T08:30:00.000Z",
    picture: paintedPicture(8, 8).toString("base64"),
  };
}

function repairToSave(random: SeededRandom): Record<string, unknown> {
  return {
    machineId: pick(ids, random),
    position: "Side cover / rear",
    record: REPAIR_BEGUN,
    takenAt: "2026-03-02T08:30:00.000Z",
  };
}

function partToSave(random: SeededRandom): Record<string, unknown> {
  return {
    machineId: pick(ids, random),
    position: "Frame bolt, lower left",
    readings: [{ kind: "external-diameter", mm: 12.5 }],
    options: {},
    notes: "",
    replacement: {
      callout: "M8 x 30 8.8",
      circumstances: { duty: "ordinary", environment: "indoor", metal: "steel" },
      acknowledgedAt: null,
    },
    takenAt: "2026-03-02T08:30:00.000Z",
  };
}

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly headers: Record<string, string>;
  readonly body: string | Buffer;
}

function anyRequest(random: SeededRandom): Asked {
  const id =
    random.even() < 0.6 ? pick(ids, random) : encodeURIComponent(anyText(random)).slice(0, 500);
  const query = new URLSearchParams({
    [pick(
      [
        "after",
        "q",
        "saw",
        "device",
        "touched",
        "who",
        "callout",
        "duty",
        "units",
        anyText(random),
      ],
      random,
    )]: anyText(random),
  });
  const path = pick(
    [
      `/api/machines/${id}`,
      `/api/identifications/${id}`,
      `/api/positions/${id}`,
      `/api/changes/${id}`,
      `/api/repairs/${id}`,
      `/api/words/${id}`,
      `/api/remarks/${id}`,
      `/api/machines/${id}/positions`,
      "/api/search",
      "/api/to-order",
      "/api/machines",
      "/api/fastener-sheet.pdf",
      "/api/health",
      `/${id}`,
      "/machines/../../etc/passwd",
      "/%E0%A4%A",
      "/_expo/%2e%2e/x",
    ],
    random,
  );
  const value = random.even() < 0.5 ? almostRight(random) : anyValue(random);
  const text = random.even() < 0.9 ? JSON.stringify(value) : anyText(random);
  const packed = random.even() < 0.15;
  return {
    method: pick(["GET", "PUT", "PUT", "POST", "DELETE", "HEAD", "OPTIONS", "PATCH"], random),
    path: `${path}?${query.toString().slice(0, 2000)}`,
    headers: {
      "content-type": pick(["application/json", "application/json", "text/plain", "x"], random),
      ...(packed ? { "content-encoding": pick(["gzip", "br", "deflate", "odd"], random) } : {}),
      ...(random.even() < 0.1 ? { range: "bytes=5-2" } : {}),
      ...(random.even() < 0.1 ? { "if-match": '"x"' } : {}),
    },
    body: packed && random.even() < 0.5 ? gzipSync(text) : text,
  };
}

function statusOf({ method, path, headers, body }: Asked): Promise<number> {
  return new Promise((resolve, reject) => {
    const sent = request(server.address + path, { method, headers, agent: false }, (answer) => {
      answer.resume();
      answer.on("end", () => resolve(answer.statusCode ?? 0));
    });
    sent.on("error", reject);
    sent.end(method === "GET" || method === "HEAD" ? undefined : body);
  });
}

it(`answers ${REQUESTS} requests of every kind without a fault of its own (seed ${SEED})`, async () => {
  const random = seededRandom(SEED);
  const counts = new Map<number, number>();
  for (let at = 0; at < REQUESTS; at += 1) {
    const asked = anyRequest(random);
    const status = await statusOf(asked);
    counts.set(status, (counts.get(status) ?? 0) + 1);
    if (status >= 500) throw new Error(`${status} for ${JSON.stringify(asked).slice(0, 800)}`);
  }
  // It was not refused as a whole: some went through, and each way of saying no was met.
  expect(counts.get(200)).toBeGreaterThan(50);
  for (const status of [400, 404, 415]) expect(counts.get(status)).toBeGreaterThan(10);
  expect((await listMachines(server.store)).items.length).toBeGreaterThanOrEqual(ids.length);
});
