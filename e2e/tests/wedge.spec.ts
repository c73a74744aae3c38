import { expect, openBench, test, WIDE } from "../support/test";

test.use(WIDE);

test("a caliper that types needs no touch: digits and Enter are a diameter, its own figure each time", async ({
  page,
}) => {
  await openBench(page);
  await page.keyboard.type("12.52", { delay: 8 });
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: /Put right: Ø 12.52 mm/ })).toBeVisible();
  await page.keyboard.type("12.55", { delay: 8 });
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: /Put right: Ø 12.55 mm/ })).toBeVisible();
  await page.keyboard.press("l");
  await expect(page.getByLabel("Length", { exact: true })).toBeFocused();
  await page.getByRole("radio", { name: "in", exact: true }).last().click();
  await page.keyboard.type("1.5", { delay: 8 });
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: /^length 1.5 in/ })).toBeVisible();
});
