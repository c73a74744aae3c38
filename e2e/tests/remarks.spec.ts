import { readFile, readdir } from "node:fs/promises";
import path from "node:path";
import type { Page } from "@playwright/test";
import { expect, PHONE, test } from "../support/test";

test.use({ ...PHONE, content: "demo" });

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" });

const notes = (page: Page) => page.getByRole("region", { name: "Notes and photographs" });

async function openPosition(page: Page): Promise<void> {
  await page.goto("/jobs");
  await button(page, /^Nipping press/).tap();
  await button(page, /^Platen bolt, left/).tap();
  await notes(page).waitFor();
}

/** A photograph as a phone makes it: large, with where it was taken written in it. */
async function photograph(page: Page, width = 3000, height = 2000): Promise<Buffer> {
  const letters = await page.evaluate(
    async ([wide, high]) => {
      const canvas = document.createElement("canvas");
      Object.assign(canvas, { width: wide, height: high });
      const context = canvas.getContext("2d");
      if (context !== null) {
        context.fillStyle = "#345";
        context.fillRect(0, 0, wide ?? 0, high ?? 0);
        context.fillStyle = "#c84";
        context.fillRect(200, 200, 900, 900);
      }
      return canvas.toDataURL("image/jpeg").replace(/^[^,]*,/, "");
    },
    [width, height],
  );
  const picture = Buffer.from(letters, "base64");
  const said = Buffer.from("\xff\xe1\0\x2eExif\0\0 taken at 52.1 north, front shop.....", "latin1");
  said.writeUInt16BE(said.length - 2, 2);
  return Buffer.concat([picture.subarray(0, 2), said, picture.subarray(2)]);
}

const choose = (page: Page, file: { name: string; mimeType: string; buffer: Buffer }) =>
  page.locator('input[type="file"]').last().setInputFiles(file);

test("a photograph is made small, loses where it was taken, is kept as a file, and is shown", async ({
  page,
  server,
}) => {
  await openPosition(page);
  await notes(page).getByLabel("Note something, for who comes next").fill("Head as it was.");
  const before = await readdir(`${server.databaseFile}.pictures`);
  await choose(page, {
    name: "bolt.jpg",
    mimeType: "image/jpeg",
    buffer: await photograph(page),
  });
  const shown = notes(page).getByRole("img", { name: "Head as it was." });
  await expect(shown).toBeVisible();
  await expect(notes(page).getByText("Not on the server yet")).toHaveCount(0);
  await expect(notes(page).getByLabel("Note something, for who comes next")).toHaveValue("");
  await page.reload();
  await expect(shown).toBeVisible();
  await expect
    .poll(() => shown.evaluate((image) => (image as HTMLImageElement).naturalWidth))
    .toBe(1600);
  const after = await readdir(`${server.databaseFile}.pictures`);
  const [added = ""] = after.filter((name) => !before.includes(name));
  const file = await readFile(path.join(`${server.databaseFile}.pictures`, added));
  expect(file.toString("latin1")).not.toMatch(/Exif|front shop/);
  await expect(page.getByRole("region", { name: "History" })).toContainText(
    "A photograph was added",
  );
});

test("a photograph taken while the server is away waits with its picture, and arrives", async ({
  page,
  server,
}) => {
  await openPosition(page);
  const buffer = await photograph(page, 800, 600);
  await server.stop();
  await choose(page, { name: "bolt.jpg", mimeType: "image/jpeg", buffer });
  const shown = notes(page).getByRole("img");
  await expect(shown).toBeVisible();
  await expect(notes(page).getByText(/Not on the server yet/)).toBeVisible();
  expect(await shown.evaluate((image) => (image as HTMLImageElement).naturalWidth)).toBe(800);
  await server.start();
  await expect(notes(page).getByText(/Not on the server yet/)).toHaveCount(0);
  await expect(shown).toBeVisible();
});

test("what is no picture, and what is too large, is said in a sentence; nothing typed is lost", async ({
  page,
}) => {
  await openPosition(page);
  const field = notes(page).getByLabel("Note something, for who comes next");
  await field.fill("Kept through it.");
  const text = { name: "list.txt", mimeType: "text/plain", buffer: Buffer.from("M8, ten off") };
  await choose(page, text);
  await expect(notes(page).getByRole("alert")).toContainText("cannot be shown as a picture");
  const large = Buffer.alloc(45_000_000, 1);
  await choose(page, { name: "large.jpg", mimeType: "image/jpeg", buffer: large });
  await expect(notes(page).getByRole("alert")).toContainText("This file has 45 MB");
  await expect(field).toHaveValue("Kept through it.");
  await button(page, "Add the note").tap();
  await expect(notes(page).getByRole("listitem").first()).toContainText("Kept through it.");
});

test("a note is changed, taken out and brought back, with who noted it", async ({ page }) => {
  await openPosition(page);
  await page.getByLabel("Changes from this device are signed").fill("Fitter 3");
  await notes(page).getByLabel("Note something, for who comes next").fill("Square head");
  await button(page, "Add the note").tap();
  const first = notes(page).getByRole("listitem").first();
  await expect(first).toContainText("Fitter 3");
  await button(page, "Change the words: Square head").tap();
  await page.getByLabel("The words of this note").fill("Square head, hand cut");
  await button(page, "Save the words").tap();
  await expect(first).toContainText("Square head, hand cut");
  await button(page, "Remove Square head, hand cut").tap();
  await expect(notes(page).getByText("Square head, hand cut")).toHaveCount(0);
  await button(page, /^Undo/).tap();
  await expect(first).toContainText("Square head, hand cut");
  const history = page.getByRole("region", { name: "History" });
  await expect(history).toContainText("Note taken out: Square head, hand cut");
  await expect(history).toContainText("Fitter 3");
});
