import { defineConfig } from "@playwright/test";
import { availableParallelism } from "node:os";
import { CHROMIUM, CHROMIUM_FLAGS } from "./support/browser";

export default defineConfig({
  testDir: "tests",
  outputDir: "test-results",
  globalSetup: "./support/bundle-server.ts",
  fullyParallel: true,
  // A core is left to the server under test and the browser, where there are two.
  workers: Math.max(1, availableParallelism() - 1),
  forbidOnly: process.env.CI !== undefined,
  retries: 0,
  // Far over what a test takes on a slow, busy machine: what is to come is waited for, not a time.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [["list"]],
  use: {
    launchOptions: {
      executablePath: CHROMIUM,
      args: CHROMIUM_FLAGS,
    },
    reducedMotion: "reduce",
    trace: { mode: "retain-on-failure", screenshots: false, snapshots: false },
  },
});
