import type { Page } from "@playwright/test";
import { expect, firstCandidate, openBench, PHONE, test, whyFirst, WIDE } from "../support/test";

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

async function readBoth(page: Page, diameter: string, leaf: string): Promise<void> {
  await button(page, /^Ø over crests/).click();
  await page.getByLabel("Ø over crests", { exact: true }).fill(diameter);
  await button(page, "Take this diameter").click();
  await button(page, /^pitch/).click();
  await page.getByRole("radio", { name: leaf }).click();
  await button(page, "Drops in").last().click();
}

test.describe("by touch", () => {
  test.use(PHONE);

  test("a British part is told from its American twin by the flank angle, then by where it is from", async ({
    page,
  }) => {
    await openBench(page);
    await readBoth(page, "9.4", "16 TPI leaf");
    await expect(page.getByText("Next: measure across the flats")).toBeVisible();
    await button(page, /skip this test$/).tap();
    await expect(page.getByText("Next: check the flank angle")).toBeVisible();
    await button(page, "Check the flank angle: 55°").tap();
    await expect(firstCandidate(page)).toContainText("3/8-16 BSW");
    await expect(button(page, /^form 55°/)).toBeVisible();
    await button(page, /^form/).tap();
    await page.getByRole("radio", { name: "Britain" }).tap();
    await page.getByRole("radio", { name: "before 1930" }).tap();
    await button(page, "Back to the part").tap();
    await expect(page.getByText("Settled", { exact: true })).toBeVisible();
    await expect(await whyFirst(page)).toContainText(
      "Whitworth threads are met on a machine from Britain",
    );
    await page.reload();
    await expect(page.getByText("Settled", { exact: true })).toBeVisible();
    await button(page, "Undo").tap();
    await button(page, "Undo").tap();
    await expect(button(page, /Put right: from/)).toHaveCount(0);
  });

  test("what a part is off weighs, and is taken back", async ({ page }) => {
    await openBench(page);
    await button(page, /^Ø over crests/).click();
    await page.getByLabel("Ø over crests", { exact: true }).fill("9.42");
    await button(page, "Take this diameter").click();
    await expect(firstCandidate(page)).toContainText("3/8-16 UNC");
    await button(page, /^form/).tap();
    await page.getByRole("radio", { name: "off a vehicle" }).tap();
    await button(page, "Back to the part").tap();
    await expect(firstCandidate(page)).toContainText("3/8-24 UNF");
    await expect(button(page, "Put right: off a vehicle")).toBeVisible();
    await page.reload();
    await expect(firstCandidate(page)).toContainText("3/8-24 UNF");
    await button(page, /^form/).tap();
    await page.getByRole("radio", { name: "Off anything" }).tap();
    await button(page, "Back to the part").tap();
    await expect(button(page, /Put right: off/)).toHaveCount(0);
    await expect(firstCandidate(page)).toContainText("3/8-16 UNC");
  });

  test("a pipe fitting, taper or parallel", async ({ page }) => {
    await openBench(page);
    await readBoth(page, "20.8", "14 TPI leaf");
    await expect(page.getByText("Next: see whether it tapers")).toBeVisible();
    await button(page, "See whether it tapers: parallel").tap();
    await expect(firstCandidate(page)).toContainText("G 1/2");
    await expect(await whyFirst(page)).toContainText("It is parallel, as was seen.");
    await button(page, /Take away taper parallel/).tap();
    await button(page, "See whether it tapers: tapered").tap();
    await expect(firstCandidate(page)).not.toContainText("G 1/2");
  });
});

test.describe("by keyboard", () => {
  test.use(WIDE);

  test("f opens the form, and what was answered is written up and found again", async ({
    page,
  }) => {
    await openBench(page);
    await readBoth(page, "9.4", "16 TPI leaf");
    await page.keyboard.press("f");
    await expect(page.getByRole("region", { name: "Form and origin" })).toBeVisible();
    await page.getByRole("radio", { name: "60°" }).click();
    await page.keyboard.press("Escape");
    await button(page, /^Write it up/).click();
    await page.getByLabel("Which machine").fill("Union lever guillotine");
    await button(page, /^Add “/).click();
    await button(page, "Save to the machine").click();
    await expect(page.getByText("not on the server yet")).toBeHidden();
    await page.reload();
    await expect(page.getByText("flanks", { exact: true })).toBeVisible();
    await expect(page.getByText("gauged")).toBeVisible();
  });
});
