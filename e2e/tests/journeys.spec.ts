import type { Page } from "@playwright/test";
import { Hand } from "../support/hand";
import { expect, firstCandidate, openBench, PHONE, test, whyFirst } from "../support/test";

test.use({ ...PHONE, content: "demo" });

const verdict = (page: Page, words: string) =>
  expect(page.getByText(words, { exact: true })).toBeVisible();

async function begin(page: Page): Promise<Hand> {
  await openBench(page);
  return new Hand(page);
}

/** The caliper over the crests, by the keys of the pad. */
async function diameter(hand: Hand, ...keys: readonly string[]): Promise<void> {
  await hand.button(/^Ø over crests/);
  await hand.keys(...keys);
  await hand.button("Take this diameter");
}

async function leaf(hand: Hand, mark: string, outcome = "Drops in"): Promise<void> {
  await hand.button(/^pitch/);
  await hand.radio(`${mark} leaf`);
  await hand.outcome(outcome);
}

async function part(hand: Hand, kind: RegExp): Promise<void> {
  await hand.button(/^The part:/);
  await hand.tap(hand.page.getByRole("dialog").getByRole("button", { name: kind }));
}

test("a bolt by diameter and leaf, to a saved sheet", async ({ page }) => {
  const hand = await begin(page);
  await diameter(hand, "9", ".", "8", "8");
  await leaf(hand, "1.25 mm");
  await verdict(page, "Settled");
  await hand.button("Write it up");
  await hand.radio(/^Kestrel cylinder proofer/);
  await hand.write("Place on the machine", "Delivery cam");
  await hand.button("Save to the machine");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Delivery cam");
  hand.counted("a bolt by diameter and leaf to a saved sheet", 16);
});

test("a diameter in thousandths with a TPI leaf comes back as it was said", async ({ page }) => {
  const hand = await begin(page);
  await hand.button(/^Ø over crests/);
  await hand.tap(page.getByRole("dialog").getByRole("radio", { name: "in", exact: true }));
  await hand.keys(".", "4", "9", "3");
  await hand.button("Take this diameter");
  await leaf(hand, "13 TPI");
  await verdict(page, "Settled");
  await expect(firstCandidate(page)).toContainText("1/2-13 UNC");
  await expect(page.getByRole("button", { name: "Put right: Ø 0.493 in 12.52 mm" })).toBeVisible();
  hand.counted("a diameter in thousandths with a TPI leaf");
  // The pad remembers its unit.
  await hand.button(/^length/);
  await expect(
    page.getByRole("dialog").getByRole("radio", { name: "in", exact: true, checked: true }),
  ).toBeVisible();
});

test("a nut by its bore", async ({ page }) => {
  const hand = await begin(page);
  await part(hand, /^Nut/);
  await hand.button(/^bore/);
  await hand.keys("1", "0", ".", "7", "5");
  await hand.button("Take this bore");
  await hand.button("Find the leaf that drops in: 13 TPI");
  await expect(firstCandidate(page)).toContainText("1/2-13 UNC");
  await expect(await whyFirst(page)).toContainText("10.75 mm is inside its bore");
  hand.counted("a nut by its bore");
});

test("a pipe plug, tapered or not", async ({ page }) => {
  const hand = await begin(page);
  await part(hand, /^Pipe, male/);
  await diameter(hand, "2", "0", ".", "8");
  await hand.button(/^taper/);
  await hand.radio("Tapered");
  await expect(firstCandidate(page)).toContainText(/R 1\/2|NPT/);
  await expect(page.getByRole("button", { name: "Put right: taper tapered" })).toBeVisible();
  hand.counted("a pipe plug, tapered or not", 12);
});

test("a worn British part", async ({ page }) => {
  const hand = await begin(page);
  await hand.button(/^Ø over crests/);
  await hand.radio("Worn");
  await hand.keys("9", ".", "2", "8");
  await hand.button("Take this diameter");
  await leaf(hand, "16 TPI");
  await hand.button("Enter the measure");
  await hand.keys("1", "7", ".", "9");
  await hand.button("Take this size");
  await expect(firstCandidate(page)).toContainText("3/8-16 BSW");
  hand.counted("a worn British part");
});

test("by hole gauge only", async ({ page }) => {
  const hand = await begin(page);
  await hand.button(/^Ø over crests/);
  await hand.radio("Hole gauge");
  await hand.keys("1", "0");
  await hand.tap(page.getByLabel("Does not enter", { exact: true }));
  await hand.keys("9", ".", "5");
  await hand.button("Take these holes");
  await expect(firstCandidate(page)).toContainText("M10");
  // Its two holes, and no size between them that nobody measured.
  await expect(page.getByRole("button", { name: /^Ø over crests 9\.5–10 mm/ })).toBeVisible();
  await expect(page.getByText("9.75")).toHaveCount(0);
  hand.counted("by hole gauge only");
});

test("by rule only, threads counted in an inch", async ({ page }) => {
  const hand = await begin(page);
  await hand.button(/^Ø over crests/);
  await hand.radio("Rule");
  await hand.keys("1", "/2");
  await hand.button("Take this diameter");
  await hand.button(/^pitch/);
  await hand.radio("Count");
  await hand.keys("1", "3");
  await hand.button("1 in");
  await hand.button("Take this count");
  await expect(firstCandidate(page)).toContainText("1/2-13 UNC");
  await expect(page.getByRole("button", { name: "Put right: count 13 in 1 in" })).toBeVisible();
  hand.counted("by rule only", 12);
});

test("a countersunk screw is measured over all", async ({ page }) => {
  const hand = await begin(page);
  await diameter(hand, "7", ".", "8", "9");
  await leaf(hand, "1.25 mm");
  await hand.button(/^length/);
  await hand.radio("Countersunk");
  await expect(
    page.getByText("Its length is measured the whole length, head and all."),
  ).toBeVisible();
  await hand.keys("3", "9", ".", "8");
  await hand.button("Take 40 mm, the stock length");
  await expect(page.getByRole("button", { name: /^across flats/ })).toHaveCount(0);
  hand.counted("a countersunk length");
});

test("a contradiction is put right by a touch on the reading", async ({ page }) => {
  const hand = await begin(page);
  await diameter(hand, "1", "2", ".", "5", "2");
  await leaf(hand, "14 TPI");
  await verdict(page, "Doesn't add up");
  await hand.button("Put right: leaf 14 TPI drops in");
  await hand.radio("13 TPI leaf");
  await hand.outcome("Drops in");
  await verdict(page, "Settled");
  await expect(page.getByRole("button", { name: /^Put right: leaf/ })).toHaveCount(1);
  hand.counted("a contradiction");
});

test("a call-out to its PDF", async ({ page, context }) => {
  const hand = await begin(page);
  await hand.button("Find a thread, or order a part");
  await page.getByLabel("As it is written").fill("7/16-14 x 2-1/4 gr 5 zinc");
  await hand.button(/^7\/16-14 UNC x 2-1\/4, grade 5, zinc/);
  await hand.button("Copy, print or send");
  const [tab] = await Promise.all([context.waitForEvent("page"), hand.button("PDF")]);
  await expect.poll(() => tab.url()).toMatch(/^blob:/);
  hand.counted("a call-out to its PDF");
});

test("a blind hole, to the screw that fills it", async ({ page }) => {
  const hand = await begin(page);
  await hand.button("Find a thread, or order a part");
  await hand.button("Start from a hole");
  await hand.write("Its thread, or across the bore, mm", "M8");
  await hand.write("Thickness clamped, mm", "12");
  await hand.write("Depth drilled, mm", "24");
  await hand.button("Open its sheet");
  await expect(page.getByRole("region", { name: "Strength" })).toBeVisible();
  hand.counted("a blind hole");
  // A link to the hole brings it back, on a device that never heard of it.
  await page.goBack();
  await expect.poll(() => new URL(page.url()).searchParams.get("size")).toBe("M8");
  const link = page.url();
  await page.evaluate(() => localStorage.clear());
  await page.goto("/mend");
  await page.goto(link);
  await expect(page.getByLabel("Its thread, or across the bore, mm")).toHaveValue("M8");
  await expect(page.getByLabel("Depth drilled, mm")).toHaveValue("24");
});

test("a diameter in Charts, and two compared", async ({ page }) => {
  const hand = await begin(page);
  await hand.button("Charts");
  await hand.write("Find a thread", "9.4");
  await hand.button("Pin 3/8-16 UNC");
  await hand.button("Pin 3/8-16 BSW");
  await hand.button("Compare");
  await expect(page.getByText("Will it go")).toBeVisible();
  await expect(page).toHaveTitle(/ · Root Gauge$/);
  hand.counted("a diameter in Charts, and two compared");
  // A link to the search brings it back.
  await page.goto("/charts?q=9.4");
  await expect(page.getByRole("textbox", { name: "Find a thread" })).toHaveValue("9.4");
});

test("what was written up is found, changed, removed and put back", async ({ page }) => {
  const hand = await begin(page);
  await hand.button("Jobs");
  await hand.button(/^Kestrel cylinder proofer/);
  await hand.button(/Gripper bar/);
  await hand.button(/M5 x 0.8.*Ø/);
  await hand.button("Edit");
  await hand.write("Place on the machine", "Gripper bar, near end");
  await hand.button("Keep the change");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("near end");
  await hand.button("Edit");
  await hand.button("Remove the sheet");
  await expect(page.getByText(/^Removed: M5 x 0.8/)).toBeVisible();
  const place = page.getByRole("button", { name: /^Gripper bar, near end/ });
  await place.tap();
  await expect(page.getByText("Nothing was found here yet.", { exact: false })).toBeVisible();
  await page.reload();
  await hand.button(/^Undo: put back M5/);
  await expect(page.getByRole("region", { name: "Found here" })).toContainText("M5 x 0.8");
  hand.counted("found, changed, removed and put back");
});

test("a machine is renamed, and a sheet moved to another", async ({ page }) => {
  const hand = await begin(page);
  await hand.button("Jobs");
  await hand.button(/^Folding machine/);
  await hand.button("Edit");
  await hand.write("Its name", "Folding machine, upstairs");
  await hand.button("Keep the change");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Folding machine, upstairs");
  await hand.button(/Fold plate stop/);
  await hand.button(/Ø/);
  await hand.button("Edit");
  await hand.button("Another machine");
  await hand.write("Which machine", "nipp");
  await hand.radio(/^Nipping press/);
  await hand.button("Keep the change");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Nipping press");
  await hand.button("Jobs");
  await hand.button(/^Nipping press/);
  await expect(page.getByText("Fold plate stop")).toBeVisible();
});

test("another is started from wherever the part stands, and undo outlives a reload", async ({
  page,
}) => {
  const hand = await begin(page);
  await diameter(hand, "9", ".", "9");
  await hand.button("Start another");
  await expect(page.getByRole("button", { name: /^Put right/ })).toHaveCount(0);
  hand.counted("start another");
  await page.reload();
  await hand.button("Undo");
  await expect(page.getByRole("button", { name: "Put right: Ø 9.9 mm" })).toBeVisible();
});
