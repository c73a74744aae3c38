import type { Page } from "@playwright/test";
import { expect, openBench, PHONE, test } from "../support/test";

test.use(PHONE);

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });
const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";

const partOf = (notes: string) => ({
  machineId: MACHINE,
  position: "Guard, upper right",
  readings: [{ kind: "external-diameter", mm: 11.02 }],
  options: {},
  notes,
  replacement: null,
  takenAt: "2026-03-02T08:30:00.000Z",
});

async function readDiameter(page: Page, text: string): Promise<void> {
  await button(page, /^Ø over crests/).tap();
  await page.getByLabel("Ø over crests", { exact: true }).fill(text);
  await button(page, "Take this diameter").tap();
  // The panel's step back in history is over before another address is opened.
  await page.waitForFunction(() => !("panel" in ((history.state as object | null) ?? {})));
  await expect(button(page, /Put right:/)).toBeVisible();
}

test("a value that cannot be read is no blank page, and is kept to be looked at", async ({
  page,
}) => {
  await openBench(page);
  await page.evaluate(() => {
    for (const key of ["rg.outbox.odd", "rg.bench", "rg.charts", "rg.settings"]) {
      localStorage.setItem(key, '{"constructor":');
    }
  });
  await page.reload();
  await expect(page.getByText("As known so far")).toBeVisible();
  await page.goto("/outbox");
  await expect(page.getByText("Put aside from rg.outbox.odd")).toBeVisible();
  await expect(page.getByText("Put aside from rg.bench")).toBeVisible();
});

test("the names of the language's own objects are text like any other", async ({ page }) => {
  await page.goto("/charts");
  await page.getByLabel("Find a thread", { exact: true }).fill("8 constructor");
  await expect(page.getByText("Read “8 constructor”", { exact: false })).toBeVisible();
  await page.reload();
  await expect(page.getByText("Read “8 constructor”", { exact: false })).toBeVisible();
});

test("a room that could not be fetched is there when it is tried again", async ({ page }) => {
  await page.route(/\/later-.*\.js/, (route) => route.abort());
  await page.goto("/specify");
  await expect(page.getByText("This could not be shown")).toBeVisible();
  await expect(page.getByText("could not be fetched", { exact: false })).toBeVisible();
  await page.unroute(/\/later-.*\.js/);
  await page.evaluate(() => document.fonts.ready);
  await button(page, "Try again").click();
  await expect(page.getByText("The hole", { exact: true })).toBeVisible();
});

test("a screen that fails can be begun afresh, and what was typed is put aside", async ({
  page,
}) => {
  await openBench(page);
  await readDiameter(page, "11.02");
  await page.route(/\/later-.*\.js/, (route) => route.abort());
  await page.goto("/write-up");
  await button(page, "Start afresh, putting aside what was typed").tap();
  await expect(page.getByText("As known so far")).toBeVisible();
  await page.unroute(/\/later-.*\.js/);
  await page.goto("/outbox");
  await expect(page.getByText("Put aside from rg.bench")).toBeVisible();
  await expect(page.getByText("11.02", { exact: false })).toBeVisible();
  await page.goto("/");
  await expect(button(page, /Put right:/)).toHaveCount(0);
});

test("a wrong address is not found by its status too, and leads on", async ({ page }) => {
  const answer = await page.goto("/machines/of/nobody");
  expect(answer?.status()).toBe(404);
  await expect(page.getByText("Nothing at this address")).toBeVisible();
  await button(page, "Go to the Bench").tap();
  await expect(page.getByText("As known so far")).toBeVisible();
  for (const path of ["/", "/jobs", "/outbox", "/charts/thread?id=unc-1/2-13", `/sheet/${PART}`]) {
    expect((await page.request.get(path)).status()).toBe(200);
  }
});

test("what two devices changed is shown side by side, and the one that is chosen stays", async ({
  page,
}) => {
  await page.request.put(`/api/machines/${MACHINE}`, {
    data: { name: "Union lever guillotine", origin: "" },
  });
  await page.request.put(`/api/identifications/${PART}`, { data: partOf("Three lines.") });
  await page.goto(`/sheet/${PART}`);
  await button(page, "Open on the Bench").tap();
  await page.request.put(`/api/identifications/${PART}?saw=1`, { data: partOf("From the desk.") });
  await button(page, "Write it up as it stands").tap();
  await page.getByLabel("Notes").fill("From the phone.");
  await button(page, "Save to the machine").tap();
  await expect(page.getByText("Another device has changed", { exact: false })).toBeVisible();
  const stored = async () =>
    ((await (await page.request.get(`/api/identifications/${PART}`)).json()) as { notes: string })
      .notes;
  expect(await stored()).toBe("From the desk.");

  await button(page, "What waits").tap();
  await expect(page.getByText("From the desk.")).toBeVisible();
  await expect(page.getByText("From the phone.")).toBeVisible();
  await button(page, "Keep this one").tap();
  await expect(page.getByText("Nothing waits", { exact: false })).toBeVisible();
  expect(await stored()).toBe("From the phone.");
});

test("a refused save can be mended, and one that nobody wants thrown away", async ({ page }) => {
  await openBench(page);
  await page.route(`**/api/machines/${MACHINE}*`, (route) =>
    route.fulfill({
      status: 400,
      json: { error: { code: "invalid-body", message: "That name is taken." } },
    }),
  );
  await page.evaluate(
    ([id]) =>
      localStorage.setItem(
        `rg.outbox.${id}`,
        JSON.stringify({
          kind: "machine",
          id,
          queuedAt: 1,
          body: { name: "Folding machine", origin: "" },
        }),
      ),
    [MACHINE],
  );
  await page.goto("/outbox");
  await expect(page.getByText("Refused: That name is taken.")).toBeVisible();
  await page.unroute(`**/api/machines/${MACHINE}*`);
  await page.getByLabel("Machine", { exact: true }).fill("Folding machine, 1987");
  await button(page, "Save it under this name").tap();
  await expect(page.getByText("Nothing waits", { exact: false })).toBeVisible();
  const { machines } = (await (await page.request.get("/api/machines")).json()) as {
    machines: { name: string }[];
  };
  expect(machines).toMatchObject([{ name: "Folding machine, 1987" }]);
});

test("one tab says what the other does, and both read one caliper", async ({ page, context }) => {
  const streams: string[] = [];
  context.on("request", (request) => {
    if (request.url().endsWith("/api/caliper")) streams.push(request.method());
  });
  await openBench(page);
  const other = await context.newPage();
  await openBench(other);
  await readDiameter(page, "11.02");
  await expect(other.getByText("The part on the Bench was changed in another tab.")).toBeVisible();
  await expect(button(other, /Put right: Ø 11.02 mm/)).toBeVisible();

  for (const tab of [page, other]) {
    await button(tab, /^across flats/).tap();
    await tab.getByRole("radio", { name: "Live caliper" }).tap();
  }
  for (const tab of [page, other]) {
    await expect(tab.getByLabel("The caliper shows")).toContainText("mm");
  }
  expect(streams).toEqual(["GET"]);
});

test("a full storage is said, and what was typed is held until there is room", async ({ page }) => {
  await page.addInitScript(() => {
    const keep = Storage.prototype.setItem;
    Storage.prototype.setItem = function (key: string, value: string) {
      if (sessionStorage.getItem("roomy") === null && this === localStorage) {
        throw new DOMException("no room", "QuotaExceededError");
      }
      keep.call(this, key, value);
    };
  });
  await openBench(page);
  await readDiameter(page, "11.02");
  await expect(page.getByText("This device’s storage is full.", { exact: false })).toBeVisible();
  await expect(button(page, /Put right: Ø 11.02 mm/)).toBeVisible();
  await page.evaluate(() => sessionStorage.setItem("roomy", "yes"));
  await expect(page.getByText("storage is full", { exact: false })).toBeHidden();
  await page.reload();
  await expect(button(page, /Put right: Ø 11.02 mm/)).toBeVisible();
});

test("the torque of the surface that was chosen is the one that is copied and printed", async ({
  page,
  context,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await page.goto(`/fastener?${new URLSearchParams({ callout: "7/16-14 x 2-1/4 gr 5 zinc" })}`);
  const torque = page.getByText(/^\d+ to \d+ N m$/);
  const before = await torque.textContent();
  await page.getByRole("radio", { name: "Anti-seize" }).tap();
  await expect(torque).not.toHaveText(before ?? "");
  const after = (await torque.textContent()) ?? "";
  await button(page, "Copy, print or send").tap();
  await button(page, "Copy all of the sheet").tap();
  await expect.poll(() => page.evaluate(() => navigator.clipboard.readText())).toContain(after);
  expect(new URL(page.url()).searchParams.get("surface")).toBe("anti-seize");
  const [asked] = await Promise.all([
    page.waitForRequest(/fastener-sheet\.pdf/),
    context.waitForEvent("page"),
    button(page, "PDF").tap(),
  ]);
  expect(new URL(asked.url()).searchParams.get("surface")).toBe("anti-seize");
});

test("two different threads that turn by hand never read as sound", async ({ page }) => {
  await page.goto("/charts/compare?a=unc-3/4-10&b=bsw-3/4-10");
  await expect(page.getByText(/^Not its own: turns by hand, holds about \d+ %/)).toHaveCount(2);
  await page.goto(`/fastener?${new URLSearchParams({ callout: "3/4-10 x 3 gr 5 with M20 nut" })}`);
  await expect(page.getByRole("alert")).toContainText("An M20 x 2.5 nut does not belong on");
  await expect(page.getByRole("alert")).toContainText(/holds about \d+ %/);
});

test("a hole is led to a screw that does, or to the nearest way that does", async ({ page }) => {
  await page.goto("/specify");
  await page.getByLabel("Its thread, or across the bore, mm").fill("M8");
  await page.getByLabel("Thickness clamped, mm").fill("12");
  await page.getByLabel("Depth drilled, mm").fill("18");
  await page.getByRole("radio", { name: "Mild steel" }).tap();
  await page.getByRole("radio", { name: "Taper tap" }).tap();
  await expect(button(page, "Open its sheet")).toHaveCount(0);
  await button(page, "Finished with a bottoming tap").tap();
  await expect(button(page, "Open its sheet")).toBeVisible();
  await page
    .getByRole("radio", { name: /too short/ })
    .first()
    .tap();
  await expect(button(page, "Open its sheet")).toHaveCount(0);
  await button(page, /^Take the \d+ mm one, which does/).tap();
  await expect(button(page, "Open its sheet")).toBeVisible();
});
