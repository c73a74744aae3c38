import { PHONE, WIDE, expect, test } from "../support/test";

const FIELD = "The part, as you would order it";

test.describe("a call-out by touch", () => {
  test.use(PHONE);

  test("asks what a word is, remembers it for the workshop, and forgets it again", async ({
    page,
    request,
  }) => {
    await page.goto("/fastener");
    const field = page.getByLabel(FIELD);
    await field.fill("M10 x 40 wibble 8.8");
    await expect(page.getByRole("heading", { name: "What is a “wibble”?" })).toBeVisible();
    await page.getByRole("radio", { name: "A head" }).tap();
    await page.getByRole("button", { name: "button", exact: true }).tap();
    await expect(page.getByText("M10 x 40 button head screw, 8.8")).toBeVisible();
    await expect(async () => {
      const stored = (await (await request.get("/api/words")).json()) as { words: unknown[] };
      expect(stored.words).toMatchObject([
        { word: "wibble", means: { kind: "head", head: "button" } },
      ]);
    }).toPass();

    await page.evaluate(() => localStorage.removeItem("rg.words"));
    await page.reload();
    await page.getByLabel(FIELD).fill("wibble M8 x 20");
    await expect(page.getByText("M8 x 20 button head screw")).toBeVisible();

    await page.goto("/tools");
    await page.getByRole("button", { name: "Change what wibble means" }).tap();
    await page.getByRole("radio", { name: "Means nothing" }).tap();
    await expect(page.getByText("nothing that matters")).toBeVisible();
    await page.getByRole("button", { name: "Forget wibble" }).tap();
    await expect(page.getByText(/^None yet/)).toBeVisible();
  });

  test("shows what it understood in plates that can be put right", async ({ page }) => {
    await page.goto("/fastener");
    await page.getByLabel(FIELD).fill("5/16-18 x 1 gr 5");
    const understood = page.getByRole("group", { name: "Understood" });
    await understood.getByRole("button", { name: /^x 1:/ }).tap();
    await page.getByRole("button", { name: "x 1-1/2", exact: true }).tap();
    await understood.getByRole("button", { name: /^grade 5:/ }).tap();
    await page.getByRole("button", { name: "grade 8", exact: true }).tap();
    await expect(page.getByLabel(FIELD)).toHaveValue("5/16-18 UNC x 1-1/2, grade 8");
  });
});

test.describe("a call-out by the keyboard", () => {
  test.use(WIDE);

  test("goes on with threads, lengths and grades that there are, by the arrow keys", async ({
    page,
  }) => {
    await page.goto("/fastener");
    const field = page.getByLabel(FIELD);
    await field.fill("M1");
    const list = page.getByRole("listbox", { name: "Goes on with" });
    await expect(list.getByRole("option").first()).toHaveText("M10");
    await field.press("ArrowDown");
    await field.press("Enter");
    await expect(field).toHaveValue("M10");
    await field.pressSequentially(" x 4");
    await expect(list.getByRole("option", { name: "M10 x 45" })).toBeVisible();
    await field.press("ArrowDown");
    await field.press("ArrowDown");
    await expect(list.locator("[aria-selected=true]")).toHaveText("x 45");
    await field.press("Enter");
    await expect(list.getByRole("option", { name: "M10 x 45, 8.8" })).toBeVisible();
    await expect(list.getByText("9.8")).toBeVisible();
    await field.press("Enter");
    await expect(page).toHaveURL(/fastener\?callout=M10/);
  });
});
