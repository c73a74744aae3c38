import { SYMPTOMS } from "@root-gauge/core/mend/repair";
import { MEND_SENTENCES, SYMPTOM_WORDS } from "@root-gauge/core/say/mend";
import { expect, test, WIDE } from "../support/test";

test.use(WIDE);

/** What is asked for while it is missing, and the field for it. */
const ASKED = [
  [MEND_SENTENCES.giveThread, "Thread", "M8"],
  [MEND_SENTENCES.giveDepth, "Depth, mm", "14"],
  [MEND_SENTENCES.giveThickness, "Thickness, mm", "14"],
] as const;

test("every damage has its drawing, and asks only for what it has a field for", async ({
  page,
}) => {
  test.slow();
  await page.goto("/mend");
  const plates = page.getByRole("list").getByRole("button");
  for (const symptom of SYMPTOMS.filter((one) => one !== "leaks")) {
    const name = SYMPTOM_WORDS[symptom];
    await plates.filter({ has: page.getByText(name, { exact: true }) }).click();
    await expect(page.getByRole("heading", { name, level: 1 })).toBeVisible();
    await expect(page.getByRole("img").first(), symptom).toBeVisible();
    for (const [sentence, label, figure] of ASKED) {
      if (!(await page.getByText(sentence, { exact: true }).isVisible())) continue;
      await page.getByLabel(label, { exact: true }).fill(figure);
      await expect(page.getByText(sentence, { exact: true }), symptom).toBeHidden();
    }
    for (const [sentence] of ASKED) await expect(page.getByText(sentence), symptom).toBeHidden();
    await expect(page.getByRole("img").first(), symptom).toBeVisible();
    await page.getByRole("button", { name: "Back", exact: true }).click();
  }
});
