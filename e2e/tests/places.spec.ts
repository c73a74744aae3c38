import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test, WIDE } from "../support/test";

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

async function openMachine(page: Page, machine: RegExp): Promise<void> {
  await page.goto("/jobs");
  await button(page, machine).click();
  await page.getByLabel("Add a position").waitFor();
}

/** The places as they stand in the order mode. */
const placesInOrder = async (page: Page) =>
  page
    .getByRole("list", { name: "Places in order" })
    .getByRole("listitem")
    .evaluateAll((rows) =>
      rows.map((row) => row.querySelector("[aria-label]")?.getAttribute("aria-label") ?? ""),
    );

test.describe("places put in order", () => {
  test.use({ ...WIDE, content: "demo" });

  test("by the keyboard stay so, and a place is put within another's", async ({ page }) => {
    await openMachine(page, /^Union/);
    await button(page, /^Put in order/).click();
    const before = await placesInOrder(page);
    expect(before.slice(0, 3)).toEqual([
      "Move Clamp bar, left front",
      "Move Blade screw, third from left",
      "Move Guard, upper right",
    ]);
    await page.getByLabel("Move Guard, upper right").focus();
    await page.keyboard.press("Space");
    await expect(page.getByText("Guard, upper right is lifted.")).toBeAttached();
    await page.keyboard.press("ArrowUp");
    await expect(page.getByText(/Guard, upper right is over Blade/)).toBeAttached();
    await page.keyboard.press("ArrowUp");
    await expect(page.getByText(/Guard, upper right is over Clamp/)).toBeAttached();
    await page.keyboard.press("Space");
    await expect.poll(async () => (await placesInOrder(page))[0]).toBe("Move Guard, upper right");
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await page.reload();
    await button(page, /^Put in order/).click();
    expect((await placesInOrder(page)).slice(0, 2)).toEqual([
      "Move Guard, upper right",
      "Move Clamp bar, left front",
    ]);
    await button(page, "Done").click();
    await button(page, /^Guard, upper right/).click();
    await expect(page.getByRole("region", { name: "History" })).toContainText(
      "Put in another order",
    );
  });

  test("by dragging its grip", async ({ page }) => {
    await openMachine(page, /^Union/);
    await button(page, /^Put in order/).click();
    const grip = await page.getByLabel("Move Back gauge scale").boundingBox();
    const over = await page.getByLabel("Move Clamp bar, left front").boundingBox();
    if (grip === null || over === null) throw new Error("the grips are not there");
    await page.mouse.move(grip.x + 20, grip.y + 20);
    await page.mouse.down();
    await page.mouse.move(grip.x + 20, grip.y - 20, { steps: 4 });
    await page.mouse.move(over.x + 20, over.y + 10, { steps: 12 });
    await page.mouse.up();
    await expect.poll(async () => (await placesInOrder(page))[0]).toBe("Move Back gauge scale");
  });
});

test.describe("a place on a phone", () => {
  test.use({ ...PHONE, content: "demo" });

  test("is come back from to where its machine was left", async ({ page }) => {
    await openMachine(page, /^Harrow/);
    const last = button(page, /^bracket/);
    await last.scrollIntoViewIfNeeded();
    await expect(last).toBeInViewport();
    await last.tap();
    await expect(page.getByRole("heading", { name: "bracket", level: 1 })).toBeVisible();
    await page.getByRole("button", { name: "Back" }).tap();
    await expect(last).toBeInViewport();
  });

  test("the list of machines stands where it was while something is searched for", async ({
    page,
  }) => {
    await page.goto("/jobs");
    const last = page.getByRole("button", { name: /^Taken out/ });
    // The jobs and the machines come one after the other, and push it down.
    await expect(page.getByText("Spring service of the presses")).toBeVisible();
    await expect(button(page, /^Union lever guillotine/)).toBeVisible();
    await expect(async () => {
      await last.scrollIntoViewIfNeeded();
      await expect(last).toBeInViewport({ timeout: 500 });
    }).toPass();
    await page.getByLabel("Find a machine", { exact: true }).fill("roller");
    await expect(page.getByRole("region", { name: "Positions" })).toBeVisible();
    await expect(last).toBeHidden();
    await page.getByRole("button", { name: "Empty Find a machine" }).tap();
    await expect(last).toBeInViewport();
  });

  test("is archived with what is within it, found, and brought back into the work", async ({
    page,
  }) => {
    await openMachine(page, /^Kestrel/);
    await button(page, /^Feed side/).tap();
    await button(page, "Edit").tap();
    await button(page, /^Archive/).tap();
    await expect(page.getByText(/^Archived: it is kept/)).toBeVisible();
    await page.goto("/jobs");
    await button(page, /^Kestrel/).tap();
    await expect(button(page, /^Side cover, rear/)).toBeVisible();
    await expect(button(page, /^left stop/)).toHaveCount(0);
    await button(page, /^Archived \(4\)/).tap();
    await page
      .getByRole("list", { name: "Archived" })
      .getByRole("button", { name: "Feed side" })
      .tap();
    await button(page, "Edit").tap();
    await button(page, /^Bring back from the archive/).tap();
    await page.goto("/jobs");
    await button(page, /^Kestrel/).tap();
    await expect(button(page, /^left stop/)).toBeVisible();
  });

  test("is made one with another, which then has what was found and noted at both", async ({
    page,
  }) => {
    await openMachine(page, /^Folding/);
    await button(page, /^Drive flange, four screws/).tap();
    await button(page, "Edit").tap();
    await page.getByLabel("The other place").fill("its screws");
    await button(page, "Drive flange / its screws").tap();
    await button(page, /^Make it one with “Drive flange/).tap();
    await expect(page.getByRole("heading", { name: "its screws", level: 1 })).toBeVisible();
    await expect(page.getByRole("region", { name: "Repairs" })).toBeVisible();
    await expect(page.getByRole("region", { name: "History" })).toContainText(
      "Made one with it: Drive flange, four screws",
    );
    await page.goto("/jobs");
    await button(page, /^Folding/).tap();
    await expect(button(page, /^Knife cover/)).toBeVisible();
    await expect(button(page, /^Drive flange, four screws/)).toHaveCount(0);
  });

  test("may need a nut, whose sheet says which bolts it holds", async ({ page }) => {
    await openMachine(page, /^Nipping/);
    await button(page, /^Platen bolt, left/).tap();
    await button(page, "Edit").tap();
    await page.getByLabel("As you would order it").fill("M16 hex nut 8 zinc");
    await button(page, "Keep the change").tap();
    await expect(page.getByRole("region", { name: "What goes in" })).toContainText(
      "M16 hex nut 8 zinc",
    );
    await button(page, /^The sheet of M16/).tap();
    await expect(page.getByRole("heading", { name: "Fastener sheet" })).toBeVisible();
    const strength = page.getByRole("region", { name: "Strength" });
    await expect(strength).toContainText(/Holds bolts of .*class 8\.8/);
    await expect(strength).toContainText(/Strips before bolts of .*class 10\.9/);
    await expect(page.getByRole("region", { name: "What turns it" })).toContainText("24 mm");
    await page.goto("/fastener?callout=M8+washer");
    await expect(page.getByRole("region", { name: "Sizes" })).toContainText("8.40 mm");
    await page.goto("/fastener?callout=R+1/2+plug");
    await expect(page.getByRole("region", { name: "Mistaken for it" })).toContainText("G 1/2");
  });

  test("that was taken out is found again among what was, and put back", async ({ page }) => {
    await openMachine(page, /^Folding/);
    await button(page, /^Knife cover/).tap();
    await button(page, "Edit").tap();
    await button(page, "Remove the position").tap();
    await expect(button(page, /^Side lay/).first()).toBeVisible();
    await expect(page.getByText("not on the server yet")).toHaveCount(0);
    await page.goto("/jobs");
    await button(page, /^Taken out/).tap();
    await expect(page.getByRole("listitem").filter({ hasText: "Knife cover" })).toContainText(
      "Position · Folding machine",
    );
    await button(page, "Put back Knife cover").tap();
    await expect(button(page, "Put back Knife cover")).toHaveCount(0);
    await page.goto("/jobs");
    await button(page, /^Folding/).tap();
    await expect(button(page, /^Knife cover/)).toBeVisible();
  });

  test("machines are sorted, and only those with something to order shown", async ({ page }) => {
    await page.goto("/jobs");
    await button(page, "Last changed first").tap();
    await page.getByRole("radio", { name: "Oldest first" }).tap();
    const names = () =>
      page
        .getByRole("button", { name: /Bindery|Front shop|Proofing room|Damp room/ })
        .evaluateAll((rows) => rows.map((row) => row.textContent?.slice(0, 7)));
    await expect
      .poll(names)
      .toEqual(["Nipping", "Harrow ", "Union l", "Kestrel", "Folding", "Damp-ro"]);
    await page.getByRole("radio", { name: "Watch" }).tap();
    await expect.poll(names).toEqual(["Harrow ", "Damp-ro"]);
    await page.reload();
    await expect(button(page, "Oldest first, only with one watch")).toBeVisible();
    await expect.poll(names).toEqual(["Harrow ", "Damp-ro"]);
  });
});

test.describe("what was found on a machine", () => {
  test.use({ ...PHONE, content: "demo" });

  test("is said on the Bench, weighs for its series, and can be left out", async ({ page }) => {
    await openBench(page);
    await button(page, /^No machine chosen/).tap();
    await page.getByRole("radio", { name: /^Kestrel/ }).tap();
    await button(page, "Done").tap();
    await button(page, /^Ø over crests/).tap();
    await page.getByLabel("Ø over crests", { exact: true }).fill("7.9");
    await button(page, "Take this diameter").tap();
    const first = page
      .getByRole("list", { name: "Still in the running" })
      .getByRole("listitem")
      .first();
    const said = page.getByText(/On this machine \d+ of \d+ threads are metric coarse/);
    await said.scrollIntoViewIfNeeded();
    await expect(said).toBeVisible();
    const weighed = await first.textContent();
    await page.getByRole("switch", { name: "Weigh what was found on this machine" }).tap();
    await expect.poll(() => first.textContent()).not.toBe(weighed);
    await page.getByRole("switch", { name: "Weigh what was found on this machine" }).tap();
    await expect.poll(() => first.textContent()).toBe(weighed);
  });
});
