import { test as base, type Locator, type Page } from "@playwright/test";
import { startTestServer, type TestServer } from "./server";
import { serversAhead, type ServersAhead } from "./servers-ahead";

/** Every test has a server and a database of its own, and fails on any script error or foreign request. */
export const test = base.extend<
  {
    content: "empty" | "demo";
    settings: Readonly<Record<string, string>>;
    server: TestServer;
    quiet: void;
  },
  { servers: ServersAhead }
>({
  servers: [
    async ({}, use) => {
      const servers = serversAhead();
      await use(servers);
      await servers.dispose();
    },
    { scope: "worker" },
  ],
  content: ["empty", { option: true }],
  settings: [{}, { option: true }],
  server: async ({ content, settings, servers }, use) => {
    const plain = Object.keys(settings).length === 0;
    const server = await (plain ? servers.take(content) : startTestServer(content, settings));
    await use(server);
    await server.dispose();
  },
  baseURL: async ({ server }, use) => {
    await use(server.address);
  },
  quiet: [
    async ({ page, server }, use) => {
      const faults: string[] = [];
      page.on("pageerror", (error) => faults.push(error.message));
      page.on("request", (request) => {
        const url = new URL(request.url());
        const own = url.origin === server.address || ["data:", "blob:"].includes(url.protocol);
        if (!own) faults.push(`a request left for ${url.origin}`);
      });
      await use();
      if (faults.length > 0) throw new Error(faults.join("\n"));
    },
    { auto: true },
  ],
});

export { expect } from "@playwright/test";

export const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
export const WIDE = { viewport: { width: 1280, height: 800 } };

export async function openBench(page: Page): Promise<void> {
  await page.goto("/");
  await page.getByText("As known so far").waitFor();
}

/** Touches the big keys one after the other; "/16" and "and" are keys too. */
export async function touchKeys(page: Page, keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    const name = key.startsWith("/")
      ? `over ${key.slice(1)}`
      : key === "and"
        ? "and a fraction"
        : key;
    await page.getByRole("dialog").getByRole("button", { name, exact: true }).tap();
  }
}

/** Presses Tab until the control with this name has the focus, as someone without a mouse would. */
export async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  const wanted = page.getByRole("button", { name }).or(page.getByLabel(name)).first();
  await wanted.waitFor();
  for (let presses = 0; presses < 60; presses += 1) {
    if (await wanted.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`Tab never reached ${String(name)}`);
}

/** The likeliest of the threads that are still in the running. */
export const firstCandidate = (page: Page) =>
  page.getByRole("list", { name: "Still in the running" }).getByRole("listitem").first();

/** The same with all its reasons: they are told when its row is touched. */
export async function whyFirst(page: Page): Promise<Locator> {
  const row = firstCandidate(page);
  const folded = row.getByRole("button", { expanded: false });
  if ((await folded.count()) > 0) await folded.click();
  return row;
}
