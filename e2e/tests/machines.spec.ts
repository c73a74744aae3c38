import { randomUUID } from "node:crypto";
import type { Page } from "@playwright/test";
import { expect, PHONE, test, WIDE } from "../support/test";

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

const heading = (page: Page) => page.getByRole("heading", { level: 1 });

async function addPosition(page: Page, path: string): Promise<void> {
  await page.getByLabel("Add a position").fill(path);
  await button(page, `Add the position ${path}`).tap();
  const [name = ""] = path.split(" / ").slice(-1);
  await expect(button(page, new RegExp(`^${name}.*To identify`))).toBeVisible();
}

/** A machine of this name with these places, on its page. */
async function newMachine(page: Page, name: string, paths: readonly string[]): Promise<void> {
  await page.goto("/jobs");
  await page.getByLabel("Find a machine", { exact: true }).fill(name);
  await button(page, `Add “${name}” as a new machine`).tap();
  await expect(heading(page)).toHaveText(name);
  for (const path of paths) await addPosition(page, path);
}

async function size(page: Page, mm: string): Promise<void> {
  await button(page, /^Ø over crests/).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill(mm);
  await button(page, "Take this diameter").tap();
}

async function leaf(page: Page, mark: string): Promise<void> {
  await page.getByRole("button", { name: /^pitch/ }).tap();
  await page.getByRole("radio", { name: `${mark} leaf`, exact: true }).tap();
  await page.getByRole("dialog").getByRole("button", { name: "Drops in", exact: true }).tap();
}

test.describe("on a phone, by touch", () => {
  test.use(PHONE);

  test("a machine is walked round, five positions, one of them a nut", async ({ page }) => {
    await newMachine(page, "Ruling machine", [
      "Feed side / roller left",
      "Feed side / roller right",
      "Feed side / guard",
      "Ink trough",
      "Flywheel nut",
    ]);
    await button(page, "Edit").tap();
    await page.getByLabel("The maker’s country").fill("Germany");
    await page.getByLabel("Built in the year").fill("19x4");
    await button(page, "Keep the change").tap();
    await expect(
      page.getByText("A year of four figures is wanted", { exact: false }),
    ).toBeVisible();
    await page.getByLabel("Built in the year").fill("1974");
    await button(page, "Keep the change").tap();
    await expect(page.getByText("Germany, 1974")).toBeVisible();
    await expect(page.getByText("not on the server yet")).toHaveCount(0);

    await page.getByRole("button", { name: /^Walk round/ }).tap();
    const walk = page.getByRole("region", { name: "Walk round" });
    const readings = [
      ["roller left", "7.88", "1.25 mm"],
      ["roller right", "7.9", "1.25 mm"],
      ["guard", "9.86", "1.5 mm"],
      ["Ink trough", "5.92", "1 mm"],
      ["Flywheel nut", "", ""],
    ] as const;
    for (const [at, [place, mm, mark]] of readings.entries()) {
      await expect(page.getByText(place, { exact: false }).first()).toBeVisible();
      // Where the machine is from is known, and not asked again.
      await expect(page.getByText("Europe", { exact: false }).first()).toBeVisible();
      const left = readings.length - 1 - at;
      await expect(walk.getByRole("status")).toHaveText(
        left === 0
          ? "None left besides this"
          : left === 1
            ? "One more to identify"
            : `${left} more to identify`,
      );
      if (mm === "") {
        await page.getByRole("button", { name: /^The part:/ }).tap();
        await page.getByRole("dialog").getByRole("button", { name: /^Nut/ }).tap();
        await page.getByRole("button", { name: /^bore/ }).tap();
        await page.getByLabel("Bore", { exact: true }).fill("17.4");
        await button(page, "Take this bore").tap();
        await leaf(page, "2.5 mm");
      } else {
        await size(page, mm);
        await leaf(page, mark);
      }
      await walk.getByRole("button", { name: /^Save/ }).tap();
    }
    await expect(heading(page)).toHaveText("Ruling machine");
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await expect(button(page, /roller right.*M8 x 1.25.*Identified/)).toBeVisible();
    await expect(button(page, /Flywheel nut.*M20 x 2.5.*Identified/)).toBeVisible();
    // The place that others stand within is no part to be identified by itself.
    await expect(button(page, /^Walk round/)).toHaveCount(0);
    await expect(button(page, "Feed side")).toBeVisible();
  });

  test("a position is edited, moved, duplicated, deleted and brought back", async ({ page }) => {
    await newMachine(page, "Ruling machine", ["Feed side / roller", "Drive side"]);
    const long = "a long name ".repeat(12).trim();
    await page.getByLabel("Add a position").fill(`Drive side / ${long}`);
    await page.getByRole("button", { name: /^Add the position/ }).tap();
    await expect(page.getByText("longer than the 120 letters", { exact: false })).toBeVisible();
    await expect(page.getByLabel("Add a position")).toHaveValue(`Drive side / ${long}`);
    await page.getByLabel("Add a position").fill("");
    await button(page, /^roller/).tap();
    await button(page, "Edit").tap();
    await page.getByLabel("Its name").fill("");
    await button(page, "Keep the change").tap();
    await expect(page.getByRole("alert")).toContainText("A position needs a name.");
    await page.getByLabel("Its name").fill("Roller screw");
    await page.getByLabel("How many alike").fill("4");
    await page.getByRole("radio", { name: /Drive side/ }).tap();
    await page.getByLabel("As you would order it").fill("M8 x 40 hex bolt 8.8");
    await button(page, "Keep the change").tap();
    await expect(
      page.getByText("Ruling machine · Drive side / Roller screw · 4 alike"),
    ).toBeVisible();
    await expect(page.getByRole("region", { name: "What goes in" })).toContainText("M8 x 40");

    await page.getByRole("radio", { name: "To order" }).tap();
    const history = page.getByRole("region", { name: "History" });
    await expect(history).toContainText("State: to order, before: to identify");
    await expect(history).toContainText("Within: Drive side, before: Feed side");

    await button(page, "1 more like Roller screw").tap();
    await expect(heading(page)).toHaveText("Roller screw 2");
    await expect(page.getByRole("region", { name: "What goes in" })).toContainText("M8 x 40");
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await button(page, "4 more like Roller screw 2").tap();
    await expect(page.getByText(/^4 more: Roller screw 3, .*, Roller screw 6\.$/)).toBeVisible();
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await button(page, "Edit").tap();
    await button(page, "Remove the position").tap();
    await expect(heading(page)).toHaveText("Ruling machine");
    await expect(button(page, /^Roller screw 6/)).toBeVisible();
    await expect(button(page, /^Roller screw 2/)).toHaveCount(0);
    await page.reload();
    await button(page, /^Undo: put back Drive side \/ Roller screw 2/).tap();
    await expect(button(page, /^Roller screw 2/)).toBeVisible();
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await page.reload();
    await expect(button(page, /^Roller screw 2.*M8 x 40/)).toBeVisible();
    await button(page, "Fold what is within Drive side").tap();
    await expect(button(page, /^Roller screw/)).toHaveCount(0);
    await page.reload();
    await expect(button(page, "Show what is within Drive side")).toBeVisible();
  });

  test("what was saved while the server was away lands in its place", async ({ page }) => {
    await newMachine(page, "Ruling machine", ["Ink trough"]);
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await page.route("**/api/**", (route) => route.abort());
    await page.getByLabel("Add a position").fill("Ink trough / wick clamp");
    await button(page, "Add the position Ink trough / wick clamp").tap();
    await button(page, /^wick clamp/).tap();
    await page.getByRole("radio", { name: "Watch" }).tap();
    await expect(page.getByText("Ruling machine · Ink trough / wick clamp")).toBeVisible();
    await page.reload();
    await expect(page.getByText("not on the server yet", { exact: false }).first()).toBeVisible();
    await page.unroute("**/api/**");
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await expect(page.getByRole("radio", { name: "Watch" })).toBeChecked();
  });
});

test.describe("the print works", () => {
  test.use({ ...PHONE, content: "demo" });

  test("are searched by names of threads, of places and of machines", async ({ page }) => {
    await page.goto("/jobs");
    const field = page.getByLabel("Find a machine", { exact: true });
    const positions = page.getByRole("region", { name: "Positions" });
    for (const [text, place] of [
      ["1/2 whit", "Frame bolt, lower left"],
      ["10 mm", "Motor plate, rear right"],
      ["2ba", "Roller hook, left"],
      ["7/16-14", "Guard, upper right"],
      ["flywheel", "Flywheel nut"],
    ] as const) {
      await field.fill(text);
      await expect(positions.getByText(place, { exact: true })).toBeVisible();
    }
    await positions.getByText("Flywheel nut").tap();
    await expect(heading(page)).toHaveText("Flywheel nut");
    await page.goto("/jobs");
    await field.fill('"***');
    await expect(page.getByText("No machine is called so.")).toBeVisible();
    await field.fill("kestrel");
    await expect(button(page, /^Kestrel cylinder proofer/)).toBeVisible();
  });

  test("are searched past a page of machines that hold the same word", async ({
    page,
    request,
  }) => {
    for (let at = 0; at < 24; at += 1) {
      await request.put(`/api/machines/${randomUUID()}`, { data: { name: `Wafer press ${at}` } });
    }
    const machineId = randomUUID();
    await request.put(`/api/machines/${machineId}`, { data: { name: "Laminator" } });
    const place = { machineId, name: "Wafer guide, on a name long enough to come last of all" };
    await request.put(`/api/positions/${randomUUID()}`, { data: place });
    await page.goto("/jobs");
    await page.getByLabel("Find a machine", { exact: true }).fill("wafer");
    await expect(button(page, /^Wafer press/)).toHaveCount(6);
    await expect(
      page.getByRole("region", { name: "Positions" }).getByText(/^Wafer guide/),
    ).toBeVisible();
    await button(page, "More machines").tap();
    await expect(button(page, /^Wafer press/)).toHaveCount(24);
  });

  test("a machine that is chosen on the Bench tells its make, another in its place its own", async ({
    page,
  }) => {
    await page.goto("/");
    await button(page, /No machine chosen/).tap();
    await page.getByLabel("Which machine").fill("harr");
    await page.getByRole("radio", { name: /^Harrow treadle platen/ }).tap();
    await button(page, /^Roller hook, left/).tap();
    await button(page, "Done").tap();
    await expect(button(page, /^Put right: from Britain/)).toBeVisible();
    await button(page, /^Harrow treadle platen/).tap();
    await button(page, "Another machine").tap();
    await page.getByRole("radio", { name: /^Kestrel cylinder proofer/ }).tap();
    await button(page, "Done").tap();
    await expect(button(page, /^Put right: from Europe/)).toBeVisible();
    await expect(button(page, /^Put right: from Britain/)).toHaveCount(0);
  });

  test("a link to where a machine was called a job leads to the machine", async ({ page }) => {
    await page.goto("/jobs");
    await button(page, /^Nipping press/).tap();
    await expect(page).toHaveURL(/\/machine\//);
    await page.goto(page.url().replace("/machine/", "/jobs/"));
    await expect(heading(page)).toHaveText("Nipping press");
    await expect(page).toHaveTitle(/^Nipping press/);
  });
});

test.describe("two browsers and one position", () => {
  test.use({ ...PHONE, content: "demo" });

  test("both have their way in different fields; in one they are told, field by field", async ({
    page,
    browser,
    server,
  }) => {
    await page.goto("/jobs");
    await button(page, /^Kestrel cylinder proofer/).tap();
    await button(page, /^Impression adjuster/).tap();
    await expect(page.getByRole("region", { name: "History" })).toContainText("Made");
    const context = await browser.newContext({ ...PHONE });
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.getByRole("region", { name: "History" })).toContainText("Made");

    // Neither sees what the other does until it asks the server.
    await other.getByRole("radio", { name: "To order" }).tap();
    await expect(other.getByText("not on the server yet")).toHaveCount(0);
    await button(page, "Edit").tap();
    await page.getByLabel("How many alike").fill("6");
    await button(page, "Keep the change").tap();
    await expect(page.getByText("6 alike", { exact: false })).toBeVisible();
    await expect(page.getByRole("radio", { name: "To order" })).toBeChecked();

    await page.route("**/api/positions/*", (route) =>
      route.request().method() === "GET" ? route.abort() : route.continue(),
    );
    await other.getByRole("radio", { name: "Fitted" }).tap();
    await expect(other.getByText("not on the server yet")).toHaveCount(0);
    await page.getByRole("radio", { name: "Watch" }).tap();
    await expect(page.getByText("Another device has changed", { exact: false })).toBeVisible();
    await page.unroute("**/api/positions/*");
    await page.goto("/outbox");
    await expect(page.getByText("State: watch")).toBeVisible();
    await expect(page.getByText("State: fitted")).toBeVisible();
    await button(page, "Keep this one").tap();
    await expect(page.getByText("Nothing waits", { exact: false })).toBeVisible();
    await other.reload();
    await expect(other.getByRole("radio", { name: "Watch" })).toBeChecked();
    expect(server.address).not.toBe("");
    await context.close();
  });

  test("what one takes out the other has open: it is said, keeps what is changed, and is put back", async ({
    page,
    browser,
  }) => {
    await page.goto("/jobs");
    await button(page, /^Kestrel cylinder proofer/).tap();
    await button(page, /^Impression adjuster/).tap();
    await expect(heading(page)).toHaveText("Impression adjuster");
    const context = await browser.newContext({ ...PHONE });
    const other = await context.newPage();
    await other.goto(page.url());
    await button(other, "Edit").tap();
    await button(other, "Remove the position").tap();
    await expect(heading(other)).toHaveText("Kestrel cylinder proofer");
    await expect(other.getByText("not on the server yet")).toHaveCount(0);
    await expect(button(other, /^Impression adjuster/)).toHaveCount(0);

    // It is said as it comes; a change that was made before is a clash, as two changes are.
    await expect(page.getByText("This position was taken out of the lists.")).toBeVisible();
    await page.getByRole("radio", { name: "To order" }).tap();
    await expect(page.getByRole("radio", { name: "To order" })).toBeChecked();
    await expect(page.getByText("This position was taken out of the lists.")).toBeVisible();
    await button(page, "Put it back: Impression adjuster").tap();
    await expect(page.getByText("This position was taken out of the lists.")).toHaveCount(0);
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await other.reload();
    await expect(button(other, /^Impression adjuster.*To order/)).toBeVisible();
    await context.close();
  });
});

test.describe("wide", () => {
  test.use({ ...WIDE, content: "demo" });

  test("list, machine and position stand side by side, and the address says which", async ({
    page,
  }) => {
    await page.goto("/jobs");
    await button(page, /^Harrow treadle platen/).click();
    await expect(page.getByText("Choose a position: it stands here.")).toBeVisible();
    await button(page, /^Flywheel nut/).click();
    await expect(heading(page)).toHaveText("Flywheel nut");
    await expect(button(page, /^Kestrel cylinder proofer/)).toBeVisible();
    await expect(page).toHaveURL(/\/machine\/.*\?at=/);
    await page.reload();
    await expect(heading(page)).toHaveText("Flywheel nut");
    await expect(page).toHaveTitle(/^Flywheel nut/);
    await expect(page.getByRole("region", { name: "Found here" })).toContainText("3/4-10 BSW LH");
  });
});
