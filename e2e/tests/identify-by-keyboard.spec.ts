import { expect, openBench, tabTo, test, WIDE } from "../support/test";

test.use(WIDE);

test("M10 x 1.25 and 1/2-13 UNC are identified, saved and found after a restart", async ({
  page,
  server,
}) => {
  await openBench(page);
  const { keyboard } = page;

  await keyboard.press("d");
  await expect(page.getByLabel("Ø over crests", { exact: true })).toBeFocused();
  await keyboard.type("9.9");
  await keyboard.press("Enter");
  await expect(page.getByText("Down to three")).toBeVisible();
  await keyboard.press("p");
  await expect(page.getByLabel("Find a leaf by its mark")).toBeFocused();
  await keyboard.type("1.25");
  await keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Drops in", exact: true })).toBeFocused();
  await keyboard.press("Enter");
  await expect(page.getByText("Settled", { exact: true })).toBeVisible();

  await keyboard.press("w");
  await tabTo(page, "Which machine");
  await keyboard.type("Union lever guillotine");
  await keyboard.press("Enter");
  await tabTo(page, "Save to the machine");
  await keyboard.press("Enter");
  await expect(page.getByText("M10 x 1.25 - 6g")).toBeVisible();
  await tabTo(page, "Start another");
  await keyboard.press("Enter");

  await page.getByText("None taken yet.", { exact: false }).waitFor();
  await keyboard.press("d");
  await expect(page.getByLabel("Ø over crests", { exact: true })).toBeFocused();
  await keyboard.type("12.52");
  await keyboard.press("Enter");
  await expect(page.getByText("Down to four")).toBeVisible();
  await keyboard.press("n");
  await expect(
    page.getByRole("button", { name: "Find the leaf that drops in: 13 TPI" }),
  ).toBeFocused();
  await keyboard.press("Enter");
  await expect(page.getByText("Settled", { exact: true })).toBeVisible();
  await keyboard.press("w");
  await tabTo(page, "Save to the machine");
  await keyboard.press("Enter");
  await expect(page.getByText("1/2-13 UNC-2A")).toBeVisible();
  await expect(page.getByText("not on the server yet")).toBeHidden();

  await server.stop();
  await server.start();
  await page.goto("/jobs");
  await tabTo(page, /Union lever guillotine/);
  await keyboard.press("Enter");
  await expect(page.getByText("M10 x 1.25 - 6g")).toBeVisible();
  await expect(page.getByText("1/2-13 UNC-2A")).toBeVisible();
});

test("u flips every figure, z undoes, / finds, ? lists the keys, and a field keeps its own keys", async ({
  page,
}) => {
  await openBench(page);
  const { keyboard } = page;
  await keyboard.press("d");
  await expect(page.getByLabel("Ø over crests", { exact: true })).toBeFocused();
  await keyboard.type("12.52");
  await keyboard.press("Enter");
  const running = page.getByRole("list", { name: "Still in the running" });
  const first = running.getByRole("listitem").filter({ hasText: "1/2-13 UNC" });
  await expect(first).toContainText("12.52 mm is inside 12.39–12.66 mm.");
  await keyboard.press("u");
  await expect(first).toContainText("0.4929 in is inside 0.4876–0.4985 in.");
  // What was read stays as it was said, with the other unit beside it.
  await expect(page.getByRole("button", { name: /^Ø over crests 12.52 mm/ })).toBeVisible();
  await expect(page.getByRole("button", { name: "Put right: Ø 12.52 mm 0.4929 in" })).toBeVisible();

  await keyboard.press("/");
  await keyboard.type("m12 u");
  await expect(page.getByText("“u” in “m12 u” was not understood", { exact: false })).toBeVisible();
  await page.getByLabel("As it is written").fill("m12");
  await expect(page.getByRole("region", { name: "Find a thread, or order a part" })).toContainText(
    "0.4929 in is 0.0218 over the largest 6g.",
  );
  await keyboard.press("Escape");
  await keyboard.press("?");
  await expect(page.getByText("go to the next test")).toBeVisible();
  await keyboard.press("Escape");
  await keyboard.press("z");
  await expect(page.getByText("None taken yet.", { exact: false })).toBeVisible();
});
