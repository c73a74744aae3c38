import type { Page } from "@playwright/test";
import { launchBrowser } from "../support/browser";
import { bundleServer } from "../support/bundle-server";
import { startTestServer } from "../support/server";

/** Measures on the standard device, a phone, with a server of its own that holds the demo data. */
export async function onPhone(measure: (page: Page) => Promise<void>): Promise<void> {
  await bundleServer();
  const server = await startTestServer("demo");
  const browser = await launchBrowser();
  const viewport = { width: 390, height: 844 };
  const page = await browser.newPage({ viewport, hasTouch: true, baseURL: server.address });
  page.setDefaultTimeout(15_000);
  // What this is run with names every function by a helper, which a page does not have.
  await page.addInitScript("globalThis.__name ??= (named) => named;");
  try {
    await measure(page);
  } finally {
    await browser.close();
    await server.dispose();
  }
}
