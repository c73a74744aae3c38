import { readdir, stat } from "node:fs/promises";
import path from "node:path";
import { fileURLToPath } from "node:url";
import { expect, openBench, PHONE, test } from "../support/test";

const DIST = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "..", "..", "app", "dist");

/** JavaScript that may be fetched before the Bench takes a touch, in kB of gzip. */
const BUDGET_KB = 450;

test.use(PHONE);

test(`the Bench opens with at most ${BUDGET_KB} kB of JavaScript`, async ({ page }) => {
  const fetched = new Set<string>();
  page.on("response", (response) => {
    const { pathname } = new URL(response.url());
    if (pathname.endsWith(".js")) fetched.add(pathname);
  });
  await openBench(page);
  const first = [...fetched];
  const sizes = await Promise.all(first.map((name) => stat(path.join(DIST, `${name}.gz`))));
  const kilobytes = sizes.reduce((sum, { size }) => sum + size, 0) / 1000;
  expect(first.length).toBeGreaterThan(0);
  expect(kilobytes).toBeLessThanOrEqual(BUDGET_KB);
});

test("every script of the build is there in both compressions", async () => {
  const scripts = path.join(DIST, "_expo", "static", "js", "web");
  const names = await readdir(scripts);
  for (const name of names.filter((file) => file.endsWith(".js"))) {
    expect(names).toContain(`${name}.br`);
    expect(names).toContain(`${name}.gz`);
  }
});
