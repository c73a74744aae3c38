import { readFile } from "node:fs/promises";
import { catalogue, limits, sizesOverCrests } from "@root-gauge/core";
import type { Page } from "@playwright/test";
import { expect, PHONE, test, WIDE } from "../support/test";

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

const search = (page: Page) => page.getByLabel("Find a thread", { exact: true });

const row = (page: Page, designation: string) =>
  page.getByRole("row").filter({ has: button(page, `Pin ${designation}`) });

async function openCharts(page: Page): Promise<void> {
  await page.goto("/charts");
  await expect(page.getByText(`${catalogue().length} threads`)).toBeVisible();
}

async function exported(page: Page, name: string): Promise<string[]> {
  const [download] = await Promise.all([page.waitForEvent("download"), button(page, name).click()]);
  const text = await readFile(await download.path(), "utf8");
  return text.replace("\uFEFF", "").split("\r\n");
}

test.describe("on a phone, by touch", () => {
  test.use(PHONE);

  test("a worn part's diameter alone finds every thread within reach of it", async ({ page }) => {
    await openCharts(page);
    await search(page).fill("9.5 mm");
    await expect(page.getByText("Read as a diameter: 9.50 mm over the crests")).toBeVisible();
    const lines = await exported(page, "Export these rows as CSV");
    for (const thread of catalogue()) {
      const sound = sizesOverCrests(thread);
      if (sound === undefined || 9.5 < sound.min || 9.5 > sound.max) continue;
      expect(lines.some((line) => line.startsWith(`${thread.designation},`))).toBe(true);
    }
    await expect(row(page, "3/8-16 UNC")).toContainText("0.01 over");
    await expect(row(page, "M10 x 1.5")).toContainText("0.23 under");
  });

  test("filters narrow the table, say so, and outlast a reload", async ({ page }) => {
    await openCharts(page);
    await button(page, "Filters and limits").tap();
    await page.getByRole("radio", { name: "Whitworth" }).tap();
    await page.getByRole("radio", { name: "BSF" }).tap();
    await page.goBack();
    await expect(page.getByRole("dialog")).toBeHidden();
    await expect(page.getByText("Narrowed to: Whitworth · BSF.")).toBeVisible();
    const count = catalogue().filter(({ series }) => series === "BSF").length;
    await expect(page.getByText(`${count} threads`)).toBeVisible();
    await search(page).fill("5/16");
    await page.reload();
    await expect(search(page)).toHaveValue("5/16");
    await expect(row(page, "5/16-22 BSF")).toBeVisible();
    await expect(page.getByText(/^\d+ threads?$/)).toHaveText("1 thread");
  });

  test("mm and in flip every figure of the table and of a thread's page", async ({ page }) => {
    await openCharts(page);
    await search(page).fill("M10x1.5");
    const ten = row(page, "M10 x 1.5");
    await expect(ten).toContainText("10.000");
    await expect(ten).toContainText("9.732–9.968 6g");
    await page.getByRole("radio", { name: "in", exact: true }).tap();
    await expect(ten).toContainText("0.3937");
    await expect(ten).toContainText("0.3831–0.3924 6g");
    await button(page, "M10 x 1.5").tap();
    await expect(page.getByRole("heading", { name: "M10 x 1.5", level: 1 })).toBeVisible();
    await expect(page.getByText("0.3937 in", { exact: true })).toBeVisible();
    await page.getByRole("radio", { name: "mm", exact: true }).tap();
    await expect(page.getByText("10.000 mm", { exact: true })).toBeVisible();
    await page.goBack();
    await expect(search(page)).toHaveValue("M10x1.5");
  });

  test("two pinned rows are compared: profiles, drift, and whether each goes into the other", async ({
    page,
  }) => {
    await openCharts(page);
    await search(page).fill("3/8-16");
    await button(page, "Pin 3/8-16 UNC").tap();
    await search(page).fill("M10");
    await button(page, "Pin M10 x 1.5").tap();
    await button(page, "Compare").tap();
    await expect(page.getByText("binds after about 4 turns", { exact: false })).toBeVisible();
    await expect(page.getByText("too large over its crests", { exact: false })).toBeVisible();
    await expect(
      page.getByRole("img", { name: "Over ten threads they part by 0.87 mm" }),
    ).toBeVisible();
    await page.goBack();
    await button(page, "Unpin M10 x 1.5 from the comparison").tap();
    await expect(page.getByText("Pin a second row to compare.")).toBeVisible();
  });

  test("searches that find nothing say what was understood and what is accepted", async ({
    page,
  }) => {
    await openCharts(page);
    for (const [typed, sentence] of [
      ["zz", "Read “zz”: neither a thread, a diameter nor a pitch."],
      ["M13", "Read “M13”: no such size is held. Nearest: M12 x 1.75, M14 x 2."],
      ["500", "Read as a diameter of 500.00 mm, outside every thread held"],
      ["1.3 pitch", "it lies between 20 TPI (ten threads 0.30 mm longer than that) and 19 TPI"],
    ] as const) {
      await search(page).fill(typed);
      await expect(page.getByRole("status").filter({ hasText: sentence })).toBeVisible();
      await expect(search(page)).toHaveValue(typed);
    }
    await search(page).fill("zz");
    await expect(page.getByText("No thread held answers to that.")).toBeVisible();
    await button(page, "Empty Find a thread").tap();
    await expect(page.getByText(`${catalogue().length} threads`)).toBeVisible();
  });

  test("the table scrolls through the whole catalogue without blanks", async ({ page }) => {
    await openCharts(page);
    const table = page.getByRole("table", { name: "Threads" });
    for (let step = 0; step < 12; step += 1) {
      await table.evaluate((element) => element.scrollBy(0, 2600));
      const gaps = await table.evaluate(async (element) => {
        await new Promise(requestAnimationFrame);
        await new Promise(requestAnimationFrame);
        const { top, bottom, left } = element.getBoundingClientRect();
        const blanks: number[] = [];
        for (let y = top + 70; y < bottom - 10; y += 22) {
          const hit = document.elementFromPoint(left + 60, y);
          if (hit?.closest('[role="row"]') == null) blanks.push(y);
        }
        return blanks;
      });
      expect(gaps).toEqual([]);
    }
  });

  test("drills: what each leaves of the thread, and the nearest to a size from the sets owned", async ({
    page,
  }) => {
    await page.goto("/charts/drills");
    await page.getByLabel("For the thread").fill("1/4-20");
    await expect(page.getByText("1/4-20 UNC: no. 7")).toBeVisible();
    await expect(page.getByRole("group", { name: "no. 7, 75 %" })).toBeVisible();
    await page.getByLabel("Nearest to a size, mm").fill("5.11");
    await page.getByRole("checkbox", { name: "1/64 in" }).tap();
    await expect(page.getByRole("group", { name: /^13\/64 in/ })).toHaveCount(0);
    await expect(page.getByRole("group", { name: /^5.1 mm/ })).toContainText("−0.010");
    await page.reload();
    await expect(page.getByLabel("Nearest to a size, mm")).toHaveValue("5.11");
    await expect(page.getByRole("checkbox", { name: "1/64 in" })).not.toBeChecked();
    await page.getByLabel("For the thread").fill("1/2");
    await expect(page.getByRole("alert")).toContainText("Read “1/2”: more than one thread.");
  });

  test("lengths and pitches convert all at once, and bad ones are answered", async ({ page }) => {
    await page.goto("/charts/convert");
    await page.getByLabel("A length; a bare figure is mm").fill("37/64");
    await expect(page.getByText("14.6844 mm")).toBeVisible();
    await expect(page.getByText("37/64 in, exactly")).toBeVisible();
    await page.getByLabel("A pitch; a bare figure is mm").fill("20 tpi");
    await expect(page.getByText("1.27 mm")).toBeVisible();
    await expect(page.getByText("20 TPI is a standard pitch.")).toBeVisible();
    await page.getByLabel("A pitch; a bare figure is mm").fill("20 furlongs");
    await expect(page.getByRole("alert")).toContainText("Read “20 furlongs”: not a pitch.");
  });
});

test.describe("a thread's page", () => {
  test.use(WIDE);

  const ofEachFamily = [...new Map(catalogue().map((thread) => [thread.series, thread])).values()];

  test("opens for a thread of every series, with its limits and its drawing", async ({ page }) => {
    test.slow();
    for (const thread of ofEachFamily) {
      await page.goto(`/charts/thread?id=${encodeURIComponent(thread.id)}`);
      await expect(page.getByRole("heading", { name: thread.designation, level: 1 })).toBeVisible();
      await expect(
        page.getByRole("img", { name: `The form of ${thread.designation}, drawn to scale` }),
      ).toBeVisible();
      const side = thread.only ?? "external";
      const { min = 0 } = limits(thread, side).pitch;
      await expect(page.getByText(min.toFixed(3), { exact: true }).first()).toBeVisible();
    }
  });

  test("has a link that opens the same page for another person, and says so when it is cut short", async ({
    page,
    context,
    browser,
    baseURL,
  }) => {
    await context.grantPermissions(["clipboard-read", "clipboard-write"]);
    await page.goto("/charts/thread?id=bsf-5/16-22");
    await button(page, "Copy the link").click();
    await expect(page.getByText("Copied.")).toBeVisible();
    const link = await page.evaluate(() => navigator.clipboard.readText());
    expect(link.startsWith(baseURL ?? "?")).toBe(true);
    const other = await browser.newContext();
    const opened = await other.newPage();
    await opened.goto(link);
    await expect(opened.getByRole("heading", { name: "5/16-22 BSF", level: 1 })).toBeVisible();
    await opened.goto(link.slice(0, -3));
    await expect(opened.getByText("no thread of the catalogue has this address")).toBeVisible();
    await other.close();
    await button(page, "Copy as text").click();
    await expect(page.getByText("Copied.").first()).toBeVisible();
    const text = await page.evaluate(() => navigator.clipboard.readText());
    expect(text).toContain("5/16-22 BSF");
    expect(text).toContain("Flank angle: 55°");
  });

  test("exports its limits, and leads on to a look-alike", async ({ page }) => {
    await page.goto("/charts/thread?id=iso-m10x1.5");
    const lines = await exported(page, "Export as CSV");
    expect(lines).toContain("external,6g,9.732–9.968,8.862–8.994,7.938–8.128");
    await button(page, "Compare M10 x 1.5 with 3/8-16 UNC").click();
    await expect(
      page.getByRole("heading", { name: "M10 x 1.5 and 3/8-16 UNC", level: 1 }),
    ).toBeVisible();
  });

  test("two pinned rows stand side by side beside the table", async ({ page }) => {
    await openCharts(page);
    await search(page).fill("1/2");
    await button(page, "Pin 1/2-13 UNC").click();
    await button(page, "Pin 1/2-12 BSW").click();
    await expect(page.getByText("Pinned, side by side")).toBeVisible();
    await expect(page.getByText("Over ten threads they part by 1.63 mm")).toBeVisible();
  });

  test("columns sort by size, both ways", async ({ page }) => {
    await openCharts(page);
    await search(page).fill("unf");
    await button(page, "Major, mm").click();
    const first = page.getByRole("row").nth(1);
    await expect(first).toContainText("#0-80 UNF");
    await button(page, "Major, mm").click();
    await expect(first).toContainText("1 1/2-12 UNF");
  });
});
