import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test } from "../support/test";

test.use(PHONE);

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });
const offered = (page: Page) =>
  page.getByRole("region", { name: "What may be done" }).getByRole("button");

/** Answers a question of a few by its plate. */
const answer = (page: Page, question: string, choice: string) =>
  page
    .getByRole("radiogroup", { name: question })
    .getByRole("radio", { name: choice, exact: true })
    .tap();

async function begin(page: Page, symptom: string, thread: string): Promise<void> {
  await page.goto("/mend");
  await page.getByText(symptom).tap();
  await page.getByLabel("Thread", { exact: true }).fill(thread);
}

/** The stripped M8 of the alloy side cover: 24 deep, the 8.8 screw held over 12 and is undone often. */
async function sayCover(page: Page, edge: string): Promise<void> {
  await begin(page, "Strips when tightened", "M8");
  await page.getByLabel("Depth, mm").fill("24");
  await page.getByLabel("To the edge, mm").fill(edge);
  await page.getByLabel("Screw held over, mm").fill("12");
  await answer(page, "Class of the screw", "8.8");
  await answer(page, "Undone often", "Yes");
}

const look = (page: Page) => button(page, "What may be done").tap();

/** Does every step that is left, and says how many there were. */
async function workThrough(page: Page): Promise<void> {
  const count = page.getByText(/^Step \d+ of \d+$/);
  await expect(count).toBeVisible();
  const [, at, of] = /Step (\d+) of (\d+)/.exec((await count.textContent()) ?? "") ?? [];
  for (let step = Number(at); step <= Number(of); step += 1) {
    await expect(page.getByText(`Step ${step} of ${of}`)).toBeVisible();
    await button(page, "Done").tap();
  }
  await expect(page.getByText("All steps are done.", { exact: false })).toBeVisible();
}

/** The plan as a PDF of one page, as the screen hands it over. */
async function expectPaper(page: Page): Promise<void> {
  const download = page.waitForEvent("download");
  await button(page, "Plan on paper, a PDF of one page").tap();
  expect((await download).suggestedFilename()).toBe("work-plan.pdf");
}

/** Writes up how it came out, and finds it under its machine. */
async function save(page: Page, machine: string, place: string, title: string): Promise<void> {
  await answer(page, "How it was at the end", "It holds");
  await page.getByLabel("Place on the machine").fill(place);
  await page.getByLabel("Which machine").fill(machine.slice(0, 6));
  await page.getByRole("radio", { name: new RegExp(machine) }).tap();
  await button(page, "Save it to the machine").tap();
  await expect(page.getByRole("heading", { name: title })).toBeVisible();
  await expect(page.getByText("It holds").first()).toBeVisible();
  await page.goto("/jobs");
  await button(page, new RegExp(`^${machine}`)).tap();
  const repairs = page.getByRole("region", { name: "Repairs" });
  await expect(repairs.getByText(place, { exact: true })).toBeVisible();
}

test.describe("from what is wrong to a plan that is done and kept", () => {
  test.use({ content: "demo" });

  test("the stripped hole of the side cover takes a wire insert, over a reload", async ({
    page,
  }) => {
    await sayCover(page, "12");
    await look(page);
    await expect(page.getByRole("img", { name: "The hole cut open: M8 x 1.25" })).toBeVisible();
    await expect(offered(page).first()).toContainText("Wire insert, 1.5 D");
    await expect(offered(page).first()).toContainText("108 %");
    await expect(offered(page).first()).toContainText("Holds about 21 kN");
    await button(page, "Plan it").tap();
    await expect(page.getByText("Step 1 of 17")).toBeVisible();
    for (let step = 0; step < 3; step += 1) await button(page, "Done").tap();
    await page.getByText("It felt tight").tap();
    await expect(page.getByText(/under 8.27 mm it is too small/)).toBeVisible();
    await page.getByLabel("Note").fill("8.4 felt right");
    await page.keyboard.press("Tab");
    for (let step = 3; step < 5; step += 1) await button(page, "Done").tap();
    await expect(page.getByText("8.4 mm", { exact: true })).toBeVisible();
    await expect(page.getByText("Glasses on.")).toBeVisible();
    await page.reload();
    await expect(page.getByText("Step 6 of 17")).toBeVisible();
    await page.keyboard.press("PageDown");
    await expect(page.getByText("Step 7 of 17")).toBeVisible();
    await button(page, "One step back").tap();
    await button(page, "Skip this step").tap();
    await expect(page.getByText("Say in the note why it is skipped.")).toBeVisible();
    await expectPaper(page);
    await workThrough(page);
    await save(
      page,
      "Kestrel cylinder proofer",
      "Side cover, front",
      "M8 x 1.25: Wire insert, 1.5 D",
    );
  });

  test("the oil cup of the bearing cap goes up a size, with oil behind it", async ({ page }) => {
    await begin(page, "Must go up a size", "1/4 BSW");
    await answer(page, "The hole is", "Through");
    await page.getByLabel("Thickness, mm").fill("8");
    await page.getByLabel("To the edge, mm").fill("9");
    await answer(page, "What goes in", "A plug or a cup");
    await answer(page, "Metal of the part", "Grey iron");
    await answer(page, "Oil, a bearing or wires behind", "Yes");
    await look(page);
    await expect(offered(page).first()).toContainText("Go up a size: 5/16-18 BSW");
    await button(page, "Plan it").tap();
    for (let step = 0; step < 8; step += 1) await button(page, "Done").tap();
    await expect(page.getByText(/Second tap/)).toBeVisible();
    await expect(page.getByText(/Grease in the flutes/)).toBeVisible();
    await button(page, "Done").tap();
    await expect(page.getByText(/Bottoming tap .*no deeper than 8.00 mm/)).toBeVisible();
    for (let step = 0; step < 3; step += 1) await button(page, "Done").tap();
    await expect(page.getByText("Shorten it")).toBeVisible();
    await expectPaper(page);
    await workThrough(page);
    await save(page, "Harrow treadle platen", "Oil cup", "1/4-20 BSW: Go up a size: 5/16-18 BSW");
  });

  test("the shearing screws of the drive flange go up to what clears their seats", async ({
    page,
  }) => {
    await begin(page, "Must go up a size", "M6");
    await page.getByLabel("Depth, mm").fill("22");
    await page.getByLabel("To the edge, mm").fill("14");
    await page.getByLabel("Clean from, across, mm").fill("8.6");
    await button(page, "More about the part").tap();
    await page.getByLabel("Hole of the mating part, mm").fill("8.6");
    await page.getByLabel("Room for the head, across, mm").fill("28");
    await answer(page, "Metal of the part", "Mild steel");
    await answer(page, "Class of the screw", "8.8");
    await answer(page, "What hangs on it", "It vibrates");
    await look(page);
    await expect(offered(page).first()).toContainText("Go up a size: M10 x 1.5");
    await expect(offered(page).first()).toContainText("Open the mating part to");
    await expect(page.getByText("Go up a size: 3/8-24 UNF").first()).toBeVisible();
    await button(page, /^Refused/).tap();
    await expect(page.getByText(/need 30.06 mm across, and there are 28.00 mm/)).toBeVisible();
    await expect(page.getByRole("slider", { name: "Drill" })).toBeVisible();
    await button(page, "Plan it").tap();
    for (let step = 0; step < 4; step += 1) await button(page, "Done").tap();
    await expect(page.getByText(/as the guide: its hole of 8.60 mm leads the drill/)).toBeVisible();
    await expectPaper(page);
    await workThrough(page);
    await save(page, "Folding machine", "Drive flange", "M6 x 1: Go up a size: M10 x 1.5");
  });

  test("a bruised stud of no standard size is filed by its pitch alone", async ({ page }) => {
    await page.goto("/mend");
    await page.getByText("Stud or bolt bruised").tap();
    await answer(page, "Of no standard size", "Yes");
    await page.getByLabel("Pitch, mm or TPI").fill("20 tpi");
    await page.getByLabel("Over its crests, mm").fill("12.3");
    await look(page);
    await expect(offered(page).first()).toContainText("File it by its pitch");
    await button(page, "Plan it").tap();
    for (let step = 0; step < 2; step += 1) await button(page, "Done").tap();
    await expect(page.getByText(/Thread file of its pitch, 20 TPI/)).toBeVisible();
    await expectPaper(page);
    await workThrough(page);
    await save(
      page,
      "Nipping press",
      "Stud of the platen",
      "12.3 mm, 20 TPI: File it by its pitch",
    );
  });

  test("a new blind hole is tapped with a second and a bottoming tap", async ({ page }) => {
    await page.goto("/tools");
    await page.getByRole("checkbox", { name: "taper tap" }).tap();
    await begin(page, "New hole", "M8");
    await page.getByLabel("Depth, mm").fill("18");
    await page.getByLabel("Part is thick, mm").fill("25");
    await answer(page, "Metal of the part", "Grey iron");
    await look(page);
    await expect(page.getByText("Depth at full width")).toBeVisible();
    await button(page, "Plan it").tap();
    await expect(page.getByText(/second tap M8 x 1.25, bottoming tap M8 x 1.25/)).toBeVisible();
    await expectPaper(page);
    await workThrough(page);
    await save(page, "Nipping press", "Bed, new hole", "M8 x 1.25: New hole");
  });

  test("a weeping fitting is found to be American in a British port", async ({ page }) => {
    await page.goto("/mend");
    await page.getByText("Leaks").tap();
    await page.getByLabel("Thread of the port").fill("G 1/2");
    await page.getByLabel("Thread that is screwed in").fill("1/2 NPT");
    await expect(page.getByText(/Say first what it holds in: nothing is advised/)).toBeVisible();
    await answer(page, "What it holds in", "Water");
    await look(page);
    await expect(offered(page).first()).toContainText("An adaptor between");
    await button(page, /^Refused/).tap();
    await expect(page.getByText(/never seal together/)).toBeVisible();
    await button(page, "Plan it").tap();
    await expectPaper(page);
    await workThrough(page);
    await save(page, "Damp-room air", "Regulator", "G 1/2: An adaptor between");
  });

  test("a repair that was left half done is taken up where it was", async ({ page }) => {
    await page.goto("/jobs");
    await page.getByText("Folding machine").tap();
    await page.getByText("M6 x 1: Go up a size: M10 x 1.5").tap();
    await expect(page.getByText("Half done: 6 of 15 steps")).toBeVisible();
    await button(page, "Go on with it").tap();
    await expect(page.getByText("Step 7 of 15")).toBeVisible();
  });
});

test("the same hole near the edge refuses what needs more wall, and says how much", async ({
  page,
}) => {
  await sayCover(page, "5.5");
  await look(page);
  await button(page, /^Refused/).tap();
  await expect(
    page.getByText("The wall to the edge would be 0.69 mm, and 2.00 mm are the least."),
  ).toBeVisible();
});

test("over oil the drill stops where the floor begins, and the insert is tried with itself", async ({
  page,
}) => {
  await sayCover(page, "12");
  await answer(page, "Oil, a bearing or wires behind", "Yes");
  await button(page, "More about the part").tap();
  await page.getByLabel("Part is thick, mm").fill("26.2");
  await look(page);
  await expect(offered(page).first()).toContainText("Leaves 4.00 mm under the point of the drill");
  await button(page, "Plan it").tap();
  for (let step = 0; step < 5; step += 1) await button(page, "Done").tap();
  await expect(page.getByText(/19.68 mm deep at full width/)).toBeVisible();
  for (let step = 0; step < 5; step += 1) await button(page, "Done").tap();
  await expect(page.getByText(/Not the screw: it drops through and proves nothing/)).toBeVisible();
});

test("a class that nobody said is named, and what holds less is offered last, as weaker", async ({
  page,
}) => {
  await begin(page, "Strips when tightened", "M8");
  await page.getByLabel("Depth, mm").fill("13");
  await expect(
    page.getByText(/held against 8.8, so that nothing weaker is put in/).first(),
  ).toBeVisible();
  await page.getByLabel("Screw held over, mm").fill("9.25");
  await look(page);
  await expect(page.getByText(/held against 8.8/).first()).toBeVisible();
  await expect(offered(page).first()).not.toContainText("Weaker than is wanted");
  await expect(offered(page).filter({ hasText: "Weaker than is wanted" }).first()).toBeVisible();
});

test("a left-hand bolt that will not turn comes out to the right, and no flame goes near seals", async ({
  page,
}) => {
  await begin(page, "Bolt will not turn", "M8 LH");
  await answer(page, "Seals, fuel, paint or wires near", "Yes");
  await look(page);
  await expect(offered(page).first()).toContainText("Soak it and shock it");
  await button(page, /^Refused/).tap();
  await expect(page.getByText(/No flame and no weld here/).first()).toBeVisible();
  await button(page, "Plan it").tap();
  for (let step = 0; step < 3; step += 1) await button(page, "Done").tap();
  await expect(page.getByText(/comes out to the right \(clockwise\)/)).toBeVisible();
});

test("a thread gone in sheet that is closed behind takes a rivet nut, ordered in a counter's words", async ({
  page,
}) => {
  await begin(page, "Thread gone in thin sheet", "M6");
  await page.getByLabel("Thickness, mm").fill("2");
  await answer(page, "Metal of the part", "Mild steel");
  await answer(page, "Oil, a bearing or wires behind", "Yes");
  await look(page);
  await expect(offered(page).first()).toContainText("Rivet nut");
  await button(page, "Plan it").tap();
  await expect(
    page.getByText(/To order at the counter: rivet nut M6 x 1, flat head, for 2 mm sheet/),
  ).toBeVisible();
});

test("where safety hangs on it only replacing is offered until the caution was read", async ({
  page,
}) => {
  await sayCover(page, "12");
  await answer(page, "What hangs on it", "Safety hangs on it");
  await look(page);
  await expect(offered(page).first()).toContainText("Replace the part");
  await button(page, "I have read this caution").tap();
  await expect(offered(page).first()).toContainText("Wire insert");
});

test("figures that cannot be are said before a plan begins, and nothing of it is lost", async ({
  page,
}) => {
  await sayCover(page, "12");
  await look(page);
  await expect(offered(page).first()).toContainText("Wire insert");
  await offered(page).first().tap();
  await button(page, /bore/).tap();
  const torn = page.getByRole("region", { name: "Figure of the hole" }).getByRole("textbox");
  await torn.fill("9.2");
  await expect(
    page.getByText(/Wire insert.* was chosen, and is not possible any more/),
  ).toBeVisible();
  await expect(page.getByText(/What works now: /)).toBeVisible();
  await torn.fill("12");
  await expect(page.getByText(/The bore reads 12.00 mm/)).toBeVisible();
  await expect(button(page, "Plan it")).toHaveCount(0);
  await torn.fill("8.1");
  await expect(offered(page).first()).toContainText("Wire insert");
  await page.getByLabel("To the edge, mm").fill("300");
  await expect(page.getByRole("alert").filter({ hasText: /^To the edge: .*300/ })).toBeVisible();
  await page.getByLabel("To the edge, mm").fill("3");
  await expect(page.getByText(/there is no wall left/)).toBeVisible();
  await page.getByLabel("To the edge, mm").fill("12");
  await page.getByLabel("Torque it must take, N m").fill("400");
  await expect(page.getByText(/Nothing that can be done here holds so much/)).toBeVisible();
  await page.getByLabel("Depth, mm").fill("3");
  await expect(page.getByText(/no deeper than a tap’s own lead/)).toBeVisible();
});

test("tools that are lost change the plan, in Mend and in Charts", async ({ page }) => {
  await page.goto("/tools");
  for (const set of ["mm by 0.5", "1/64 in", "no. 1–80", "A–Z"]) {
    await page.getByRole("checkbox", { name: set, exact: true }).tap();
  }
  await button(page, "mm by 0.1: 0 lost").tap();
  await page.getByRole("checkbox", { name: "8.5", exact: true }).tap();
  await begin(page, "New hole", "M10");
  await page.getByLabel("Depth, mm").fill("20");
  await answer(page, "Metal of the part", "Mild steel");
  await look(page);
  await expect(page.getByText("8.6 mm", { exact: true }).first()).toBeVisible();
  await page.goto("/charts/drills");
  await page.getByLabel("For the thread").fill("M10");
  await expect(page.getByRole("group", { name: /^8.6 mm/ })).toBeVisible();
  await expect(page.getByRole("group", { name: /^8.5 mm/ })).toHaveCount(0);
});

test("a thread that was named on the Bench is mended with its name", async ({ page }) => {
  await openBench(page);
  await page.getByRole("button", { name: /Ø/ }).first().tap();
  await page.getByRole("dialog").waitFor();
  await page.keyboard.type("7.9");
  await page.keyboard.press("Enter");
  await button(page, "It is damaged: mend it").tap();
  await page.getByText("Strips when tightened").tap();
  await expect(page.getByLabel("Thread", { exact: true })).toHaveValue(/M8/);
});

test("lengths mean what they meant when the unit of the screen is changed", async ({ page }) => {
  await sayCover(page, "12");
  await page.getByRole("radio", { name: "in", exact: true }).tap();
  await expect(page.getByLabel("Depth, mm")).toHaveValue("24");
  await expect(page.getByText("Wire insert, 1.5 D").first()).toBeVisible();
});
