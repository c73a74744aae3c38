import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test, touchKeys, whyFirst } from "../support/test";

test.use(PHONE);

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

async function readDiameter(page: Page, keys: readonly string[]): Promise<void> {
  await button(page, /^Ø over crests/).tap();
  await touchKeys(page, keys);
  await button(page, "Take this diameter").tap();
  await expect(page.getByRole("dialog")).toBeHidden();
}

test("M10 x 1.25 and 1/2-13 UNC are identified, saved and found after a restart", async ({
  page,
  server,
}) => {
  await openBench(page);

  await readDiameter(page, ["9", ".", "9"]);
  await expect(page.getByText("Down to three")).toBeVisible();
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "1.25 mm leaf" }).tap();
  await page.getByRole("dialog").getByRole("button", { name: "Drops in", exact: true }).tap();
  await expect(page.getByText("Settled", { exact: true })).toBeVisible();
  await button(page, "Write it up").tap();
  await page.getByLabel("Which machine").fill("Kestrel cylinder proofer");
  await button(page, /^Add “/).tap();
  await page.getByLabel("Place on the machine").fill("Impression adjuster");
  await button(page, "Save to the machine").tap();
  await expect(page.getByText("M10 x 1.25 - 6g")).toBeVisible();
  await expect(page.getByText("not on the server yet")).toBeHidden();
  await button(page, "Start another").tap();

  await readDiameter(page, ["1", "2", ".", "5", "2"]);
  await expect(page.getByText("Find the leaf that drops in", { exact: false })).toBeVisible();
  await button(page, "Find the leaf that drops in: 13 TPI").tap();
  await expect(page.getByText("Settled", { exact: true })).toBeVisible();
  await button(page, "Write it up").tap();
  await page.getByLabel("Place on the machine").fill("Clamp bar");
  await button(page, "Save to the machine").tap();
  await expect(page.getByText("1/2-13 UNC-2A")).toBeVisible();
  await expect(page.getByText("not on the server yet")).toBeHidden();

  await server.stop();
  await server.start();
  await page.goto("/jobs");
  await button(page, /Kestrel cylinder proofer.*2 identified/).tap();
  await expect(button(page, /Impression adjuster.*M10 x 1.25/)).toBeVisible();
  await button(page, /Clamp bar.*1\/2-13 UNC/).tap();
  await button(page, /1\/2-13 UNC-2A/).tap();
  await button(page, "Open on the Bench").tap();
  await expect(page.getByText("Settled", { exact: true })).toBeVisible();
  await expect(button(page, /Put right: Ø 12.52 mm/)).toBeVisible();
});

test("a fraction is built from keys, and Back closes the pad", async ({ page }) => {
  await openBench(page);
  await button(page, /^Ø over crests/).tap();
  await touchKeys(page, ["1", "and", "3", "/16"]);
  await expect(page.getByText("30.16 mm")).toBeVisible();
  await expect(page.getByText("exactly 1 3/16 in")).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("dialog")).toBeHidden();
  await button(page, /^Ø over crests/).tap();
  await expect(page.getByLabel("Ø over crests", { exact: true })).toHaveValue("1 3/16");
  await button(page, "Take this diameter").tap();
  await expect(button(page, /Put right: Ø 1-3\/16 in 30.16 mm/)).toBeVisible();
});

test("count and crest to crest name the pitch as a leaf would", async ({ page }) => {
  await openBench(page);
  await readDiameter(page, ["7", ".", "9"]);
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "Count" }).tap();
  await touchKeys(page, ["8"]);
  await page.getByLabel("In a length of", { exact: true }).tap();
  await touchKeys(page, ["1", "0"]);
  await button(page, "Take this count").tap();
  await expect(await whyFirst(page)).toContainText(
    "8 threads counted in 10.00 mm; this one shows 8.",
  );
  await button(page, /Take away count 8/).tap();
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "Crest to crest" }).tap();
  await touchKeys(page, ["1", "0"]);
  await page.getByLabel("Crest to crest", { exact: true }).last().tap();
  await touchKeys(page, ["1", "0", ".", "0", "3"]);
  await button(page, "Take this length").tap();
  await expect(page.getByText("Settled", { exact: true })).toBeVisible();
  await expect(page.getByRole("listitem").first()).toContainText("M8 x 1");
});
