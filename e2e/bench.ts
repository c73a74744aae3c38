import { catalogue, identify, type Reading } from "@root-gauge/core";
import { launchBrowser } from "./support/browser";
import { startTestServer } from "./support/server";

const RUNS = 500;
const WARM_UP = 50;
const LOADS = 5;
const AIM_MS = 3;

const READINGS: readonly Reading[] = [
  { kind: "external-diameter", mm: 12.52 },
  { kind: "leaf", tpi: 13, outcome: "drops-in" },
  { kind: "count", threads: 13, spanMm: 25.4 },
];

function print(line: string): void {
  process.stdout.write(`${line}\n`);
}

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
}

function benchIdentify(): void {
  const times = Array.from({ length: RUNS + WARM_UP }, () => {
    const start = performance.now();
    identify(READINGS);
    return performance.now() - start;
  }).slice(WARM_UP);
  print(
    `identify, ${catalogue().length} threads, three readings, ${RUNS} runs: median ${quantile(times, 0.5).toFixed(3)} ms, p95 ${quantile(times, 0.95).toFixed(3)} ms (aim: median under ${AIM_MS} ms)`,
  );
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

benchIdentify();
await benchLoad();
