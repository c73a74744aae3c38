import { launchBrowser } from "./support/browser";
import { startTestServer } from "./support/server";
import type { Page } from "@playwright/test";
const server = await startTestServer("demo");
const browser = await launchBrowser();
const PH = { width: 390, height: 844 };
async function shot(
  name: string,
  fn: (p: Page) => Promise<void>,
  scheme: "light" | "dark" = "light",
  vp = PH,
) {
  const c = await browser.newContext({
    viewport: vp,
    colorScheme: scheme,
    reducedMotion: "reduce",
    hasTouch: true,
  });
  const p = await c.newPage();
  p.on("pageerror", (e) => console.log(name, "ERR", e.message));
  try {
    await p.goto(server.address);
    await p.getByText("As known so far").waitFor();
    await fn(p);
    await p.waitForTimeout(500);
  } catch (e) {
    console.log(name, String(e).slice(0, 400));
  }
  await p.screenshot({ path: `/tmp/shots/${name}.png` });
  await c.close();
}
const only = process.argv[2];
const B = (p: Page, n: string | RegExp) => p.getByRole("button", { name: n });
const all: [
  string,
  (p: Page) => Promise<void>,
  ("light" | "dark")?,
  { width: number; height: number }?,
][] = [
  [
    "compare",
    async (p) => {
      await p.goto(server.address + "/charts/compare?a=unc-3%2F4-10&b=bsw-3%2F4-10");
      await p.getByText("Will it go").waitFor();
      await p.getByText("Will it go").scrollIntoViewIfNeeded();
    },
  ],
  [
    "mistaken",
    async (p) => {
      await p.goto(server.address + "/charts/thread?id=unc-3%2F4-10");
      await p.getByText("Mistaken for").first().scrollIntoViewIfNeeded();
      await p.getByText("Mistaken for").first().waitFor();
      await p.mouse.wheel(0, 600);
    },
  ],
  [
    "count-slip",
    async (p) => {
      await B(p, /^pitch/).click();
      await p.getByRole("radio", { name: "Count" }).click();
      await p.getByLabel("Threads").fill("13");
      await p.getByLabel("In a length of").fill("1");
      await B(p, "Take this count").click();
    },
  ],
  [
    "diameter",
    async (p) => {
      await B(p, /^Ø over crests/).click();
      await p.getByLabel("Ø over crests", { exact: true }).fill("0.312");
      await B(p, "Take this diameter").click();
    },
  ],
  [
    "slip-card",
    async (p) => {
      await B(p, /^Ø over crests/).click();
      await p.getByLabel("Ø over crests", { exact: true }).fill("0.625");
      await B(p, "Take this diameter").click();
    },
  ],
  [
    "specify-none",
    async (p) => {
      await p.goto(server.address + "/specify");
      await p.getByLabel("Its thread, or across the bore, mm").fill("M8");
      await p.getByLabel("Thickness clamped, mm").fill("12");
      await p.getByLabel("Depth drilled, mm").fill("16");
    },
    "dark",
  ],
  [
    "specify-none2",
    async (p) => {
      await p.goto(server.address + "/specify");
      await p.getByLabel("Its thread, or across the bore, mm").fill("M8");
      await p.getByLabel("Thickness clamped, mm").fill("12");
      await p.getByLabel("Depth drilled, mm").fill("16");
      await p.getByText("Length", { exact: true }).scrollIntoViewIfNeeded();
      await p.mouse.wheel(0, 400);
    },
  ],
  [
    "fault",
    async (p) => {
      await p.route(/write-up.*\.js/, (r) => r.abort());
      await p.goto(server.address + "/write-up");
      await p.getByText("This could not be shown").waitFor();
    },
  ],
  [
    "notfound",
    async (p) => {
      const r = await p.goto(server.address + "/nowhere/at/all");
      console.log("status", r?.status());
      await p.waitForTimeout(1500);
    },
  ],
  [
    "outbox-empty",
    async (p) => {
      await p.goto(server.address + "/outbox");
      await p.getByText("Nothing waits", { exact: false }).waitFor();
    },
    "dark",
  ],
  [
    "wide-outbox",
    async (p) => {
      await p.evaluate(() => {
        localStorage.setItem("rg.outbox.x", "{broken");
        localStorage.setItem(
          "rg.outbox.5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30",
          JSON.stringify({
            kind: "job",
            id: "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30",
            queuedAt: 1,
            place: 1,
            saw: 0,
            trouble: { kind: "refused", message: "a job needs a name" },
            body: { name: "Folding machine", origin: "Japan, 1987" },
          }),
        );
      });
      await p.goto(server.address + "/outbox");
      await p.getByText("Folding machine").first().waitFor();
    },
    "light",
    { width: 1280, height: 800 },
  ],
  [
    "trial",
    async (p) => {
      await B(p, /^Ø over crests/).click();
      await p.getByLabel("Ø over crests", { exact: true }).fill("11.02");
      await B(p, "Take this diameter").click();
      await B(p, "Try a known part").click();
      await p.getByLabel("Another nut, by its thread").fill("M12-1.5 x 30");
      await p.waitForTimeout(300);
    },
  ],
];
for (const [n, f, s, v] of all) if (!only || n.startsWith(only)) await shot(n, f, s, v);
await browser.close();
await server.dispose();
