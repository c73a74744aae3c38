import type { Page } from "@playwright/test";
import { launchBrowser } from "../support/browser";
import { startTestServer } from "../support/server";
import { print, quantile } from "./report";

const VISITS = 3;

/** A phone on a poor line, for who visits for the first time: 1.6 Mbit/s, 150 ms, a processor slowed four times. */
async function slowPhone(visit: (page: Page) => Promise<number>): Promise<number> {
  const browser = await launchBrowser();
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const tools = await page.context().newCDPSession(page);
  await tools.send("Network.enable");
  await tools.send("Network.emulateNetworkConditions", {
    offline: false,
    latency: 150,
    downloadThroughput: 1.6e6 / 8,
    uploadThroughput: 0.75e6 / 8,
  });
  await tools.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const result = await visit(page);
  await browser.close();
  return result;
}

async function timesOf(visit: (page: Page) => Promise<number>): Promise<string> {
  const times: number[] = [];
  for (let at = 0; at < VISITS; at += 1) times.push(await slowPhone(visit));
  return `${(quantile(times, 0.5) / 1000).toFixed(1)} s (median of ${VISITS}; ${(Math.min(...times) / 1000).toFixed(1)} to ${(Math.max(...times) / 1000).toFixed(1)})`;
}

async function since(work: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

/** What a poor phone waits for: the pad, and a sheet's link. */
export async function benchSlowPhone(): Promise<void> {
  const server = await startTestServer("demo");
  const pad = (page: Page) =>
    since(async () => {
      await page.goto(server.address);
      await page.getByRole("button", { name: /^Ø over crests/ }).tap();
      await page.getByRole("dialog").waitFor();
    });
  const sheet = (page: Page) =>
    since(async () => {
      await page.goto(`${server.address}/fastener?callout=M10+x+40+8.8`);
      await page.getByText("Strength", { exact: true }).waitFor();
    });
  print(
    `a first visit over 1.6 Mbit/s and 150 ms, processor slowed four times: the pad is open after ${await timesOf(pad)}`,
  );
  print(`a sheet's link, the same way: its strength is read after ${await timesOf(sheet)}`);
  await server.dispose();
}
