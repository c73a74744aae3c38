import type { Page } from "@playwright/test";
import { expect, PHONE, test } from "../support/test";

test.use({ ...PHONE, content: "demo" });

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

const lines = (page: Page) => page.getByRole("list", { name: "Lines" }).getByRole("listitem");

test("a job is opened over a machine, a place of another added, changed, done and found again", async ({
  page,
}) => {
  await page.goto("/jobs");
  await button(page, /^Folding machine/).tap();
  await button(page, /^Open a job/).tap();
  await expect(page.getByRole("heading", { name: "Folding machine", level: 1 })).toBeVisible();
  await expect(page).toHaveTitle(/Folding machine/);
  await expect(button(page, /^Knife cover/)).toBeVisible();
  await page.getByLabel(/^Add places/).fill("ink unit");
  await button(page, /^Add Ink unit \/ roller bracket/).tap();
  await expect(page.getByRole("list", { name: "Found places" })).toContainText("Added");
  await expect(page.getByRole("region", { name: "Kestrel cylinder proofer" })).toContainText(
    "Ink unit / roller bracket",
  );
  await button(page, "Edit").tap();
  await page.getByLabel("Its name").fill("Folder: drive and knives");
  // The day alone is no day yet.
  const due = page.getByLabel(/^To be done by/);
  await due.focus();
  await page.keyboard.type("31");
  await button(page, "Keep the change").tap();
  await expect(page.getByRole("alert")).toContainText("Read as no day");
  await due.fill("2027-01-31");
  await button(page, "Keep the change").tap();
  await expect(page.getByText("Due 31 Jan 2027")).toBeVisible();
  await button(page, "Edit").tap();
  await button(page, /^Take off the job: Knife cover/).tap();
  await button(page, "Leave it as it was").tap();
  await expect(button(page, /^Knife cover/)).toHaveCount(0);
  await expect(page.getByText("not on the server yet")).toHaveCount(0);

  // The place says which job it is worked at in, and leaves it with a touch.
  await button(page, /^Ink unit/).tap();
  const chip = page.getByRole("checkbox", { name: "Folder: drive and knives" });
  await expect(chip).toBeChecked();
  await chip.tap();
  await expect(chip).not.toBeChecked();
  await page.getByRole("button", { name: "Back" }).tap();
  await expect(page.getByRole("region", { name: "Kestrel cylinder proofer" })).toHaveCount(0);

  await button(page, /^Done: Folder/).tap();
  await page.goto("/jobs");
  await expect(button(page, /^Folder: drive/)).toHaveCount(0);
  await button(page, /^Those done/).tap();
  await expect(button(page, /^Folder: drive/)).toContainText(/Done/);
});

test("an order is kept from a job, quoted with one line out of stock, changed, received, and its places fitted", async ({
  page,
}) => {
  await page.goto("/jobs");
  await button(page, /^Spring service/).tap();
  await button(page, /^Order list of Spring/).tap();
  await expect(lines(page)).toHaveCount(3);
  await button(page, /^Keep this list/).tap();
  await expect(page.getByText("0 of 3 lines arrived")).toBeVisible();
  await button(page, /^Ask the supplier/).tap();
  await expect(page.getByRole("region", { name: "Quotation" })).toContainText(
    "2 lines are not in stock",
  );
  const cover = lines(page).filter({ hasText: "M8 x 25" });
  await expect(cover).toContainText("In stock: 1 pack of 50");
  const bracket = lines(page).filter({ hasText: "M8 x 1 x 30" });
  await expect(bracket).toContainText("None in stock");

  // What is out of stock has another in its place, which is asked for.
  await bracket.getByRole("button", { name: /^Change/ }).tap();
  await page.getByLabel(/^What would do instead/).fill("M8 x 1 x 35 hex bolt, 8.8");
  await page.getByLabel("To order").fill("x");
  await button(page, "Keep the line").tap();
  await expect(page.getByRole("alert")).toContainText("whole number");
  await page.getByLabel("To order").fill("4");
  await page.reload();
  await button(page, "Keep the line").tap();
  await expect(bracket).toContainText("4: 2 needed, set by hand");
  await expect(bracket).toContainText("Not quoted");
  await button(page, /^Ask again/).tap();
  await button(page, /^Take instead: M8 x 1 x 35/).tap();
  await expect(lines(page).filter({ hasText: "or M8 x 1 x 30" })).toContainText("M8 x 1 x 35");

  // What is asked for with a screw is a line of its own.
  await page.getByLabel("Add a line").fill("2 off M8 x 30 hex bolt, 8.8 with 2 washers");
  await button(page, /^Add “2 off M8/).tap();
  await expect(lines(page)).toHaveCount(5);
  await expect(lines(page).filter({ hasText: "M8 flat washer" })).toContainText("2 needed");
  // What goes in at any place is added too, on the line that has the same part.
  await page.getByLabel("Add a line").fill("gripper bar / left");
  await button(page, /^Add for Feed side \/ gripper bar \/ left, Harrow/).tap();
  await expect(lines(page)).toHaveCount(5);
  await expect(lines(page).filter({ hasText: "1/4-20 BSW" })).toContainText("4: 4 needed");
  await page.getByLabel("Add a line").fill("");
  await cover.getByRole("button", { name: /^Arrived/ }).tap();
  await expect(page.getByText("1 of 5 lines arrived")).toBeVisible();
  await expect(page.getByText("not on the server yet")).toHaveCount(0);

  await page.goto("/jobs");
  await button(page, /^Kestrel/).tap();
  await expect(button(page, /^Side cover, front.*On hand/)).toBeVisible();
  await button(page, /^Side cover, front/).tap();
  await page.getByRole("radio", { name: "Fitted" }).tap();

  // What stands on an order that is kept is not bought twice.
  await page.goto("/order");
  await expect(lines(page).filter({ hasText: "M8 x 1 x 3" })).toHaveCount(0);
  await expect(page.getByRole("region", { name: "Orders that are kept" })).toContainText(
    "1 of 5 lines arrived",
  );
});

test.describe("a supplier", () => {
  test.use({ settings: { SUPPLIER_MOODS: "fails,fails,fails,nonsense,nonsense,nonsense,well" } });

  test("that fails, and one that answers nonsense, is said in a sentence, and asked again", async ({
    page,
  }) => {
    await page.goto("/order");
    await button(page, /^For the guillotine/).tap();
    await button(page, /^Ask the supplier/).tap();
    await expect(page.getByRole("status").filter({ hasText: "Asking" })).toBeVisible();
    await expect(page.getByRole("alert")).toContainText("cannot be reached");
    await button(page, /^Ask again/).tap();
    await expect(page.getByRole("alert")).toContainText("is no quotation");
    await button(page, /^Ask again/).tap();
    await expect(page.getByRole("region", { name: "Quotation" })).toContainText("Together");
  });
});

test.describe("two at one order", () => {
  test("tick a line each while the server is away, and both ticks are there when it is back", async ({
    page,
    browser,
    server,
  }) => {
    await page.goto("/order");
    await button(page, /^For the guillotine/).tap();
    await expect(lines(page)).toHaveCount(4);
    const other = await (await browser.newContext({ baseURL: server.address })).newPage();
    await other.goto(page.url());
    await lines(other).first().waitFor();
    await server.stop();
    await lines(page)
      .first()
      .getByRole("button", { name: /^Arrived/ })
      .tap();
    await lines(other)
      .nth(1)
      .getByRole("button", { name: /^Arrived/ })
      .click();
    await expect(other.getByText("2 of 4 lines arrived")).toBeVisible();
    await server.start();
    for (const screen of [page, other]) {
      await expect(screen.getByText("not on the server yet")).toHaveCount(0);
      for (const at of [0, 1]) {
        const arrived = lines(screen).nth(at);
        await expect(arrived.getByRole("button", { name: /^Not arrived/ })).toBeVisible();
      }
    }
    await other.goto("/outbox");
    await expect(other.getByText("Nothing waits", { exact: false })).toBeVisible();
  });
});
