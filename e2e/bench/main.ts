import { catalogue, identify, type Reading } from "@root-gauge/core";
import { confusedWith } from "@root-gauge/core/identify/look-alikes";
import { launchBrowser } from "../support/browser";
import { bundleServer } from "../support/bundle-server";
import { startTestServer } from "../support/server";
import { benchAccuracy, benchUpdate } from "./accuracy";
import { benchBox } from "./box";
import { benchBucket } from "./bucket";
import { benchCallouts } from "./callouts";
import { benchCatalogue } from "./catalogue";
import { benchOpening, benchSheet } from "./fastener";
import { benchJobs } from "./jobs";
import { benchKeys, benchSlider } from "./keys";
import { benchRecords } from "./records";
import { benchRepair } from "./repair";
import { benchEveryTouch } from "./touches";
import { print, quantile, spreadWords, timed } from "./report";
import { benchSearch } from "./search";
import { benchSlowPhone } from "./slow-phone";

const LOADS = 5;
const AIM_MS = 4;

const READINGS: readonly Reading[] = [
  { kind: "external-diameter", mm: 12.52 },
  { kind: "leaf", tpi: 13, outcome: "drops-in" },
  { kind: "count", threads: 13, spanMm: 25.4 },
];

function benchIdentify(): void {
  // Fresh readings each time: what was weighed before is kept with its reading.
  const times = timed(() => identify(READINGS.map((reading) => ({ ...reading }))), 500, 50);
  print(
    `identify, ${catalogue().length} threads, three readings, ${times.length} runs: ${spreadWords(times)} (aim: p95 under ${AIM_MS} ms)`,
  );
}

/** Twelve readings of every kind at once, none weighed before: the most that a Bench is ever asked at a touch. */
const MIXED: readonly Reading[] = [
  { kind: "external-diameter", mm: 9.92 },
  { kind: "external-diameter", mm: 9.87, instrument: "micrometer" },
  { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
  { kind: "leaf", tpi: 16, outcome: "rocks" },
  { kind: "count", threads: 17, spanMm: 25.4 },
  { kind: "crest-to-crest", pitches: 10, mm: 15.1 },
  { kind: "flank-angle", degrees: 55 },
  { kind: "head-mark", mark: "8.8" },
  { kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds", turns: 3 },
  { kind: "trial-fit", with: "3/8-16", partIs: "external", outcome: "will-not-start" },
  { kind: "across-flats", mm: 16.8 },
  { kind: "origin", place: "japan" },
];

function benchMixed(): void {
  const times = timed(() => identify(MIXED.map((reading) => ({ ...reading }))), 100, 10);
  print(
    `identify, twelve mixed readings, none weighed before, ${times.length} runs: ${spreadWords(times)}`,
  );
}

function benchLookAlikes(): void {
  const threads = catalogue();
  let at = 0;
  const next = () => threads[(at++ * 37) % threads.length];
  const times = timed(
    () => {
      const thread = next();
      if (thread !== undefined) confusedWith(thread);
    },
    300,
    30,
  );
  print(`look-alikes of a thread, ${times.length} threads: ${spreadWords(times)}`);
}

interface Load {
  readonly scriptBytes: number;
  readonly touchableMs: number;
}

/** A first visit with an empty cache: script bytes over the wire, and when the pad has opened under a touch. */
async function measureLoad(address: string): Promise<Load> {
  const browser = await launchBrowser();
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const sizes: Promise<number>[] = [];
  page.on("requestfinished", (request) => {
    if (new URL(request.url()).pathname.endsWith(".js")) {
      sizes.push(request.sizes().then(({ responseBodySize }) => responseBodySize));
    }
  });
  const start = performance.now();
  await page.goto(address);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  await page.getByRole("dialog").waitFor();
  const touchableMs = performance.now() - start;
  const scriptBytes = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
  await browser.close();
  return { scriptBytes, touchableMs };
}

async function benchLoad(): Promise<void> {
  await bundleServer();
  const server = await startTestServer("demo");
  const loads: Load[] = [];
  for (let i = 0; i < LOADS; i += 1) loads.push(await measureLoad(server.address));
  await server.dispose();
  const bytes = quantile(
    loads.map(({ scriptBytes }) => scriptBytes),
    0.5,
  );
  const times = loads.map(({ touchableMs }) => touchableMs);
  print(
    `first load, headless Chromium, ${LOADS} visits: ${(bytes / 1000).toFixed(0)} kB of JavaScript over the wire (compressed), Bench takes a touch after ${quantile(times, 0.5).toFixed(0)} ms (median; ${Math.min(...times).toFixed(0)} to ${Math.max(...times).toFixed(0)})`,
  );
}

await benchCatalogue();
benchSearch();
benchIdentify();
benchMixed();
benchRepair();
benchUpdate();
benchLookAlikes();
benchSheet();
benchCallouts();
await benchOpening();
await benchLoad();
await benchAccuracy();
await benchBucket();
await benchJobs();
await benchBox();
await benchRecords();
await benchKeys();
await benchSlider();
await benchEveryTouch();
await benchSlowPhone();
