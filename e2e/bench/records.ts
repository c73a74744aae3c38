import { randomUUID } from "node:crypto";
import { readFileSync, statSync } from "node:fs";
import { DatabaseSync } from "@photostructure/sqlite";
import { bundleServer } from "../support/bundle-server";
import { put } from "../support/put";
import { startTestServer, type TestServer } from "../support/server";
import { print, quantile, spreadWords } from "./report";
import { watchedLoop } from "./watched-loop";

const POSITIONS = 50_000;
/** So many of them on one machine. */
const LARGE = 20_000;
const WITHIN = 20;
const SAVES = 200;
const MERGES = 40;
const CLIENTS = 40;
const CLIENTS_MS = 10_000;
const SHEETS = 60;
const TICKS = 200;

interface Works {
  readonly large: string;
  readonly places: readonly string[];
}

const AT = "2026-03-02T08:30:00.000Z";

/** A works written straight into the file of a server that stands still: one machine has 20,000 places, twenty within each. */
function fill(file: string): Works {
  const database = new DatabaseSync(file);
  const large = randomUUID();
  const rest = randomUUID();
  database.exec("begin");
  const machine = database.prepare(
    "insert into machines (id, name, origin, stands, notes, created_at, updated_at) values (?, ?, '', '', '', ?, ?)",
  );
  machine.run(large, "Rotary press", AT, AT);
  machine.run(rest, "The rest", AT, AT);
  const position = database.prepare(
    `insert into positions (id, machine_id, parent_id, name, rank, alike, state, spec, notes, created_at, updated_at)
     values (?, ?, ?, ?, ?, 1, 'identified', null, '', ?, ?)`,
  );
  const places = Array.from({ length: POSITIONS }, () => randomUUID());
  for (const [at, id] of places.entries()) {
    const outer = at % WITHIN === 0 ? null : places[at - (at % WITHIN)];
    position.run(id, at < LARGE ? large : rest, outer, `Place ${at}`, at, AT, AT);
  }
  database.exec("commit");
  database.exec("pragma user_version = 0");
  database.close();
  return { large, places: places.slice(0, LARGE) };
}

async function timesOf(count: number, one: (at: number) => Promise<unknown>): Promise<number[]> {
  const times: number[] = [];
  for (let at = 0; at < count; at += 1) {
    const start = performance.now();
    await one(at);
    times.push(performance.now() - start);
  }
  return times;
}

async function benchSaves(server: TestServer, { large, places }: Works): Promise<void> {
  const place = (at: number) => places[(at * 97) % LARGE] ?? "";
  const notes = await timesOf(SAVES, (at) =>
    put(server, `/remarks/${randomUUID()}`, { positionId: place(at), text: "Sound.", takenAt: AT }),
  );
  print(`a note among ${LARGE} places of one machine: ${spreadWords(notes, 1)} (aim: p95 20)`);
  const finding = {
    machineId: large,
    readings: [{ kind: "external-diameter", mm: 9.85 }],
    options: {},
    notes: "",
    takenAt: AT,
  };
  const findings = await timesOf(SAVES, (at) => {
    const where = { position: `Place ${at * WITHIN}` };
    return put(server, `/identifications/${randomUUID()}`, { ...finding, ...where });
  });
  print(`a finding there, its place by name: ${spreadWords(findings, 1)} (aim: p95 20)`);
  const merges = await timesOf(MERGES, (at) => {
    const [from, into] = [4000 + at * 2 * WITHIN, 4000 + at * 2 * WITHIN + WITHIN];
    const body = { into: places[into], saw: 1 };
    return put(server, `/positions/${places[from]}/merge?saw=1`, body, "POST");
  });
  print(`two places with ${WITHIN} within made one: ${spreadWords(merges, 1)} (aim: 100)`);
}

/** How soon a change is told to a screen that follows. */
async function benchEvents(server: TestServer, { places }: Works): Promise<void> {
  const stop = new AbortController();
  const answer = await fetch(`${server.address}/api/events`, { signal: stop.signal });
  const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader();
  if (reader === undefined) throw new Error("no stream");
  await reader.read();
  const times = await timesOf(50, async (at) => {
    const body = { positionId: places[at], text: "Seen.", takenAt: AT };
    await put(server, `/remarks/${randomUUID()}`, body);
    for (let text = ""; !text.includes("event:change");) text += (await reader.read()).value ?? "";
  });
  stop.abort();
  print(`a save, to the event on another screen: ${spreadWords(times, 1)} (aim: 500)`);
}

async function benchClients(server: TestServer, { large, places }: Works): Promise<void> {
  const until = performance.now() + CLIENTS_MS;
  const times: number[] = [];
  const client = async (at: number) => {
    for (let turn = at; performance.now() < until; turn += CLIENTS) {
      const start = performance.now();
      const place = places[(turn * 31) % LARGE] ?? "";
      if (turn % 5 === 0) {
        const body = { positionId: place, text: `Note ${turn}`, takenAt: AT };
        await put(server, `/remarks/${randomUUID()}`, body);
      } else {
        const reads = [
          `/positions/${place}`,
          `/machines/${large}`,
          "/machines",
          `/changes/${place}`,
        ];
        await (await fetch(`${server.address}/api${reads[turn % 4]}`)).arrayBuffer();
      }
      times.push(performance.now() - start);
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, at) => client(at)));
  const p99 = quantile(times, 0.99).toFixed(0);
  print(`${CLIENTS} clients without a pause: ${times.length} answers, p99 ${p99} ms (aim: 500)`);
}

async function benchOrder(server: TestServer): Promise<void> {
  const id = randomUUID();
  const lines = Array.from({ length: TICKS }, (_, at) => ({
    ...{ id: randomUUID(), callout: `M8 x ${20 + at} hex bolt 8.8`, needed: 4, arrived: false },
  }));
  const rule = { sparesPercent: 0, sparesAtLeast: 0, pack: 1 };
  const order = { name: "Order", rule, lines };
  let { version } = await put(server, `/orders/${id}`, order);
  const size = () =>
    statSync(server.databaseFile).size +
    (statSync(`${server.databaseFile}-wal`, { throwIfNoEntry: false })?.size ?? 0);
  await server.stop();
  const before = size();
  await server.start();
  for (const line of lines) {
    line.arrived = true;
    ({ version } = await put(server, `/orders/${id}?saw=${version}&touched=lines`, order));
  }
  await server.stop();
  const grown = ((size() - before) / TICKS / 1000).toFixed(2);
  await server.start();
  print(`a tick of an order of ${TICKS} lines: the file grows by ${grown} kB (aim: 1)`);
}

async function benchPapers(server: TestServer): Promise<void> {
  const start = performance.now();
  const answers = await Promise.all(
    Array.from({ length: SHEETS }, (_, at) =>
      fetch(
        `${server.address}/api/fastener-sheet.pdf?callout=${encodeURIComponent(`M10 x ${20 + at} 8.8`)}`,
      ),
    ),
  );
  const well = answers.filter(({ ok }) => ok).length;
  const seconds = ((performance.now() - start) / 1000).toFixed(0);
  print(`${SHEETS} sheets on paper at once: ${well} answered, in ${seconds} s (aim: all)`);
}

/** The record under load: 50,000 positions, 20,000 of them on one machine. */
export async function benchRecords(): Promise<void> {
  await bundleServer();
  const loop = watchedLoop();
  const server = await startTestServer("empty", loop.settings);
  await server.stop();
  const works = fill(server.databaseFile);
  await server.start();
  const watched = async (what: string, run: () => Promise<void>) => {
    await loop.longest(server.pid());
    await run();
    const longest = (await loop.longest(server.pid())).toFixed(0);
    print(`the longest task of the server in ${what}: ${longest} ms (aim: 50)`);
  };
  await watched("saves and merges", () => benchSaves(server, works));
  await benchEvents(server, works);
  await watched(`the answers of ${CLIENTS} clients`, () => benchClients(server, works));
  await benchOrder(server);
  await benchPapers(server);
  const status = readFileSync(`/proc/${server.pid()}/status`, "utf8");
  const held = Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? Number.NaN) / 1024;
  print(`the server held ${held.toFixed(0)} MB at the most (aim: under 300)`);
  await server.dispose();
}
