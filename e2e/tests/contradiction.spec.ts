import { expect, openBench, PHONE, test } from "../support/test";

test.use(PHONE);

test("readings that contradict each other name the culprit, and taking it away settles the rest", async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill("12.52");
  await page.getByRole("button", { name: "Take this diameter" }).tap();
  await page.getByRole("button", { name: /^pitch/ }).tap();
  await page.getByRole("radio", { name: "14 TPI leaf" }).tap();
  await page.getByRole("dialog").getByRole("button", { name: "Drops in" }).tap();
  await expect(page.getByText("Doesn't add up")).toBeVisible();
  await expect(page.getByRole("region", { name: "Next" })).toContainText(
    "If the 14 TPI leaf was really 13 TPI, everything fits 1/2-13 UNC.",
  );
  await page.getByRole("button", { name: "Take away the reading leaf 14 TPI" }).tap();
  await expect(page.getByText("Down to four")).toBeVisible();
});

test("a diameter outside every thread says so and what may have gone wrong", async ({ page }) => {
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill("107");
  await page.getByRole("button", { name: "Take this diameter" }).tap();
  await expect(page.getByText("Outside every thread held")).toBeVisible();
  await expect(page.getByText("Something else")).toBeVisible();
  await page.getByRole("button", { name: /^Ruled out/ }).tap();
  await expect(page.getByRole("dialog")).toContainText("over the largest");
});

test("how common a thread is can be left out, and undo puts it back", async ({ page }) => {
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill("9.87");
  await page.getByRole("button", { name: "Take this diameter" }).tap();
  const running = page.getByRole("list", { name: "Still in the running" });
  const before = (await running.textContent()) ?? "";
  await page.getByRole("switch").tap();
  await expect(page.getByRole("switch")).not.toBeChecked();
  await expect(running).not.toHaveText(before);
  await page.getByRole("button", { name: "Undo" }).tap();
  await expect(page.getByRole("switch")).toBeChecked();
  await expect(running).toHaveText(before);
});

test.describe("a reading that the others speak against", () => {
  test.use(PHONE);

  test("is taken again from the card that doubts it, and all adds up", async ({ page }) => {
    await openBench(page);
    await page.getByRole("button", { name: /^Ø over crests/ }).tap();
    await page.getByLabel("Ø over crests", { exact: true }).fill("9.03");
    await page.getByRole("button", { name: "Take this diameter" }).tap();
    await page.getByRole("button", { name: /^pitch/ }).tap();
    await page.getByRole("radio", { name: "1.5 mm leaf" }).tap();
    await page.getByRole("button", { name: "Drops in" }).last().tap();
    await expect(page.getByText("Doesn't add up")).toBeVisible();
    await expect(page.getByText(/That is its plain shank/)).toBeVisible();
    await page.getByRole("button", { name: /^Take again the reading Ø 9.03 mm/ }).tap();
    await page.getByLabel("Ø over crests", { exact: true }).fill("9.9");
    await page.getByRole("button", { name: "Take this diameter" }).tap();
    await expect(page.getByText("Settled")).toBeVisible();
    await expect(page.getByText("M10 x 1.5").first()).toBeVisible();
  });
});
