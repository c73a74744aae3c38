import type { Page } from "@playwright/test";
import { parcelsInDatabase } from "../support/box";
import { expect, PHONE, test } from "../support/test";

test.use({ ...PHONE, content: "demo" });

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

const away = (page: Page) => page.route("**/api/**", (route) => route.abort());
const back = (page: Page) => page.unroute("**/api/**");

/** How many parcels the browser's database has, and how many the storage for texts. */
const kept = async (page: Page) => ({
  count: await parcelsInDatabase(page),
  texts: await page.evaluate(
    () => Object.keys(localStorage).filter((key) => key.startsWith("rg.outbox.")).length,
  ),
});

async function note(page: Page, text: string): Promise<void> {
  await page.getByLabel("Note something, for who comes next").fill(text);
  await button(page, "Add the note").tap();
  await expect(page.getByRole("listitem").filter({ hasText: text })).toBeVisible();
}

async function openPlace(page: Page, machine: RegExp, place: RegExp): Promise<void> {
  await page.goto("/jobs");
  await button(page, machine).tap();
  await button(page, place).tap();
  await expect(page.getByRole("region", { name: "History" })).toBeVisible();
}

test("places are made one offline, are so on the screen, and on the server when it is back", async ({
  page,
}) => {
  await openPlace(page, /^Folding/, /^Drive flange, four screws/);
  await button(page, "Edit").tap();
  await page.getByLabel("The other place").fill("its screws");
  await button(page, "Drive flange / its screws").tap();
  await away(page);
  await button(page, /^Make it one with “Drive flange/).tap();
  await expect(page.getByText("kept on this device", { exact: false })).toBeVisible();
  await button(page, "What waits").tap();
  await expect(
    page.getByText("Drive flange, four screws, made one with Drive flange / its screws"),
  ).toBeVisible();
  expect(await kept(page)).toEqual({ count: 1, texts: 0 });
  await back(page);
  await expect(page.getByText("Nothing waits", { exact: false })).toBeVisible();
  await openPlace(page, /^Folding/, /^its screws/);
  await expect(page.getByRole("region", { name: "History" })).toContainText("Made one with it");
  expect(await kept(page)).toEqual({ count: 0, texts: 0 });
});

test("a browser that has no database to give keeps what waits over a reload all the same", async ({
  page,
}) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException("forbidden", "SecurityError");
    };
  });
  await openPlace(page, /^Kestrel cylinder proofer/, /^Impression adjuster/);
  const address = page.url();
  await page.route("**/api/remarks/**", (route) => route.abort());
  await note(page, "Turns hard.");
  await page.reload();
  await expect(page.getByRole("listitem").filter({ hasText: "Turns hard." })).toBeVisible();
  await page.unroute("**/api/remarks/**");
  await expect(page.getByText("kept on this device", { exact: false })).toHaveCount(0);
  expect(page.url()).toBe(address);
  expect(await page.evaluate(() => Object.keys(localStorage).join())).not.toContain("rg.outbox");
});

test("two tabs show one box, whichever of them put in and delivers", async ({ page, context }) => {
  await openPlace(page, /^Kestrel cylinder proofer/, /^Impression adjuster/);
  await context.route("**/api/remarks/**", (route) => route.abort());
  const other = await context.newPage();
  await other.goto(page.url());
  await note(page, "Seen in both.");
  await expect(other.getByRole("listitem").filter({ hasText: "Seen in both." })).toBeVisible();
  await page.close();
  await context.unroute("**/api/remarks/**");
  await expect(other.getByText("kept on this device", { exact: false })).toHaveCount(0);
  await other.reload();
  await expect(other.getByRole("listitem").filter({ hasText: "Seen in both." })).toBeVisible();
  expect(await kept(other)).toEqual({ count: 0, texts: 0 });
});
