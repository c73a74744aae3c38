import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test, WIDE } from "../support/test";

/** What opens each panel of the Bench, once a diameter was read. */
const OPENERS: readonly (readonly [opener: RegExp, title: RegExp])[] = [
  [/^Ø over crests/, /^Diameter over the crests/],
  [/^pitch/, /^Pitch/],
  [/^form/, /^Form and origin/],
  [/^across flats/, /^Across the flats/],
  [/^mark/, /^Mark, head and finish/],
  [/^length/, /^How long it is/],
  [/^The part/, /^What is on the bench/],
  [/^Find a thread/, /^Find a thread/],
  [/^Tools on hand/, /^Tools on hand/],
  [/^Compare two/, /^Compare two/],
  [/^Try a known part/, /^Try a known part/],
  [/^Ruled out/, /^Ruled out/],
];

async function readDiameter(page: Page): Promise<void> {
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).click();
  await page.getByLabel("Ø over crests", { exact: true }).fill("9.9");
  await page.getByRole("button", { name: "Take this diameter" }).click();
  await expect(page.getByText("Down to three")).toBeVisible();
}

const focusIsInPanel = (page: Page) =>
  page.evaluate(() => document.activeElement?.closest("[data-panel]") != null);

/** Puts the focus on the last thing in the panel that takes it. */
const focusLast = (page: Page) =>
  page.locator("[data-panel]").evaluate((panel) => {
    const all = panel.querySelectorAll<HTMLElement>('button, input, [tabindex="0"]');
    [...all].findLast(({ tabIndex, offsetParent }) => tabIndex >= 0 && offsetParent)?.focus();
  });

/** From the last thing in a panel twice on: round its end, and into it again. */
const ROUND = 3;

for (const [name, viewport] of [
  ["phone", PHONE],
  ["wide", WIDE],
] as const) {
  test.describe(`panels by keyboard, ${name}`, () => {
    test.use(viewport);

    test("the focus goes in, stays in, and comes back to what opened them", async ({ page }) => {
      await readDiameter(page);
      for (const [opener, title] of OPENERS) {
        const button = page.getByRole("button", { name: opener }).first();
        await button.focus();
        await page.keyboard.press("Enter");
        const panel = page.locator("[data-panel]");
        await expect(panel).toHaveAccessibleName(title);
        await expect.poll(() => focusIsInPanel(page)).toBe(true);
        await page.keyboard.press("Shift+Tab");
        expect(await focusIsInPanel(page), String(title)).toBe(true);
        await focusLast(page);
        for (let press = 0; press < ROUND; press += 1) {
          await page.keyboard.press("Tab");
          expect(await focusIsInPanel(page), String(title)).toBe(true);
        }
        for (let press = 0; press < ROUND; press += 1) await page.keyboard.press("Shift+Tab");
        expect(await focusIsInPanel(page), String(title)).toBe(true);
        await page.keyboard.press("Escape");
        await expect(panel).toHaveCount(0);
        await expect(button).toBeFocused();
      }
    });

    test("back closes a panel, and the focus is where it was", async ({ page }) => {
      await readDiameter(page);
      const button = page.getByRole("button", { name: /^pitch/ });
      await button.focus();
      await page.keyboard.press("Enter");
      await expect(page.locator("[data-panel]")).toBeVisible();
      await page.goBack();
      await expect(page.locator("[data-panel]")).toHaveCount(0);
      await expect(button).toBeFocused();
    });
  });
}

/** No finger lets go of a key in the same millisecond. */
const A_FINGER = { delay: 60 };

test.describe("a group of choices", () => {
  test.use(WIDE);

  test("is one stop of Tab, and arrows move in it", async ({ page }) => {
    await openBench(page);
    await page.keyboard.press("d");
    const group = page.getByRole("radiogroup", { name: "Condition of the part" });
    const chosen = group.getByRole("radio", { checked: true });
    await expect.poll(() => focusIsInPanel(page)).toBe(true);
    await expect(chosen).toHaveAccessibleName("Not judged");
    await chosen.focus();
    await page.keyboard.press("ArrowRight", A_FINGER);
    await expect(chosen).toHaveAccessibleName("Sound");
    await expect(chosen).toBeFocused();
    await page.keyboard.press("ArrowLeft", A_FINGER);
    await page.keyboard.press("ArrowLeft", A_FINGER);
    await expect(chosen).toHaveAccessibleName("Cheap");
    await page.keyboard.press("Tab");
    expect(await group.evaluate((it) => it.contains(document.activeElement))).toBe(false);
    await page.keyboard.press("Shift+Tab");
    await expect(chosen).toBeFocused();
  });

  test("whose choice is a reading keeps its panel open, by arrows and pressed", async ({
    page,
  }) => {
    await openBench(page);
    await page.getByRole("button", { name: /^mark/ }).click();
    await expect.poll(() => focusIsInPanel(page)).toBe(true);
    const metric = page.getByRole("radiogroup", { name: "Numbers" });
    await metric.getByRole("radio").first().focus();
    await page.keyboard.press("ArrowRight", A_FINGER);
    await expect(metric.getByRole("radio", { checked: true })).toBeFocused();
    await page.keyboard.press("Space");
    await expect(page.locator("[data-panel]")).toHaveCount(1);
    await page.getByRole("radio", { name: "Zinc plated", exact: true }).click();
    await page.getByRole("button", { name: "Done" }).click();
    await expect(page.getByRole("button", { name: /^Put right:/ })).toHaveCount(2);
  });
});
