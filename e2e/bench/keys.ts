import { launchBrowser } from "../support/browser";
import { bundleServer } from "../support/bundle-server";
import { startTestServer } from "../support/server";
import { print, spreadWords } from "./report";

const KEYS = 60;
const FRAME_MS = 16.7;

/** A key typed on the pad, on a phone slowed four times: until React has put down all that it changes. */
export async function benchKeys(): Promise<void> {
  await bundleServer();
  const server = await startTestServer("demo");
  const browser = await launchBrowser();
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await page.goto(server.address);
  await page.getByRole("button", { name: /^Ø over crests/ }).tap();
  const field = page.getByLabel("Ø over crests", { exact: true });
  await field.waitFor();
  const tools = await page.context().newCDPSession(page);
  await tools.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const times = await field.evaluate(async (element, keys) => {
    const input = element as HTMLInputElement;
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
    const took: number[] = [];
    for (let key = 0; key < keys; key += 1) {
      write?.call(input, `9.${String(key).padStart(2, "0")}`);
      const start = performance.now();
      // A typed key is a discrete event: React draws what follows from it before the event is over.
      input.dispatchEvent(new Event("input", { bubbles: true }));
      took.push(performance.now() - start);
      await new Promise((resolve) => requestAnimationFrame(resolve));
    }
    return took;
  }, KEYS);
  print(
    `a key on the pad, processor slowed four times, ${times.length} keys: ${spreadWords(times)} (aim: a frame, ${FRAME_MS} ms)`,
  );
  await browser.close();
  await server.dispose();
}
