import { randomUUID } from "node:crypto";
import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { expect, PHONE, test } from "../support/test";

test.use({ ...PHONE, content: "demo" });

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

const specOf = (callout: string) => ({
  callout,
  circumstances: { duty: "ordinary", environment: "indoor", metal: "steel" },
  acknowledgedAt: null,
});

/** Positions of a machine of the demo, to be ordered, through the API. */
async function wanted(
  page: Page,
  machine: string,
  positions: readonly (readonly [name: string, alike: number, callout: string | null])[],
): Promise<string> {
  const { machines } = (await (await page.request.get("/api/machines")).json()) as {
    machines: { id: string; name: string }[];
  };
  const machineId = machines.find(({ name }) => name.startsWith(machine))?.id ?? "";
  for (const [name, alike, callout] of positions) {
    const spec = callout === null ? null : specOf(callout);
    const data = { machineId, name, alike, spec, state: "to-order" };
    const answer = await page.request.put(`/api/positions/${randomUUID()}`, { data });
    expect(answer.status()).toBe(200);
  }
  return machineId;
}

test("an order list is combined, spares added, copied, and ticked off as it arrives", async ({
  page,
}) => {
  await wanted(page, "Folding", [
    ["Side plate", 4, "M8 x 40 hex bolt 8.8"],
    ["Drive flange, new", 6, "hex bolt M8x40 8.8 and nut"],
    ["Cover", 2, null],
  ]);
  await wanted(page, "Kestrel", [["Side cover, spare", 1, "M5 x 12 cap screw 12.9"]]);
  await page.goto("/jobs");
  await button(page, "Order list").tap();
  const lines = page.getByRole("list", { name: "Lines" }).getByRole("listitem");
  // Three, besides what the demo has to be ordered.
  await expect(lines).toHaveCount(7);
  const bolts = lines.filter({ hasText: "M8 x 40" });
  await expect(bolts).toContainText("10: 10 needed");
  await expect(bolts).toContainText("Side plate (4)");
  await expect(bolts).toContainText("Drive flange, new (6)");
  await page.getByLabel("Spares, %").fill("10");
  await page.getByLabel("At least").fill("2");
  await expect(bolts).toContainText("12: 10 needed, 2 spare");
  await page.getByLabel("In a pack").fill("50");
  await expect(bolts).toContainText("1 × 50 = 50");
  await page.reload();
  await expect(bolts).toContainText("1 × 50 = 50");
  await page.getByLabel("In a pack").fill("");

  // A place of which nobody has said what goes in is named.
  await expect(button(page, "Folding machine: Cover")).toBeVisible();

  const download = page.waitForEvent("download");
  await button(page, /^CSV/).tap();
  const table = await readFile((await (await download).path()) ?? "", "utf8");
  expect(table).toContain('12,"M8 x 40 hex bolt, 8.8",10,2,');

  await bolts.getByRole("button", { name: /^Arrived/ }).tap();
  await expect(bolts).toHaveCount(0);
  await expect(page.getByText("not on the server yet")).toHaveCount(0);
  await page.goto("/jobs");
  await button(page, /^Folding machine/).tap();
  await expect(button(page, /Side plate.*4 alike.*On hand/)).toBeVisible();
  await button(page, /Side plate/).tap();
  await page.getByRole("radio", { name: "Fitted" }).tap();
  await expect(page.getByRole("region", { name: "History" })).toContainText(
    "State: fitted, before: on hand",
  );
});

test("an order list of all machines asks for no job", async ({ page }) => {
  const asked: string[] = [];
  page.on("request", (request) => asked.push(new URL(request.url()).pathname));
  await page.goto("/order");
  await page.getByRole("list", { name: "Lines" }).waitFor();
  expect(asked.filter((path) => path.startsWith("/api/jobs"))).toEqual([]);
  await expect(page.getByRole("alert")).toHaveCount(0);
});

test("an order list of one machine has its own lines only, and says when there is nothing", async ({
  page,
}) => {
  const id = await wanted(page, "Nipping", [["Guide", 2, "M6 x 16 hex bolt 8.8"]]);
  await wanted(page, "Kestrel", [["Cover", 1, "M5 x 12 cap screw 12.9"]]);
  await page.goto(`/machine/${id}`);
  await button(page, "Order list of Nipping press").tap();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Order list: Nipping press");
  await expect(page.getByRole("listitem")).toHaveCount(1);
  await button(page, /^Arrived.*M6 x 16/).tap();
  await expect(page.getByText("Nothing is to be ordered.", { exact: false })).toBeVisible();
});
