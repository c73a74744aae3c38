import { readFile } from "node:fs/promises";
import { createRequire } from "node:module";
import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test, WIDE } from "../support/test";

const axeSource = await readFile(
  createRequire(import.meta.url).resolve("axe-core/axe.min.js"),
  "utf8",
);

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string; readonly failureSummary: string }[];
}

/** What axe finds on the page as it is; by one of its rules alone, where the others cannot come out otherwise. */
async function found(page: Page, only?: string): Promise<string[]> {
  const violations = await page.evaluate(async (rule) => {
    const { axe } = globalThis as unknown as {
      axe: { run(options: object): Promise<{ violations: Violation[] }> };
    };
    return (await axe.run(rule === undefined ? {} : { runOnly: [rule] })).violations;
  }, only);
  return violations.flatMap(({ id, nodes }) =>
    nodes.map((node) => `${id}: ${node.html} ${node.failureSummary}`),
  );
}

/** What is wrong with the page for anyone, in daylight and by lamp; only colours differ between the two. */
async function violations(page: Page): Promise<string[]> {
  await page.evaluate(axeSource);
  const byDay = await found(page);
  await page.emulateMedia({ colorScheme: "dark" });
  const byLamp = await found(page, "color-contrast");
  await page.emulateMedia({ colorScheme: "light" });
  return [...byDay, ...byLamp];
}

async function sideways(page: Page): Promise<number> {
  return page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
}

/** Panels of the Bench that open from a tag or a button on it, once a diameter was read. */
const PANELS = [
  /^No machine chosen/,
  /^pitch/,
  /^form/,
  /^length/,
  /^across flats/,
  /^mark/,
  /^The part:/,
  "Try a known part",
  "Compare two",
  "Tools on hand",
] as const;

const close = (page: Page) => page.getByRole("button", { name: "Close", exact: true }).click();

/** Pages with an address of their own, and what shows that each has come. */
const PAGES = [
  ["/fastener", "What do you want to buy"],
  ["/fastener?callout=1/2-13+x+2+gr+5+zinc&duty=pressure", "Load to stay under"],
  ["/fastener?callout=M8+x+43+csk+12.9+zinc&environment=marine", "May go in instead"],
  ["/mend", "Strips when tightened"],
  ["/tools", "Drills"],
  ["/specify", "The hole"],
  ["/charts", "M1 x 0.25"],
  ["/charts/thread?id=npt-1/2", "Limits of size"],
  ["/charts/compare?a=unc-3/8-16&b=iso-m10x1.5", "Will it go"],
  ["/charts/drills", "Share of full thread, against"],
  ["/charts/convert", "A pitch"],
] as const;

for (const [size, use] of [
  ["phone", PHONE],
  ["wide", WIDE],
] as const) {
  test.describe(size, () => {
    test.use({ ...use, colorScheme: "light" });

    test("every screen can be read, named and reached", async ({ page }) => {
      await openBench(page);
      expect(await violations(page)).toEqual([]);
      await page.getByRole("button", { name: /^Ø over crests/ }).click();
      expect(await violations(page)).toEqual([]);
      await page.getByLabel("Ø over crests", { exact: true }).fill("12.52");
      await page.getByRole("button", { name: "Take this diameter" }).click();
      expect(await violations(page)).toEqual([]);
      for (const name of PANELS) {
        await page.getByRole("button", { name }).click();
        expect(await violations(page)).toEqual([]);
        await close(page);
      }
      await page.getByRole("button", { name: "Write it up as it stands" }).click();
      await page.getByLabel("Which machine").fill("Nipping press");
      expect(await violations(page)).toEqual([]);
      await page.getByRole("button", { name: /^Add “/ }).click();
      await page.getByRole("button", { name: "Save to the machine" }).click();
      await expect(page.getByText("Likeliest: 1/2-13 UNC")).toBeVisible();
      expect(await violations(page)).toEqual([]);
      await page.getByRole("button", { name: "Edit", exact: true }).click();
      expect(await violations(page)).toEqual([]);
      await page.getByRole("button", { name: "Remove the sheet" }).click();
      await page.getByRole("button", { name: "Edit", exact: true }).click();
      expect(await violations(page)).toEqual([]);
      await page.getByRole("button", { name: /^Undo: put back/ }).click();
      await page.getByRole("button", { name: "Jobs", exact: true }).click();
      await expect(page.getByText("one part written up")).toBeVisible();
      expect(await violations(page)).toEqual([]);
    });

    test("Mend can be read at every stage, from what is wrong to what was done", async ({
      page,
    }) => {
      await page.goto("/mend");
      await page.getByText("Strips when tightened").click();
      await page.getByLabel("Thread", { exact: true }).fill("M8");
      await page.getByLabel("Depth, mm").fill("24");
      await page.getByLabel("To the edge, mm").fill("8");
      if (size === "phone") await page.getByRole("button", { name: "What may be done" }).click();
      await page.getByRole("button", { name: /^Refused/ }).click();
      await page.getByRole("button", { name: "Compare two" }).click();
      expect(await violations(page)).toEqual([]);
      await page.getByRole("radio", { name: "Before and after" }).click();
      await page.getByRole("button", { name: "Plan it" }).click();
      expect(await violations(page)).toEqual([]);
      await page.getByRole("button", { name: "Write it up as it stands" }).click();
      expect(await violations(page)).toEqual([]);
      await expectNothingSideways(page);
    });

    test("every page with an address can be read, named and reached", async ({ page }) => {
      for (const [path, shown] of PAGES) {
        await page.goto(path);
        await page.getByText(shown).first().waitFor();
        expect(await violations(page)).toEqual([]);
      }
    });
  });
}

const WIDTHS = [360, 768, 1920];

/** Nothing runs off the side at any width, once the page is laid out anew for it. */
async function expectNothingSideways(page: Page): Promise<void> {
  for (const width of WIDTHS) {
    await page.setViewportSize({ width, height: 740 });
    await expect.poll(() => sideways(page), { message: `${width} wide` }).toBeLessThanOrEqual(0);
  }
}

test.describe("a phone on its side", () => {
  test.use({ ...PHONE, viewport: { width: 844, height: 390 }, colorScheme: "light" });

  test("can be read, named and reached, and the sheet's menu with it", async ({ page }) => {
    await openBench(page);
    expect(await violations(page)).toEqual([]);
    await page.getByRole("button", { name: /^Ø over crests/ }).click();
    expect(await violations(page)).toEqual([]);
    await page.getByLabel("Ø over crests", { exact: true }).fill("12.52");
    await page.getByRole("button", { name: "Take this diameter" }).click();
    expect(await violations(page)).toEqual([]);
    await page.goto("/charts");
    await page.getByText("M1 x 0.25").first().waitFor();
    expect(await violations(page)).toEqual([]);
    await page.goto("/fastener?callout=M8+x+40+8.8");
    await page.getByRole("button", { name: "Copy, print or send" }).click();
    expect(await violations(page)).toEqual([]);
  });
});

test.describe("from 360 to 1920 wide", () => {
  test.use({ viewport: { width: 360, height: 740 } });

  test("nothing runs off the side", async ({ page }) => {
    await openBench(page);
    await expectNothingSideways(page);
    await page.getByRole("button", { name: /^Ø over crests/ }).click();
    await expectNothingSideways(page);
    await page.getByLabel("Ø over crests", { exact: true }).fill("12.52");
    await page.getByRole("button", { name: "Take this diameter" }).click();
    for (const name of PANELS) {
      await page.getByRole("button", { name }).click();
      await expectNothingSideways(page);
      await close(page);
    }
    await page.goto("/write-up");
    await page.getByText("Write it up").first().waitFor();
    await expectNothingSideways(page);
  });

  test("no page with an address runs off the side", async ({ page }) => {
    for (const [path, shown] of PAGES) {
      await page.goto(path);
      await page.getByText(shown).first().waitFor();
      await expectNothingSideways(page);
    }
  });
});

test("an address that is nowhere says so, and a missing asset is not the app's page", async ({
  page,
}) => {
  // The router's own list of all addresses is no page of the app's.
  for (const nowhere of ["/nowhere", "/_sitemap"]) {
    await page.goto(nowhere);
    await expect(page.getByText("Nothing at this address")).toBeVisible();
  }
  const missing = await page.request.get("/_expo/static/js/web/gone.js");
  expect(missing.status()).toBe(404);
  expect(((await missing.json()) as { error: { code: string } }).error.code).toBe(
    "no-such-address",
  );
});

test.describe("a room that cannot be fetched", () => {
  test.use(PHONE);

  test("says so, keeps the work, and leads back to the Bench", async ({ page }) => {
    await page.route("**/later-*.js", (route) => route.abort());
    await openBench(page);
    await page.getByRole("button", { name: /^Ø over crests/ }).tap();
    await page.getByLabel("Ø over crests", { exact: true }).fill("9.9");
    await page.getByRole("button", { name: "Take this diameter" }).tap();
    await page.getByRole("button", { name: "Write it up as it stands" }).tap();
    await expect(page.getByText("This could not be shown")).toBeVisible();
    await page.getByRole("button", { name: "Go to the Bench" }).tap();
    await expect(page.getByText("Down to three")).toBeVisible();
  });
});
