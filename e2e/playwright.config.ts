import { defineConfig } from "@playwright/test";
import { CHROMIUM, CHROMIUM_FLAGS } from "./support/browser";

export default defineConfig({
  testDir: "tests",
  outputDir: "test-results",
  globalSetup: "./support/bundle-server.ts",
  fullyParallel: true,
  workers: 2,
  forbidOnly: process.env.CI !== undefined,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [["list"]],
  use: {
    launchOptions: {
      executablePath: CHROMIUM,
      args: CHROMIUM_FLAGS,
    },
    reducedMotion: "reduce",
    trace: { mode: "retain-on-failure", screenshots: false },
  },
});
