import type { Page } from "@playwright/test";
import { extractText, getDocumentProxy } from "unpdf";
import { expect, openBench, PHONE, test } from "../support/test";

test.use({ ...PHONE, content: "demo" });

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });
const radio = (page: Page, name: string) => page.getByRole("radio", { name, exact: true });
const section = (page: Page, name: string) => page.getByRole("region", { name, exact: true });

async function openSheet(page: Page, callout: string, more = ""): Promise<void> {
  await page.goto(`/fastener?callout=${encodeURIComponent(callout)}${more}`);
  await expect(section(page, "Strength")).toBeVisible();
}

async function textOfPdf(page: Page, query: Record<string, string>): Promise<string> {
  const response = await page.request.get(
    `/api/fastener-sheet.pdf?${new URLSearchParams(query).toString()}`,
  );
  expect(response.headers()["content-type"]).toBe("application/pdf");
  const pdf = await getDocumentProxy(new Uint8Array(await response.body()));
  const { text } = await extractText(pdf, { mergePages: true });
  return text.replace(/\s+/g, " ");
}

test("a call-out typed into the box lands on its sheet", async ({ page }) => {
  await openBench(page);
  await button(page, "Find a thread, or order a part").tap();
  await page.getByLabel("As it is written").fill("7/16-14 x 2-1/4 gr 5 zinc");
  await button(page, /^7\/16-14 UNC x 2-1\/4, grade 5, zinc/).tap();
  await expect(page.getByText("7/16-14 UNC x 2-1/4, grade 5, zinc", { exact: true })).toBeVisible();
  await expect(section(page, "Strength")).toContainText("40.2 kN (586 MPa)");
  await expect(section(page, "Spanner, drill and hole")).toContainText("5/8 in spanner");
  await expect(section(page, "Tightening torque")).toContainText(
    "Where the maker gives a figure, that one rules.",
  );
  await expect(section(page, "Must not go in")).toContainText("Not 7/16-14 BSW.");
  await radio(page, "in").tap();
  await expect(section(page, "Strength")).toContainText("9040 lbf (85 ksi)");
});

test("what cannot be bought as it is asked for is said, with what would be right", async ({
  page,
}) => {
  await openSheet(page, "M10 x 43 10.9 with nut class 8");
  const said = page.getByRole("alert");
  await expect(said).toContainText(
    "43 mm is no stock length of this screw. Stocked are 40 mm and 45 mm.",
  );
  await expect(said).toContainText("A class 8 nut strips before a class 10.9 bolt breaks.");
  await page.getByLabel("A spanner or key to hand, mm").fill("17");
  await expect(page.getByText(/17.00 mm goes on loose and rounds the corners/)).toBeVisible();
  await page.goto("/fastener?callout=M10x40+purple");
  await expect(page.getByText(/“purple” in “M10x40 purple” was not understood/)).toBeVisible();
  // Without the word it would be another part: it is offered once the word is gone.
  await expect(button(page, /Open its sheet/)).toHaveCount(0);
  await page.getByLabel("The part, as you would order it").fill("M10x40");
  await button(page, /^M10 x 40 Open its sheet/).tap();
  await expect(section(page, "Strength")).toBeVisible();
});

test("a blind hole is led to a length that holds and does not bottom", async ({ page }) => {
  await page.goto("/specify");
  await page.getByLabel("Its thread, or across the bore, mm").fill("M8");
  await page.getByLabel("Thickness clamped, mm").fill("12");
  await page.getByLabel("Depth drilled, mm").fill("30");
  await radio(page, "Cast iron").tap();
  await radio(page, "For a key: socket cap").tap();
  await expect(page.getByText("M8 x 25 socket cap screw, 8.8")).toBeVisible();
  await radio(page, "45 mm, too long").tap();
  await expect(
    page.getByText(/45 mm is too long: it bottoms 5.5 mm before the head is down/),
  ).toBeVisible();
  await radio(page, "20 mm, too short").tap();
  await expect(page.getByText(/20 mm is too short/)).toBeVisible();
  await page.reload();
  await page.getByRole("radio", { name: "in", exact: true }).tap();
  await expect(page.getByLabel("Depth drilled, mm")).toHaveValue("30");
  await page.getByRole("radio", { name: "mm", exact: true }).tap();
  await radio(page, "30 mm").tap();
  await button(page, "Open its sheet").tap();
  await expect(page.getByText("M8 x 30 socket cap screw, 8.8", { exact: true })).toBeVisible();
  await expect(section(page, "Spanner, drill and hole")).toContainText("6 mm hexagon key");
});

test("a through bolt is led to its length, nut and washers, and saved to a machine", async ({
  page,
}) => {
  await page.goto("/specify");
  await radio(page, "Clear, with nut").tap();
  await page.getByLabel("Across the hole, or its thread, mm").fill("13.5");
  await page.getByLabel("Thickness clamped, mm").fill("27");
  await radio(page, "Flat").tap();
  await expect(page.getByText("M12 x 45 hex bolt, 8.8")).toBeVisible();
  await expect(page.getByText("Hexagon nut, class 8 or stronger; 10.80 mm high.")).toBeVisible();
  await button(page, "Open its sheet").tap();
  await page.getByRole("radio", { name: /^Kestrel cylinder proofer/ }).tap();
  await page.getByLabel("Place on the machine").fill("Feed board bracket");
  await button(page, "Save to the machine").tap();
  await expect(page).toHaveURL(/\/sheet\//);
  await expect(page.getByText("M12 x 45 hex bolt, 8.8", { exact: true })).toBeVisible();
  await page.goto("/jobs");
  await button(page, /^Kestrel cylinder proofer/).tap();
  await button(page, /Feed board bracket/).tap();
  await expect(section(page, "What goes in")).toContainText("M12 x 45 hex bolt, 8.8");
  await expect(page.getByText("Specified without a sample")).toBeVisible();
});

test("a countersunk screw on the bench is measured over all and written up", async ({ page }) => {
  await openBench(page);
  await button(page, /^Ø over crests/).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill("4.9");
  await button(page, "Take this diameter").tap();
  await button(page, /^pitch/).tap();
  await page.getByRole("radio", { name: "0.8 mm leaf" }).tap();
  await page.getByRole("dialog").getByRole("button", { name: "Drops in", exact: true }).tap();
  await button(page, /^mark/).tap();
  await radio(page, "Countersunk").tap();
  await expect(
    page.getByText("Its length is measured the whole length, head and all."),
  ).toBeVisible();
  await radio(page, "Cross recess").tap();
  await radio(page, "Does not stick").tap();
  await radio(page, "A2-70").tap();
  await button(page, "Done").tap();
  await button(page, /^length/).tap();
  await page.getByLabel("Length", { exact: true }).fill("15.8");
  await expect(page.getByText(/0.20 mm under 16 mm/)).toBeVisible();
  await button(page, "Take 16 mm, the stock length").tap();
  await button(page, "Write it up").tap();
  await expect(page.getByLabel("As you would order it")).toHaveValue(
    "M5 x 16 cross countersunk screw, A2-70",
  );
  await expect(page.getByText("The mark A2-70 means A2-70.")).toBeVisible();
  await page.getByRole("radio", { name: /^Folding machine/ }).tap();
  await button(page, "Save to the machine").tap();
  await expect(section(page, "Spanner, drill and hole")).toContainText("Cross driver no. 2");
  await expect(section(page, "Spanner, drill and hole")).toContainText("Countersink 90°");
});

test("a nut's class is read off the angle between its marks", async ({ page }) => {
  await openBench(page);
  await button(page, /^The part:/).tap();
  await page.getByRole("dialog").getByRole("button", { name: /^Nut/ }).tap();
  await button(page, /^bore/).tap();
  await page.getByLabel("Bore", { exact: true }).fill("10.75");
  await button(page, "Take this bore").tap();
  await button(page, "Find the leaf that drops in: 13 TPI").tap();
  await button(page, /^mark/).tap();
  await radio(page, "Marks 120° apart").tap();
  await button(page, "Done").tap();
  await button(page, "Write it up").tap();
  await expect(page.getByText("Read as marks 120° apart: grade 5 (SAE J995).")).toBeVisible();
});

test("lines on a head are touched in as they are seen", async ({ page }) => {
  await openBench(page);
  await button(page, /^mark/).tap();
  for (const hour of [12, 4, 8]) {
    await page.getByRole("checkbox", { name: `Line at ${hour} o’clock` }).tap();
  }
  await button(page, "Take 3 lines").tap();
  await expect(button(page, /^mark 3 lines/)).toBeVisible();
});

test("a joint on which safety hangs shows its caution on screen and on paper", async ({ page }) => {
  await page.goto("/jobs");
  await button(page, /^Union lever guillotine/).tap();
  await button(page, /Guard, upper right/).tap();
  const caution = page.getByRole("note", { name: "Caution" });
  await expect(caution).toContainText("People’s safety hangs on this joint.");
  await section(page, "Found here").getByRole("button").first().tap();
  await expect(page).toHaveURL(/\/sheet\//);
  await expect(caution).toContainText("People’s safety hangs on this joint.");
  // What goes in is changed where it stands, and a weaker one is told so.
  await button(page, "Change what goes in").tap();
  const change = page.getByRole("region", { name: "Change the sheet" });
  await change.getByLabel("As you would order it").fill("7/16-14 x 2-1/4 hex gr 2");
  await expect(change).toContainText("put in grade 5 or stronger");
  await button(page, "Leave it as it was").tap();
  await openSheet(page, "7/16-14 x 2-1/4 gr 5 zinc", "&duty=safety-critical");
  await expect(section(page, "May go in instead")).toContainText("Read the caution first.");
  await button(page, "Save to the machine").tap();
  await expect(page.getByRole("alert")).toContainText("Read the caution first.");
  await button(page, "I have read this caution").tap();
  await expect(section(page, "May go in instead")).toContainText("grade 5.2");
  const printed = await textOfPdf(page, {
    callout: "7/16-14 UNC x 2-1/4 hex cap screw, grade 5, zinc",
    duty: "safety-critical",
    title: "Union lever guillotine: Guard, upper right",
  });
  expect(printed).toContain("People’s safety hangs on this joint.");
  expect(printed).toContain("Union lever guillotine: Guard, upper right");
  expect(printed).toContain("40.2 kN (586 MPa)");
});

for (const [callout, datum] of [
  ["M8 x 40 hex", "from under the head to the tip"],
  ["M8 x 40 button", "from under the head to the tip"],
  ["M8 x 40 csk", "the whole length, head and all"],
  ["M8 x 40 raised csk", "from the flush line, where the crown begins, to the tip"],
  ["M8 x 40 grub screw", "from end to end"],
  ["M8 x 40 shoulder screw", "the shoulder alone, without its thread"],
] as const) {
  test(`${callout} is measured ${datum}`, async ({ page }) => {
    await openSheet(page, callout);
    await expect(section(page, "Sizes")).toContainText(`Its length is measured ${datum}.`);
    await expect(page.getByRole("img", { name: /drawn to scale/ })).toContainText("40 mm");
  });
}

test("a pin has its sheet, and a metal and a class that exclude each other are said", async ({
  page,
}) => {
  await page.goto(`/fastener?callout=${encodeURIComponent("10 m6 x 50 dowel pin")}`);
  await expect(page.getByText("10.006 mm to 10.015 mm")).toBeVisible();
  await page.goto(`/fastener?callout=${encodeURIComponent("M8 x 30 hex bolt brass 10.9")}`);
  await expect(page.getByText(/Brass is not made as class 10.9/)).toBeVisible();
  await page.goto(`/fastener?callout=${encodeURIComponent("DIN 933 M12 x 40 8.8")}`);
  await expect(page.getByText("19 mm spanner").first()).toBeVisible();
});
