import type { Locator, Page } from "@playwright/test";

/** A processor four times slower, as that of a phone. */
export async function slowDown(page: Page): Promise<void> {
  const tools = await page.context().newCDPSession(page);
  await tools.send("Emulation.setCPUThrottlingRate", { rate: 4 });
}

/** How long each of some values, put into a field by hand, takes until React has put down all that it changes, ms. */
export function inputTimes(field: Locator, values: readonly string[]): Promise<number[]> {
  return field.evaluate(async (element, all) => {
    const input = element as HTMLInputElement;
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
    const took: number[] = [];
    for (const value of all) {
      write?.call(input, value);
      const start = performance.now();
      // What is typed is a discrete event: React draws what follows from it before the event is over.
      input.dispatchEvent(new Event("input", { bubbles: true }));
      took.push(performance.now() - start);
      await new Promise((resolve) => requestAnimationFrame(resolve));
    }
    return took;
  }, values);
}
