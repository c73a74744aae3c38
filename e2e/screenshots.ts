import { mkdir } from "node:fs/promises";
import path from "node:path";
import { fileURLToPath } from "node:url";
import type { Browser, Page } from "@playwright/test";
import { launchBrowser } from "./support/browser";
import { watchRequests } from "./support/settled";
import { bundleServer } from "./support/bundle-server";
import { startTestServer } from "./support/server";

const FOLDER = path.resolve(
  path.dirname(fileURLToPath(import.meta.url)),
  "..",
  "docs",
  "screenshots",
);
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

interface Shot {
  readonly name: string;
  readonly viewport: { readonly width: number; readonly height: number };
  readonly light: "light" | "dark";
  /** From the open Bench to what is shown. */
  readonly show: (page: Page) => Promise<void>;
}

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });

async function read(page: Page, diameter: string, leaf?: string): Promise<void> {
  await button(page, /^Ø over crests/).click();
  await page.getByLabel("Ø over crests", { exact: true }).fill(diameter);
  await button(page, "Take this diameter").click();
  if (leaf === undefined) return;
  await button(page, /^pitch/).click();
  await page.getByRole("radio", { name: leaf }).click();
  await button(page, "Drops in").last().click();
}

async function openMachine(page: Page, name: RegExp): Promise<void> {
  await button(page, "Jobs").click();
  await button(page, name).click();
}

/** The sheet of what was found last at a position. */
async function openFinding(page: Page, machine: RegExp, position: RegExp): Promise<void> {
  await openMachine(page, machine);
  await button(page, position).click();
  await page.getByRole("region", { name: "Found here" }).getByRole("button").first().click();
}

const SHOTS: readonly Shot[] = [
  {
    name: "bench-phone-open",
    viewport: PHONE,
    light: "light",
    show: (page) => read(page, "11.02"),
  },
  {
    name: "bench-phone-settled-lamp",
    viewport: PHONE,
    light: "dark",
    show: (page) => read(page, "11.02", "20 TPI leaf"),
  },
  {
    name: "bench-phone-contradiction",
    viewport: PHONE,
    light: "light",
    show: (page) => read(page, "11.02", "13 TPI leaf"),
  },
  {
    name: "pad-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await button(page, /^Ø over crests/).click();
      await page.getByLabel("Ø over crests", { exact: true }).fill("11.02");
    },
  },
  {
    name: "mend-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await mendCover(page);
      await button(page, "What may be done").click();
    },
  },
  {
    name: "mend-step-phone-lamp",
    viewport: PHONE,
    light: "dark",
    show: async (page) => {
      await mendCover(page);
      await button(page, "What may be done").click();
      await button(page, "Plan it").click();
      for (let step = 0; step < 5; step += 1) await button(page, "Done").click();
    },
  },
  {
    name: "job-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await button(page, "Jobs").click();
      await button(page, /^Guillotine: blade/).click();
      await page.getByRole("region", { name: "Union lever guillotine" }).waitFor();
    },
  },
  {
    name: "order-phone-lamp",
    viewport: PHONE,
    light: "dark",
    show: async (page) => {
      await button(page, "Jobs").click();
      await button(page, "Order list").click();
      await button(page, /^For the guillotine/).click();
      await button(page, /^Ask the supplier/).click();
      await page.getByRole("region", { name: "Quotation" }).waitFor();
    },
  },
  {
    name: "bench-wide",
    viewport: WIDE,
    light: "light",
    show: (page) => read(page, "9.9", "1.25 mm leaf"),
  },
  {
    name: "bench-wide-lamp",
    viewport: WIDE,
    light: "dark",
    show: async (page) => {
      await read(page, "9.42", "16 TPI leaf");
      await button(page, "Compare two").click();
      await page.getByText("By the flank angle", { exact: false }).first().waitFor();
      await page.getByRole("img", { name: /^Profiles of/ }).waitFor();
    },
  },
  {
    name: "write-up-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await button(page, /^No machine chosen/).click();
      await page.getByLabel("Which machine").fill("Union");
      await page.getByRole("radio", { name: /Union/ }).click();
      await button(page, "Done").click();
      await read(page, "11.02", "14 TPI leaf");
      await button(page, "Write it up").click();
      await page.getByText("Where it goes").waitFor();
    },
  },
  {
    name: "position-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await openMachine(page, /^Union/);
      await button(page, /^Guard, upper right/).click();
      await page.getByRole("region", { name: "Found here" }).waitFor();
    },
  },
  {
    name: "machine-wide",
    viewport: WIDE,
    light: "light",
    show: async (page) => {
      await openMachine(page, /^Harrow/);
      await button(page, /^Flywheel nut/).click();
      await page.getByRole("region", { name: "Found here" }).waitFor();
    },
  },
  {
    name: "sheet-wide",
    viewport: WIDE,
    light: "light",
    show: async (page) => {
      await openFinding(page, /^Kestrel/, /^Impression adjuster/);
      await page.getByText("Spanner, drill and hole").waitFor();
    },
  },
  {
    name: "charts-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await button(page, "Charts").click();
      await page.getByLabel("Find a thread", { exact: true }).fill("9.5 mm");
      await button(page, "Pin 3/8-16 UNC").waitFor();
    },
  },
  {
    name: "thread-phone-lamp",
    viewport: PHONE,
    light: "dark",
    show: (page) => openThread(page, "5/16-22 BSF"),
  },
  {
    name: "head-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await read(page, "11.02", "14 TPI leaf");
      await button(page, /^mark/).click();
      for (const hour of [12, 4, 8]) {
        await page.getByRole("checkbox", { name: `Line at ${hour} o’clock` }).click();
      }
    },
  },
  {
    name: "specify-phone",
    viewport: PHONE,
    light: "light",
    show: async (page) => {
      await button(page, "Find a thread, or order a part").click();
      await button(page, "Start from a hole").click();
      await page.getByLabel("Its thread, or across the bore, mm").fill("M8");
      await page.getByLabel("Thickness clamped, mm").fill("12");
      await page.getByLabel("Depth drilled, mm").fill("30");
      await page.getByRole("radio", { name: "Cast aluminium" }).click();
      await page.getByRole("radio", { name: "For a key: socket cap" }).click();
      await page.getByText("Length", { exact: true }).scrollIntoViewIfNeeded();
    },
  },
  {
    name: "sheet-phone-lamp",
    viewport: PHONE,
    light: "dark",
    show: async (page) => {
      await openFinding(page, /^Union/, /^Guard, upper right/);
    },
  },
];

/** The stripped M8 of the proofer's side cover. */
async function mendCover(page: Page): Promise<void> {
  await button(page, "Mend").click();
  await page.getByText("Strips when tightened").click();
  await page.getByLabel("Thread", { exact: true }).fill("M8");
  await page.getByLabel("Depth, mm").fill("24");
  await page.getByLabel("To the edge, mm").fill("12");
  await page.getByLabel("Screw held over, mm").fill("12");
  await page.getByRole("radio", { name: "8.8", exact: true }).click();
  const often = page.getByRole("radiogroup", { name: "Undone often" });
  await often.getByRole("radio", { name: "Yes" }).click();
}

async function openThread(page: Page, designation: string): Promise<void> {
  await button(page, "Charts").click();
  await page.getByLabel("Find a thread", { exact: true }).fill(designation);
  await page.getByRole("button", { name: designation, exact: true }).click();
  await page.getByText("Limits of size").waitFor();
}

async function take(browser: Browser, address: string, shot: Shot): Promise<void> {
  const context = await browser.newContext({
    viewport: shot.viewport,
    colorScheme: shot.light,
    reducedMotion: "reduce",
  });
  const page = await context.newPage();
  const settled = watchRequests(page);
  const rest = page.waitForResponse(/\/later-/);
  await page.goto(address);
  await page.getByText("As known so far").waitFor();
  await rest;
  await shot.show(page);
  await settled();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: path.join(FOLDER, `${shot.name}.png`) });
  await context.close();
}

await mkdir(FOLDER, { recursive: true });
await bundleServer();
const server = await startTestServer("demo");
const browser = await launchBrowser();
try {
  for (const shot of SHOTS) await take(browser, server.address, shot);
} finally {
  await browser.close();
  await server.dispose();
}
process.stdout.write(`${SHOTS.length} pictures are in ${path.relative(process.cwd(), FOLDER)}\n`);
