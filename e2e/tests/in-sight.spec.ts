import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test } from "../support/test";

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" }).first();

async function diameter(page: Page, mm: string): Promise<void> {
  await button(page, /^Ø over crests/).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill(mm);
  await button(page, "Take this diameter").tap();
}

async function length(page: Page, mm: string): Promise<void> {
  await button(page, /^length/).tap();
  await page.getByLabel("Length", { exact: true }).fill(mm);
  await button(page, "Take this length").tap();
}

async function mark(page: Page): Promise<void> {
  await button(page, /^mark/).tap();
  await page.getByRole("radio", { name: "8.8", exact: true }).tap();
  await page.getByRole("radio", { name: "Zinc plated", exact: true }).tap();
  await button(page, "Done").tap();
}

/** What lies wholly in the window, and under nothing: the element is met where its middle is. */
async function inSight(page: Page, selector: string): Promise<number> {
  return page.evaluate((wanted) => {
    const seen = [...document.querySelectorAll(wanted)].filter((element) => {
      const { left, right, top, bottom } = element.getBoundingClientRect();
      const inside = top >= 0 && bottom <= innerHeight && left >= 0 && right <= innerWidth;
      const met = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
      return inside && met !== null && (element.contains(met) || met.contains(element));
    });
    return seen.length;
  }, selector);
}

const ROWS = '[role="list"] [role="listitem"]';

async function expectAnswerInSight(page: Page): Promise<void> {
  await expect.poll(() => inSight(page, ROWS)).toBeGreaterThanOrEqual(3);
  expect(await inSight(page, "h2[aria-live]")).toBe(1);
  expect(await inSight(page, "#next-test h2")).toBe(1);
  expect(await inSight(page, "#next-answers button")).toBeGreaterThanOrEqual(2);
}

for (const [name, viewport] of [
  ["a phone", { width: 390, height: 844 }],
  ["a phone on its side", { width: 844, height: 390 }],
] as const) {
  test.describe(name, () => {
    test.use({ ...PHONE, viewport });

    test("verdict, three threads and the next test are in sight with one, two and four readings", async ({
      page,
    }) => {
      await openBench(page);
      await diameter(page, "9.9");
      await expectAnswerInSight(page);
      await length(page, "40");
      await expectAnswerInSight(page);
      await mark(page);
      await expect(page.getByRole("button", { name: /^Put right/ })).toHaveCount(4);
      await expectAnswerInSight(page);
      // The drawing gave way, and every tag of it is still touched.
      for (const tag of [/^form/, /^pitch/, /^Ø over crests/, /^length/, /^across flats/]) {
        await expect(button(page, tag)).toBeInViewport();
      }
      await button(page, /open$/).tap();
      await expect(page.getByText("As known so far", { exact: false })).toBeVisible();
    });

    test("the chart of threads shows its rows", async ({ page }) => {
      await page.goto("/charts");
      await page.getByText("M1 x 0.25").first().waitFor();
      const rows = await inSight(page, '[role="rowheader"]');
      expect(rows).toBeGreaterThanOrEqual(4);
    });
  });
}

/** How far anything stands out of the side of the window, and what is cut off on one line. */
const cut = (page: Page) =>
  page.evaluate(() => ({
    aside: document.documentElement.scrollWidth - innerWidth,
    words: [...document.querySelectorAll("main span, main button, main h1, main h2")]
      .filter((element) => {
        const { overflow } = getComputedStyle(element);
        const wide = element.scrollWidth > element.clientWidth + 1;
        return overflow === "hidden" && wide && element.clientWidth > 1;
      })
      .map((element) => element.textContent),
  }));

/** The text of the device, as its owner has set it. */
async function setText(page: Page, px: number): Promise<void> {
  const tools = await page.context().newCDPSession(page);
  await tools.send("Page.setFontSizes", { fontSizes: { standard: px } });
}

test.describe("narrow, and with large text", () => {
  test.use({ ...PHONE, viewport: { width: 320, height: 640 } });

  for (const size of [16, 32]) {
    test(`at ${size} px a rem nothing is cut off`, async ({ page }) => {
      await setText(page, size);
      await page.goto("/");
      await page.getByRole("group", { name: "The part as known so far" }).waitFor();
      const rem = await page.evaluate(() => getComputedStyle(document.documentElement).fontSize);
      expect(rem).toBe(`${size}px`);
      expect(await cut(page)).toMatchObject({ aside: 0 });
      await diameter(page, "9.9");
      await expect(page.getByText("Down to three")).toBeVisible();
      const answer = await cut(page);
      expect(answer.aside).toBe(0);
      if (size === 32) expect(answer.words).toEqual([]);
      const body = await page
        .getByText("Down to three")
        .evaluate((element) => getComputedStyle(element).fontSize);
      expect(parseFloat(body)).toBeGreaterThanOrEqual(size);
    });
  }
});

test.describe("with large text in every room", () => {
  test.use({ ...PHONE, content: "demo" });

  const uncut = async (page: Page) => {
    await expect.poll(() => cut(page)).toEqual({ aside: 0, words: [] });
  };

  test("no word is cut off", async ({ page }) => {
    await setText(page, 32);
    for (const [path, shows] of [
      ["/charts/drills", "Nearest to a"],
      ["/charts/convert", "Length"],
      ["/tools", "Drills"],
      ["/fastener?callout=7/16-14 x 2-1/4 gr 5 zinc", "Strength"],
      ["/specify", "The hole"],
      ["/jobs", "Harrow"],
    ] as const) {
      await page.goto(path);
      await expect(page.getByText(shows).first()).toBeVisible();
      await uncut(page);
    }
    await page.getByText("Harrow").first().tap();
    await expect(page.getByRole("heading", { name: /Harrow/ })).toBeVisible();
    await uncut(page);
  });

  test("the figures of a hole stand under it, whole, and are touched there", async ({ page }) => {
    await setText(page, 32);
    await page.goto("/mend");
    await page.getByText("Strips when tightened").tap();
    await page.getByLabel("Thread", { exact: true }).fill("M8");
    await page.getByLabel("Depth, mm").fill("24");
    await uncut(page);
    await page.getByRole("button", { name: "bore ?" }).tap();
    await page.getByRole("region", { name: "Figure of the hole" }).getByRole("textbox").fill("8.2");
    await page.getByRole("button", { name: "That is it" }).tap();
    await expect(page.getByRole("button", { name: "bore 8.20 mm" })).toBeVisible();
    await page.getByRole("button", { name: "What may be done" }).tap();
    await page.getByRole("button", { name: "Plan it" }).first().tap();
    await expect(page.getByText(/^Step 1 of/)).toBeVisible();
    await uncut(page);
  });
});
