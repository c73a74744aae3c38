import { execFileSync } from "node:child_process";
import { rm } from "node:fs/promises";
import path from "node:path";
import { fileURLToPath } from "node:url";
import { build } from "esbuild";

const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "..", "..");

/** Where the server stands in one file, and a database filled with the demo scenario. */
export const BUNDLE = path.join(ROOT, ".cache", "e2e");
export const DEMO_DATABASE = path.join(BUNDLE, "demo.db");

/**
 * Puts the server's own sources into one file, and the demo scenario into a database, once for all tests: every test
 * starts a server of its own, and reading four hundred sources each time would take longer than most of the tests.
 */
export async function bundleServer(): Promise<void> {
  await build({
    entryPoints: {
      main: path.join(ROOT, "server", "src", "main.ts"),
      demo: path.join(ROOT, "server", "src", "demo", "main.ts"),
    },
    outdir: BUNDLE,
    outExtension: { ".js": ".mjs" },
    bundle: true,
    platform: "node",
    target: "node20",
    format: "esm",
    packages: "external",
    alias: {
      "@root-gauge/core": path.join(ROOT, "core"),
      "@root-gauge/contract": path.join(ROOT, "contract"),
    },
    logLevel: "error",
  });
  await rm(DEMO_DATABASE, { force: true });
  await rm(`${DEMO_DATABASE}.pictures`, { recursive: true, force: true });
  execFileSync(process.execPath, [path.join(BUNDLE, "demo.mjs")], {
    cwd: ROOT,
    env: { ...process.env, DATABASE_FILE: DEMO_DATABASE, LOG_LEVEL: "error" },
  });
}

// Playwright takes what prepares its runs by its default export.
export { bundleServer as default };
