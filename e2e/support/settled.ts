import type { Page, Request } from "@playwright/test";

/** Streams never end: whoever waits for them waits for ever. */
const isStream = (request: Request) => /\/api\/(?:events|caliper)\b/.test(request.url());

/** How long nothing is asked before a page counts as settled, ms. */
const QUIET_MS = 500;

/**
 * Watches what a page asks for, from before it is opened.
 * @returns resolves when nothing but streams has been under way for half a second
 */
export function watchRequests(page: Page): () => Promise<void> {
  const open = new Set<Request>();
  let since = Date.now();
  const change = (request: Request, begins: boolean) => {
    if (isStream(request)) return;
    if (begins) open.add(request);
    else open.delete(request);
    since = Date.now();
  };
  page.on("request", (request) => change(request, true));
  page.on("requestfinished", (request) => change(request, false));
  page.on("requestfailed", (request) => change(request, false));
  return async () => {
    while (open.size > 0 || Date.now() - since < QUIET_MS) await page.waitForTimeout(50);
  };
}
