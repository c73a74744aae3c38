import type { Page } from "@playwright/test";
import { expect, firstCandidate, openBench, PHONE, test, whyFirst } from "../support/test";

test.use(PHONE);

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

const next = (page: Page) => page.getByRole("region", { name: "Next" });
const settled = (page: Page) => page.getByText("Settled", { exact: true });

async function readSize(page: Page, mm: string, condition?: string): Promise<void> {
  await button(page, /^Ø over crests/).tap();
  if (condition !== undefined) await page.getByRole("radio", { name: condition }).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill(mm);
  await button(page, "Take this diameter").tap();
}

async function layLeaf(page: Page, leaf: string, outcome = "Drops in"): Promise<void> {
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: leaf }).tap();
  await page.getByRole("dialog").getByRole("button", { name: outcome, exact: true }).tap();
}

async function choosePart(page: Page, kind: string): Promise<void> {
  await button(page, /^The part:/).tap();
  await page
    .getByRole("dialog")
    .getByRole("button", { name: new RegExp(`^${kind}`) })
    .tap();
}

test("a worn British part is told from its American twin, by its hexagon and its flanks", async ({
  page,
}) => {
  await openBench(page);
  await readSize(page, "9.28", "Worn");
  await layLeaf(page, "16 TPI leaf");
  await expect(page.getByText("Down to two")).toBeVisible();
  await expect(firstCandidate(page)).toContainText("3/8-16 UNC");
  await expect(next(page)).toContainText("measure across the flats");
  await button(page, "Enter the measure").tap();
  await page.getByLabel("Across flats", { exact: true }).fill("17.9");
  await button(page, "Take this size").tap();
  await expect(firstCandidate(page)).toContainText("3/8-16 BSW");
  await expect(await whyFirst(page)).toContainText(
    "17.90 mm across the flats is its hexagon of 18.03 mm",
  );
  await button(page, /^form/).tap();
  await page.getByRole("radio", { name: "55°", exact: true }).tap();
  await button(page, "Back to the part").tap();
  await expect(settled(page)).toBeVisible();
  await expect(page.getByRole("list", { name: "Mistaken for 3/8-16 BSW" })).toContainText(
    "By the flank angle: 55° here, 60° there.",
  );
});

test("an inch nut is named by its bore and a leaf", async ({ page }) => {
  await openBench(page);
  await choosePart(page, "Nut");
  await expect(next(page)).toContainText("measure the bore");
  await button(page, "Enter the bore").tap();
  await page.getByLabel("Bore", { exact: true }).fill("10.75");
  await button(page, "Take this bore").tap();
  await expect(next(page)).toContainText("find the leaf that drops in");
  await button(page, "Find the leaf that drops in: 13 TPI").tap();
  await expect(settled(page)).toBeVisible();
  await expect(await whyFirst(page)).toContainText("10.75 mm is inside its bore, 10.59–11.02 mm.");
  await expect(button(page, /^bore 10.75 mm/)).toBeVisible();
  await button(page, "Write it up").tap();
  await expect(page.getByText("1/2-13 UNC-2B")).toBeVisible();
});

test("a diameter that looks metric is shown to be inch", async ({ page }) => {
  await openBench(page);
  await readSize(page, "7.85");
  await expect(firstCandidate(page)).toContainText("M8 x 1.25");
  await layLeaf(page, "18 TPI leaf");
  await expect(firstCandidate(page)).toContainText("5/16-18 UNC");
  await button(page, /^Ruled out/).tap();
  await expect(page.getByRole("dialog")).toContainText("The 18 TPI leaf should rock on 1 mm");
});

test("a pipe fitting: taper or parallel, British or American", async ({ page }) => {
  await openBench(page);
  await choosePart(page, "Pipe, male");
  await readSize(page, "20.8");
  await layLeaf(page, "14 TPI leaf");
  await expect(next(page)).toContainText("see whether it tapers");
  await button(page, "See whether it tapers: parallel").tap();
  await expect(firstCandidate(page)).toContainText("G 1/2");
  await button(page, /Take away taper parallel/).tap();
  await button(page, "See whether it tapers: tapered").tap();
  await expect(firstCandidate(page)).toContainText("R 1/2");
  await button(page, /^form/).tap();
  await page.getByRole("radio", { name: "60°", exact: true }).tap();
  await page.getByRole("radio", { name: "N. America" }).tap();
  await button(page, "Back to the part").tap();
  await expect(settled(page)).toBeVisible();
  await expect(firstCandidate(page)).toContainText("1/2-14 NPT");
  await expect(page.getByRole("list", { name: /^Mistaken for/ })).toContainText("G 1/2");
});

test("a taper is measured at both ends", async ({ page }) => {
  await openBench(page);
  await choosePart(page, "Pipe, male");
  await button(page, /^taper/).tap();
  await page.getByLabel("Small end", { exact: true }).fill("20.15");
  await page.getByLabel("Large end", { exact: true }).fill("19");
  await page.getByLabel("Apart", { exact: true }).fill("12");
  await button(page, "Take both ends").tap();
  await expect(page.getByRole("alert")).toContainText("change them round");
  await page.getByLabel("Large end", { exact: true }).fill("20.9");
  await button(page, "Take both ends").tap();
  await expect(button(page, /20\.15–20\.90, 12\.00 1 in 16/)).toBeVisible();
  await expect(await whyFirst(page)).toContainText(
    "It is tapered 1 in 16, and 1 in 16 was measured.",
  );
});

test("a fine thread read one leaf off is caught by a count", async ({ page }) => {
  await openBench(page);
  await readSize(page, "7.86");
  await layLeaf(page, "24 TPI leaf");
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "Count", exact: true }).tap();
  await page.getByLabel("Threads", { exact: true }).fill("22");
  await page.getByLabel("In a length of", { exact: true }).fill("25.4");
  await button(page, "Take this count").tap();
  await expect(page.getByText("Doesn't add up")).toBeVisible();
  await expect(next(page)).toContainText(
    "If the 24 TPI leaf was really 22 TPI, everything fits 5/16-22 BSF.",
  );
  await button(page, "Take away the reading leaf 24 TPI").tap();
  await expect(firstCandidate(page)).toContainText("5/16-22 BSF");

  // Over three threads the wrong leaf may well seem to fit, and nothing contradicts.
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "Leaf", exact: true }).tap();
  await page.getByRole("radio", { name: "24 TPI leaf" }).tap();
  await page.getByRole("radio", { name: "3 threads" }).tap();
  await page.getByRole("dialog").getByRole("button", { name: "Drops in", exact: true }).tap();
  await expect(page.getByText("drops in over 3")).toBeVisible();
  await expect(await whyFirst(page)).toContainText("The 24 TPI leaf may seem to drop in");
  await expect(settled(page)).toBeVisible();
});

test("a left-hand part keeps its hand to the call-out", async ({ page }) => {
  await openBench(page);
  await readSize(page, "9.9");
  await layLeaf(page, "1.5 mm leaf");
  await button(page, /^form/).tap();
  await page.getByRole("radio", { name: "Left-hand" }).tap();
  await button(page, "Back to the part").tap();
  await expect(settled(page)).toBeVisible();
  await expect(firstCandidate(page)).toContainText("M10 x 1.5 LH");
  await expect(button(page, /^form LH/)).toBeVisible();
  await button(page, "Write it up").tap();
  await expect(page.getByText("M10 x 1.5 - 6g LH")).toBeVisible();
});

test("a part that is not in the catalogue is called so, with what may have gone wrong", async ({
  page,
}) => {
  await openBench(page);
  await readSize(page, "33.9");
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "Crest to crest" }).tap();
  await page.getByLabel("Pitches", { exact: true }).fill("10");
  await page.getByLabel("Crest to crest", { exact: true }).last().fill("19.1");
  await button(page, "Take this length").tap();
  await expect(page.getByText("Doesn't add up")).toBeVisible();
  await expect(firstCandidate(page)).toContainText("Something else");
  await expect(next(page)).toContainText("Otherwise it is a thread not held here.");
  await button(page, "Write it up").tap();
  await expect(page.getByText("Not known yet")).toBeVisible();
});

test("a known nut that binds after four turns tells 3/8-16 from M10", async ({ page }) => {
  await openBench(page);
  await readSize(page, "9.42");
  await button(page, "Try a known part").tap();
  await page.getByLabel("Another nut, by its thread").fill("M10");
  await page.getByLabel(/^Turns it was run/).fill("4");
  await page.getByRole("dialog").getByRole("button", { name: "Binds", exact: true }).tap();
  await expect(button(page, /Put right: nut M10 x 1.5 binds after 4 turns/)).toBeVisible();
  await expect(firstCandidate(page)).toContainText("3/8-16 UNC");
  await expect(await whyFirst(page)).toContainText("should bind after about 4 turns, and it bound");
});

test("the caliper's figure is taken live, once its jaws are zeroed", async ({ page }) => {
  await openBench(page);
  await button(page, /^Ø over crests/).tap();
  await page.getByRole("radio", { name: "Live caliper" }).tap();
  const shown = page.getByLabel("The caliper shows");
  await expect(shown).toContainText(/11\.0[6-9]|11\.1\d mm/);
  await button(page, "Zero").tap();
  await expect(shown).toContainText(/1(?:0\.99|1\.0[0-5]) mm/);
  await button(page, "Hold").tap();
  await expect(page.getByText("held", { exact: true })).toBeVisible();
  await button(page, "Use it").tap();
  await expect(page.getByLabel("Ø over crests", { exact: true })).toHaveValue(
    /^1(?:0\.99|1\.0[0-5])$/,
  );
  await button(page, "Take this diameter").tap();
  await expect(firstCandidate(page)).toContainText("7/16-");
});

test("another like it keeps the machine and the kind of part, and undo brings the last back", async ({
  page,
}) => {
  await openBench(page);
  await choosePart(page, "Stud");
  await readSize(page, "9.9");
  await layLeaf(page, "1.25 mm leaf");
  await button(page, /^form/).tap();
  await page.getByRole("radio", { name: "Europe" }).tap();
  await button(page, "Back to the part").tap();
  await button(page, /^One like it/).tap();
  await expect(button(page, /Put right: from Europe/)).toBeVisible();
  await expect(button(page, /Put right: Ø/)).toHaveCount(0);
  await expect(button(page, /^The part: Stud/)).toBeVisible();
  await button(page, "Undo").tap();
  await expect(button(page, /Put right: Ø 9.9 mm/)).toBeVisible();
});

test("a test that cannot be done is skipped, and tools that are not owned are not asked for", async ({
  page,
}) => {
  await openBench(page);
  await readSize(page, "12.52");
  await expect(next(page)).toContainText("find the leaf that drops in");
  await button(page, /skip this test$/).tap();
  await expect(next(page)).not.toContainText("find the leaf that drops in");
  await button(page, "Tools on hand").tap();
  await page.getByRole("checkbox", { name: "Inch leaves, 60°" }).tap();
  await page.getByRole("checkbox", { name: "Inch leaves, 55°" }).tap();
  await button(page, "Close").tap();
  await expect(next(page)).not.toContainText(" leaf ");
  await page.reload();
  await expect(next(page)).not.toContainText(" leaf ");
});

test("two candidates are compared side by side, and a leaf is shown as it would lie", async ({
  page,
}) => {
  await openBench(page);
  await readSize(page, "9.9");
  await button(page, "Compare two").tap();
  await expect(page.getByRole("img", { name: /^Profiles of M10 x 1.5 and M10 x 1/ })).toBeVisible();
  await expect(page.getByRole("dialog")).toContainText("By the pitch: ten threads measure");
  await button(page, "Close").tap();
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "1.25 mm leaf" }).tap();
  await expect(
    page.getByRole("img", { name: /^The leaf on M10 x 1.5: light up to 0\.\d+ mm/ }),
  ).toBeVisible();
});

test("a dipped bolt is asked what has happened to it before its size is doubted", async ({
  page,
}) => {
  await openBench(page);
  await readSize(page, "8.08");
  await layLeaf(page, "1.25 mm leaf");
  await expect(next(page)).toContainText("What has happened to the part?");
  await button(page, "Galvanised").tap();
  await expect(page.getByText("Settled", { exact: true })).toBeVisible();
  await expect(page.getByText("galvanised", { exact: false }).first()).toBeVisible();
  await button(page, "Undo").tap();
  await button(page, "None of that").tap();
  await expect(next(page)).toContainText("Check this reading: Ø 8.08 mm");
});

test("no leaf that is likely drops in: each is known to rock, and it is undone in one step", async ({
  page,
}) => {
  await openBench(page);
  await readSize(page, "12.52");
  await button(page, "Find the leaf that drops in: none does").tap();
  await expect(button(page, /^Put right: leaf .* rocks/)).toHaveCount(4);
  await button(page, "Undo").tap();
  await expect(button(page, /^Put right: leaf/)).toHaveCount(0);
});

test("a stud is read end by end, and written up with both its threads", async ({ page }) => {
  await openBench(page);
  await choosePart(page, "Stud");
  await readSize(page, "9.9");
  await layLeaf(page, "1.25 mm leaf");
  await expect(settled(page)).toBeVisible();
  await button(page, /^length/).tap();
  await page.getByRole("radio", { name: "Thread of this end" }).tap();
  await page.getByLabel("Thread of this end", { exact: true }).last().fill("20");
  await button(page, "Take this length").tap();
  await expect(button(page, /Put right: threaded 20 mm/)).toBeVisible();
  await button(page, "Read its other end").tap();
  await expect(button(page, /Put right: other end M10 x 1.25/)).toBeVisible();
  await expect(settled(page)).toBeHidden();
  await readSize(page, "9.88");
  await layLeaf(page, "1.5 mm leaf");
  await expect(firstCandidate(page)).toContainText("M10 x 1.5");
  await button(page, /^length/).tap();
  await page.getByLabel("Length", { exact: true }).fill("60");
  await button(page, "Take this length").tap();
  // Touching its plate turns the stud back, and again.
  await button(page, /Put right: other end M10 x 1.25/).tap();
  await expect(firstCandidate(page)).toContainText("M10 x 1.25");
  await button(page, "Turn it round: other end M10 x 1.5").tap();
  await button(page, "Write it up").tap();
  await expect(page.getByLabel("As you would order it", { exact: true })).toHaveValue(
    "M10 x 1.5 / M10 x 1.25 x 20 thread x 60 stud",
  );
});
