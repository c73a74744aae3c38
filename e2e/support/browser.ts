import { chromium, type Browser } from "@playwright/test";

export const CHROMIUM = process.env.CHROMIUM ?? "/usr/bin/chromium";

export const CHROMIUM_FLAGS = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
];

export function launchBrowser(): Promise<Browser> {
  return chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
}
