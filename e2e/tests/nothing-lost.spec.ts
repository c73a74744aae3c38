import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test } from "../support/test";
import { watchRequests } from "../support/settled";

test.use(PHONE);

async function typeDiameter(page: Page, text: string): Promise<void> {
  await page.getByLabel("Ø over crests", { exact: true }).fill(text);
  await page.getByRole("button", { name: "Take this diameter" }).tap();
}

test("bad readings are answered with a sentence, and stay in the field", async ({ page }) => {
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  for (const [text, sentence] of [
    ["0", "a size is more than nothing"],
    ["-4", "a size is more than nothing"],
    ["5 m", "“m” is not a unit used here"],
    ["5000", "Accepted: 0.50–200.00 mm"],
    ["bolt", "not a figure"],
    ["1/0", "nothing can be cut into 0 parts"],
    ["1 1/2 3/4", "more than one fraction"],
  ] as const) {
    await typeDiameter(page, text);
    await expect(page.getByRole("alert")).toContainText(sentence);
    await expect(page.getByRole("alert")).toContainText(`Read “${text}”`);
    await expect(page.getByLabel("Ø over crests", { exact: true })).toHaveValue(text);
  }
  await expect(page.getByRole("button", { name: /Put right:/ })).toHaveCount(0);
});

test("an identification in progress, an open pad and a half-typed figure survive a reload", async ({
  page,
}) => {
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  await typeDiameter(page, "12.52");
  await page.getByRole("button", { name: /^pitch/ }).tap();
  await page.getByRole("radio", { name: "Count" }).tap();
  await page.getByLabel("Threads").fill("13");
  await page.reload();
  await expect(page.getByLabel("Threads")).toHaveValue("13");
  await page.getByRole("button", { name: "Close", exact: true }).tap();
  await expect(page.getByRole("button", { name: /Put right: Ø 12.52 mm/ })).toBeVisible();
  await expect(page.getByText("Down to four")).toBeVisible();
});

test("a part that was asked for is still there on the way back from its sheet", async ({
  page,
}) => {
  await page.goto("/fastener");
  const wanted = page.getByLabel("The part, as you would order it");
  await wanted.fill("M8 x 30 8.8");
  await page.getByRole("button", { name: /Open its sheet/ }).tap();
  await expect(page.getByRole("heading", { name: "Fastener sheet" })).toBeVisible();
  await page.goBack();
  await expect(wanted).toHaveValue("M8 x 30 8.8");
  // Another takes its place without the first being rubbed out.
  await page.keyboard.type("M6 x 20");
  await expect(wanted).toHaveValue("M6 x 20");
});

test("a reading taken away comes back with undo", async ({ page }) => {
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  await typeDiameter(page, "12.52");
  await page.getByRole("button", { name: /Take away/ }).tap();
  await expect(
    page.getByText("Measure over the crests, and touch", { exact: false }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).tap();
  await expect(page.getByText("Down to four")).toBeVisible();
});

test("with the server stopped a save is kept, said so, and delivered once when it is back", async ({
  page,
  server,
}) => {
  const settled = watchRequests(page);
  await openBench(page);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  await typeDiameter(page, "9.9");
  // The rooms' code is fetched ahead, a moment after the Bench is ready.
  await page.waitForFunction(
    () =>
      performance.getEntriesByType("resource").filter(({ name }) => name.includes("later-"))
        .length > 0,
  );
  await settled();
  await server.stop();
  await page.getByRole("button", { name: "Write it up as it stands" }).tap();
  await page.getByLabel("Which machine").fill("Folding machine");
  await page.getByRole("button", { name: /^Add “/ }).tap();
  await page.getByRole("button", { name: "Save to the machine" }).tap();
  await expect(
    page.getByText("The server does not answer. 2 saves are kept", { exact: false }),
  ).toBeVisible();
  await expect(page.getByText("Kept on this device, not on the server yet.")).toBeVisible();

  await page.getByRole("button", { name: "Jobs", exact: true }).tap();
  await expect(
    page.getByRole("button", { name: /Folding machine.*one part written up/ }),
  ).toBeVisible();

  await server.start();
  await expect(page.getByText("The server does not answer", { exact: false })).toBeHidden();
  await expect(page.getByText("not on the server yet")).toBeHidden();
  const { machines } = (await (await page.request.get("/api/machines")).json()) as {
    machines: { name: string; identifications: number }[];
  };
  expect(machines).toMatchObject([{ name: "Folding machine", identifications: 1 }]);
});

test("what cannot be read any more is put aside, not thrown away", async ({ page }) => {
  await openBench(page);
  await page.evaluate(() => localStorage.setItem("rg.bench", "{broken"));
  await page.reload();
  await expect(page.getByText("As known so far")).toBeVisible();
  expect(await page.evaluate(() => localStorage.getItem("rg.aside.1.rg.bench"))).toBe("{broken");
});

/** What the browser's database holds of the server's answers; runs in the page. */
async function keptAnswers(): Promise<string> {
  const databases = await indexedDB.databases();
  if (!databases.some(({ name }) => name === "root-gauge")) return "";
  const done = <Result>(request: IDBRequest<Result>) =>
    new Promise<Result>((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(new Error("the database cannot be read"));
    });
  const database = await done(indexedDB.open("root-gauge"));
  const kept = await done(database.transaction("answers").objectStore("answers").getAll());
  database.close();
  return JSON.stringify(kept);
}

test.describe("the server's answers", () => {
  test.use({ content: "demo" });

  test("are read after a reload while the server is away", async ({ page }) => {
    await page.goto("/jobs");
    const machine = page.getByRole("button", { name: /^Kestrel/ });
    await machine.tap();
    await expect(page.getByText("Impression adjuster")).toBeVisible();
    // What was read is written down within a second.
    await expect.poll(() => page.evaluate(keptAnswers)).toContain("Impression adjuster");
    await page.route("**/api/**", (route) => route.abort());
    await page.reload();
    await expect(page.getByText("Impression adjuster")).toBeVisible();
    await page.goto("/jobs");
    await expect(machine).toBeVisible();
  });
});
