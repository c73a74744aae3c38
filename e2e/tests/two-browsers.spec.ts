import type { Browser, Page } from "@playwright/test";
import { expect, PHONE, test } from "../support/test";

test.use({ ...PHONE, content: "demo" });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });

/** Another phone in the same workshop, at the same address. */
async function otherPhone(browser: Browser, page: Page): Promise<Page> {
  const context = await browser.newContext({ ...PHONE });
  const other = await context.newPage();
  await other.goto(page.url());
  return other;
}

async function openPlace(page: Page, name: RegExp): Promise<void> {
  await page.goto("/jobs");
  await button(page, /^Kestrel cylinder proofer/).tap();
  await button(page, name).tap();
  await expect(page.getByRole("region", { name: "History" })).toContainText("Made");
}

interface Place {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly machineId: string;
}

const idIn = (page: Page) => new URL(page.url()).pathname.split("/").at(-1) ?? "";

async function placesOf(page: Page, machineId: string): Promise<readonly Place[]> {
  const answer = await page.request.get(`/api/machines/${machineId}/positions`);
  return ((await answer.json()) as { positions: Place[] }).positions;
}

test("what another phone changes is on the screen without a reload, and marked for a moment", async ({
  page,
  browser,
}) => {
  await openPlace(page, /^Impression adjuster/);
  const other = await otherPhone(browser, page);
  await page.goto(`/machine/${await machineOf(page)}`);
  await expect(button(page, /^Impression adjuster/)).toBeVisible();
  await other.getByRole("radio", { name: "Watch" }).tap();
  await expect(button(page, /^Impression adjuster.*Watch/)).toBeVisible();
  await expect(page.getByText("Just changed on another device")).toBeVisible();
  await expect(page.getByText("Just changed on another device")).toHaveCount(0);
  await other.context().close();
});

async function machineOf(page: Page): Promise<string> {
  const answer = await page.request.get(`/api/positions/${idIn(page)}`);
  return ((await answer.json()) as Place).machineId;
}

test("what is typed stays under what another phone sends, is told of it, and clashes where both changed the same", async ({
  page,
  browser,
}) => {
  await openPlace(page, /^Impression adjuster/);
  const other = await otherPhone(browser, page);
  await button(page, "Edit").tap();
  await page.getByLabel("How many alike").fill("6");
  await other.getByRole("radio", { name: "Watch" }).tap();
  await expect(page.getByText("since you began", { exact: false })).toBeVisible();
  await expect(page.getByLabel("How many alike")).toHaveValue("6");
  await button(other, "Edit").tap();
  await other.getByLabel("How many alike").fill("9");
  await button(other, "Keep the change").tap();
  await expect(other.getByText("9 alike", { exact: false })).toBeVisible();
  await expect(other.getByText("not on the server yet")).toHaveCount(0);

  // What was seen when the change began is kept over a reload.
  await page.reload();
  await expect(page.getByLabel("How many alike")).toHaveValue("6");
  await expect(page.getByText("Another device has put “9” here")).toBeVisible();
  await button(page, "Keep the change").tap();
  await expect(page.getByText("Another device has changed", { exact: false })).toBeVisible();
  await page.goto("/outbox");
  await expect(page.getByText("Alike: 6")).toBeVisible();
  await expect(page.getByText("Alike: 9")).toBeVisible();
  await other.context().close();
});

test("a place that is made one with another while it is edited loses nothing untold", async ({
  page,
  browser,
}) => {
  await openPlace(page, /^Impression adjuster/);
  const id = idIn(page);
  const other = await otherPhone(browser, page);
  await button(page, "Edit").tap();
  await page.getByLabel("Notes", { exact: true }).fill("Thread drawn.");
  const places = await placesOf(page, await machineOf(page));
  const from = places.find((place) => place.id === id);
  const into = places.find((place) => place.name.startsWith("Side cover"));
  if (from === undefined || into === undefined) throw new Error("the places are not there");
  const merged = await other.request.post(`/api/positions/${id}/merge?saw=${from.version}`, {
    data: { into: into.id, saw: into.version },
  });
  expect(merged.status()).toBe(200);
  await button(page, "Keep the change").tap();
  await expect(page.getByText("Another device has changed", { exact: false })).toBeVisible();
  await page.goto("/outbox");
  await expect(page.getByText("Notes: Thread drawn.")).toBeVisible();
  await expect(page.getByText("Taken out of the lists: yes")).toBeVisible();
  await other.context().close();
});

test("two lines of an order are ticked at once, and both stay", async ({ page, browser }) => {
  const id = "4d0c5b61-1f7a-4b52-8d0e-2f6a3c9b1e57";
  const line = (at: number) => ({
    id: `5d0c5b61-1f7a-4b52-8d0e-2f6a3c9b1e5${at}`,
    callout: `M8 x ${20 + 10 * at} hex bolt 8.8`,
    needed: 4,
  });
  const made = await page.request.put(`/api/orders/${id}`, {
    data: {
      name: "Blade change",
      rule: { sparesPercent: 0, sparesAtLeast: 0, pack: 1 },
      lines: [line(0), line(1)],
    },
  });
  expect(made.status()).toBe(200);
  await page.goto(`/order/${id}`);
  const other = await otherPhone(browser, page);
  const arrived = (on: Page) => button(on, /^Arrived: put every/);
  const back = (on: Page) => button(on, /^Not arrived after all/);
  await expect(arrived(page)).toHaveCount(2);
  await expect(arrived(other)).toHaveCount(2);
  // The other is offline while both tick.
  await other.context().setOffline(true);
  await arrived(other).nth(1).tap();
  await arrived(page).nth(0).tap();
  await expect(page.getByText("not on the server yet")).toHaveCount(0);
  await other.context().setOffline(false);
  await expect(back(page)).toHaveCount(2);
  await expect(back(other)).toHaveCount(2);
  await other.goto("/outbox");
  await expect(other.getByText("Nothing waits", { exact: false })).toBeVisible();
  await other.context().close();
});

test("what is put back while offline does not undo what another phone did since", async ({
  page,
  browser,
}) => {
  await openPlace(page, /^Impression adjuster/);
  const id = idIn(page);
  const other = await otherPhone(browser, page);
  await expect(other.getByRole("radio", { name: "Watch" })).toBeVisible();
  await page.context().setOffline(true);
  await button(page, "Edit").tap();
  await button(page, "Remove the position").tap();
  await other.getByRole("radio", { name: "Watch" }).tap();
  await expect(other.getByText("not on the server yet")).toHaveCount(0);
  await button(page, /^Undo: put back/).tap();
  await page.context().setOffline(false);
  await page.goto("/outbox");
  await expect(page.getByText("Nothing waits", { exact: false })).toBeVisible();
  const stored = (await (await page.request.get(`/api/positions/${id}`)).json()) as {
    state: string;
    removed: boolean;
  };
  expect(stored).toMatchObject({ state: "watch", removed: false });
  await other.context().close();
});
