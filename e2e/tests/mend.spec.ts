import type { Page } from "@playwright/test";
import { expect, PHONE, test } from "../support/test";

test.use(PHONE);

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });

/** The stripped M8 of the alloy side cover: 24 deep, 12 to the edge, the 8.8 screw held over 12 and is undone often. */
async function sayCover(page: Page, edge: string): Promise<void> {
  await page.goto("/mend");
  await page.getByText("Strips when tightened").tap();
  await page.getByLabel("Thread", { exact: true }).fill("M8");
  await page.getByLabel("Depth, mm").fill("24");
  await page.getByLabel("To the edge, mm").fill(edge);
  await page.getByLabel("Screw held over, mm").fill("12");
  await page.getByRole("radio", { name: "8.8", exact: true }).tap();
  await page
    .getByRole("radiogroup", { name: "Undone often" })
    .getByRole("radio", { name: "Yes" })
    .tap();
}

test("a stripped hole takes a wire insert, and its plan is worked step by step over a reload", async ({
  page,
}) => {
  await sayCover(page, "12");
  await expect(page.getByRole("img", { name: "The hole cut open: M8 x 1.25" })).toBeVisible();
  const offered = page.getByRole("region", { name: "What may be done" }).getByRole("button");
  await expect(offered.first()).toContainText("Wire insert, 1.5 D");
  await expect(offered.first()).toContainText("108 %");
  await expect(offered.first()).toContainText("Holds about 21 kN");
  await button(page, "Plan it").tap();
  await expect(page.getByText("Step 1 of 17")).toBeVisible();
  for (let step = 0; step < 5; step += 1) await button(page, "Done").tap();
  await expect(page.getByText("8.4 mm", { exact: true })).toBeVisible();
  await expect(page.getByText("Glasses on.")).toBeVisible();
  await page.reload();
  await expect(page.getByText("Step 6 of 17")).toBeVisible();
  await page.keyboard.press("PageDown");
  await expect(page.getByText("Step 7 of 17")).toBeVisible();
  await button(page, "One step back").tap();
  await expect(page.getByText("Step 6 of 17")).toBeVisible();
  for (let step = 5; step < 17; step += 1) await button(page, "Done").tap();
  await expect(page.getByText("All steps are done.", { exact: false })).toBeVisible();
});

test("the same hole near the edge refuses what needs more wall, and says how much", async ({
  page,
}) => {
  await sayCover(page, "5.5");
  await button(page, /^Refused/).tap();
  await expect(
    page.getByText("The wall to the edge would be 0.69 mm, and 2.00 mm are the least."),
  ).toBeVisible();
});

test("where safety hangs on it only replacing is offered until the caution was read", async ({
  page,
}) => {
  await sayCover(page, "12");
  await page.getByRole("radio", { name: "Safety hangs on it" }).tap();
  const offered = page.getByRole("region", { name: "What may be done" }).getByRole("button");
  await expect(offered.first()).toContainText("Replace the part");
  await button(page, "I have read this caution").tap();
  await expect(offered.first()).toContainText("Wire insert");
});

test("a new blind hole has its drill, its taps and its depth, or why it has not", async ({
  page,
}) => {
  await page.goto("/mend");
  await page.getByText("New hole").tap();
  await page.getByLabel("Thread", { exact: true }).fill("M10");
  await page.getByLabel("Depth, mm").fill("20");
  await page.getByRole("radio", { name: "Mild steel" }).tap();
  await expect(page.getByText("Depth at full width")).toBeVisible();
  await page.getByLabel("Depth, mm").fill("4");
  await expect(page.getByText(/^It takes a hole/)).toBeVisible();
});

test("lengths mean what they meant when the unit of the screen is changed", async ({ page }) => {
  await sayCover(page, "12");
  await page.getByRole("radio", { name: "in", exact: true }).tap();
  await expect(page.getByLabel("Depth, mm")).toHaveValue("24");
  await expect(page.getByText("Wire insert, 1.5 D")).toBeVisible();
});
