import { randomUUID } from "node:crypto";
import { readFileSync } from "node:fs";
import { DatabaseSync } from "@photostructure/sqlite";
import { launchBrowser } from "../support/browser";
import { bundleServer } from "../support/bundle-server";
import { startTestServer, type TestServer } from "../support/server";
import { print, quantile, spreadWords } from "./report";
import { slowDown } from "./slow-input";
import { touched } from "./touches";

const MACHINES = 2_000;
const POSITIONS = 50_000;
const LARGE = 3_000;
const ASKED = 200;

const KINDS = ["press", "folder", "guillotine", "stitcher", "ruling machine", "platen"];
const ROOMS = ["front shop", "bindery", "damp room", "loft", "yard"];
const PARTS = ["roller", "guard", "clamp bar", "feed board", "bearing cap", "side cover", "gear"];
const SIDES = ["left", "right", "upper", "lower", "front", "rear"];
const CALLOUTS = [
  "M8 x 40 hex bolt, 8.8",
  "M10 x 25 socket cap screw, 12.9",
  "3/8-16 UNC x 1-1/2 hex cap screw, grade 5",
  "1/2-12 BSW x 2 hex bolt",
  "M5 x 12 countersunk screw",
];

const from = <Item>(items: readonly Item[], at: number) => items[at % items.length] as Item;

/** A works of this size, written straight into the file of a server that stands still. Its first machine is the large one. */
function fill(file: string): { readonly large: string; readonly ids: readonly string[] } {
  const database = new DatabaseSync(file);
  const at = (i: number) => new Date(Date.UTC(2020, 0, 1) + i * 3_600_000).toISOString();
  const ids = Array.from({ length: MACHINES }, () => randomUUID());
  const machine = database.prepare(
    "insert into machines (id, name, origin, year, stands, created_at, updated_at) values (?, ?, ?, ?, ?, ?, ?)",
  );
  const position = database.prepare(
    `insert into positions (id, machine_id, parent_id, name, rank, alike, state, spec, notes, created_at, updated_at)
     values (?, ?, null, ?, ?, 1, ?, ?, '', ?, ?)`,
  );
  database.exec("begin");
  for (const [i, id] of ids.entries()) {
    const name = `${from(KINDS, i)} ${1 + Math.floor(i / KINDS.length)}`;
    machine.run(id, name, "Britain", 1900 + (i % 90), from(ROOMS, i), at(i), at(i));
  }
  for (let i = 0; i < POSITIONS; i += 1) {
    const owner = i < LARGE ? 0 : 1 + (i % (MACHINES - 1));
    const name = `${from(PARTS, i)} ${from(SIDES, Math.floor(i / 7))} ${Math.floor(i / 42)}`;
    const callout = i % 3 === 0 ? null : JSON.stringify({ callout: from(CALLOUTS, i) });
    const state = i % 3 === 0 ? "to-identify" : "identified";
    position.run(randomUUID(), ids[owner] ?? "", name, i, state, callout, at(i), at(i));
  }
  database.exec("commit");
  database.exec("pragma user_version = 0");
  database.close();
  return { large: ids[0] ?? "", ids };
}

async function asked(server: TestServer, paths: readonly string[]): Promise<number[]> {
  const times: number[] = [];
  for (const path of paths) {
    const start = performance.now();
    const answer = await fetch(server.address + path);
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${path} was answered with ${answer.status}`);
    times.push(performance.now() - start);
  }
  return times.slice(10);
}

const repeated = (path: (at: number) => string) =>
  Array.from({ length: ASKED + 10 }, (_, at) => path(at));

/** What finds positions, each asked once: what is typed into a search is hardly ever what was just asked. */
const OF_POSITIONS = [
  ...["roller left", "m8", "3/8", "10 mm", "1/2 whit", "clamp", "gear", "feed board", "cover"],
  ...[
    "guard upper",
    "m5",
    "m10",
    "8.8",
    "12.9",
    "grade 5",
    "countersunk",
    "hex bolt",
    "bsw",
    "unc",
  ],
  ...["bearing cap", "side cover rear", "gear left", "clamp bar front", "roller 12", "guard 7"],
  ...[
    "lower",
    "rear",
    "front",
    "right",
    "cap screw",
    "x 40",
    "x 25",
    "8 mm",
    "5 mm",
    "feed",
    "bar",
  ],
  ...["board", "side", "upper", "left 100"],
];

const QUERIES = [
  "roller left",
  "m8",
  "3/8",
  "10 mm",
  "guillotine 12",
  "1/2 whit",
  "clamp",
  "bindery",
];

/** The most memory that a server has held, MB. */
function mostHeld(server: TestServer): number {
  const status = readFileSync(`/proc/${server.pid()}/status`, "utf8");
  return Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? Number.NaN) / 1024;
}

async function benchServer(server: TestServer, ids: readonly string[], large: string) {
  const list = await asked(
    server,
    repeated((at) => `/api/machines${at % 2 === 0 ? "" : `?q=${from(KINDS, at)}`}`),
  );
  print(
    `machines, a page of ${MACHINES.toLocaleString("en")}: ${spreadWords(list, 1)} (aim: p95 30)`,
  );
  const search = await asked(
    server,
    repeated((at) => `/api/search?q=${encodeURIComponent(from(QUERIES, at))}`),
  );
  print(
    `search among ${POSITIONS.toLocaleString("en")} positions: ${spreadWords(search, 1)} (aim: p95 30)`,
  );
  const trees = await asked(
    server,
    repeated((at) => `/api/machines/${from(ids, at + 1)}/positions`),
  );
  print(`the positions of a machine: ${spreadWords(trees, 1)}`);
  const big = await asked(server, repeated(() => `/api/machines/${large}/positions`).slice(0, 60));
  print(`a page of the ${LARGE.toLocaleString("en")} positions of one: ${spreadWords(big, 1)}`);
  print(`server, the most memory it held: ${mostHeld(server).toFixed(0)} MB (aim: under 300)`);
}

async function benchPainted(server: TestServer, large: string): Promise<void> {
  const browser = await launchBrowser();
  const viewport = { width: 390, height: 844 };
  const page = await browser.newPage({ viewport, hasTouch: true, baseURL: server.address });
  await page.addInitScript("globalThis.__name ??= (named) => named;");
  await page.goto("/jobs");
  await page
    .getByRole("button", { name: /^press/ })
    .first()
    .waitFor();
  await page.waitForTimeout(2500);
  await slowDown(page);
  const field = page.getByLabel("Find a machine", { exact: true });
  const times: number[] = [];
  for (const query of OF_POSITIONS) {
    await field.fill("");
    await page.waitForTimeout(500);
    const brings = "[aria-label=Positions]";
    const { ms } = await touched(field, { brings, value: query });
    times.push(ms);
  }
  print(
    `a search typed for the first time to the painted list, ${times.length} of them, processor slowed four times: median ${quantile(times, 0.5).toFixed(0)} ms, p95 ${quantile(times, 0.95).toFixed(0)} ms (aim 100)`,
  );
  await page.goto(`/machine/${large}`);
  await page.getByText(/^All 3000$/).waitFor({ timeout: 30_000 });
  await page.waitForTimeout(2000);
  const blank = await page.evaluate(async () => {
    const [list] = [...document.querySelectorAll("div")]
      .filter((one) => /auto|scroll/.test(getComputedStyle(one).overflowY))
      .sort((one, other) => other.scrollHeight - one.scrollHeight);
    if (list === undefined) throw new Error("no list that scrolls");
    let blanks = 0;
    let looks = 0;
    for (let top = 0; top < 40_000; top += 600) {
      list.scrollTop = top;
      await new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
      const middle = document.elementFromPoint(195, 420);
      looks += 1;
      if (!(middle?.textContent ?? "").trim()) blanks += 1;
    }
    return { blanks, looks };
  });
  print(
    `3,000 positions scrolled by most of a screen a frame: ${blank.blanks} of ${blank.looks} looks found a blank (aim 0)`,
  );
  await browser.close();
}

/** A works of 2,000 machines and 50,000 positions: how soon lists and searches answer, and how much the server holds. */
export async function benchJobs(): Promise<void> {
  await bundleServer();
  const server = await startTestServer("empty");
  await server.stop();
  const { large, ids } = fill(server.databaseFile);
  const start = performance.now();
  await server.start();
  print(
    `server started and its index filled in ${((performance.now() - start) / 1000).toFixed(1)} s`,
  );
  await benchServer(server, ids, large);
  await benchPainted(server, large);
  await server.dispose();
}
