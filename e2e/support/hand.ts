import { expect, test, type Locator, type Page } from "@playwright/test";

type Name = string | RegExp;

/** One thumb on a phone: every touch is counted, letters are typed on the phone's own keyboard. */
export class Hand {
  taps = 0;

  constructor(readonly page: Page) {}

  async tap(target: Locator): Promise<void> {
    this.taps += 1;
    await target.tap();
  }

  button(name: Name): Promise<void> {
    return this.tap(
      this.page.getByRole("button", { name, exact: typeof name === "string" }).first(),
    );
  }

  radio(name: Name): Promise<void> {
    return this.tap(this.page.getByRole("radio", { name, exact: typeof name === "string" }));
  }

  /** The keys of the pad, a touch each; "/16" and "and" are keys too. */
  async keys(...keys: readonly string[]): Promise<void> {
    for (const key of keys) {
      const spoken = key === "and" ? "and a fraction" : key;
      const name = key.startsWith("/") ? `over ${key.slice(1)}` : spoken;
      await this.tap(this.page.getByRole("dialog").getByRole("button", { name, exact: true }));
    }
  }

  /** Touches a field and writes in it. */
  async write(label: Name, text: string): Promise<void> {
    const field = this.page.getByLabel(label, { exact: typeof label === "string" }).first();
    await this.tap(field);
    await field.fill(text);
  }

  /** The outcome of a leaf or a trial, on the panel that is open. */
  outcome(name: string): Promise<void> {
    return this.tap(this.page.getByRole("dialog").getByRole("button", { name, exact: true }));
  }

  /** Prints how many touches a journey took, and holds it to its aim where it has one. */
  counted(journey: string, aim?: number): void {
    const words = `${journey}: ${this.taps} taps${aim === undefined ? "" : ` (aim ${aim})`}`;
    test.info().annotations.push({ type: "taps", description: words });
    process.stdout.write(`    ${words}\n`);
    if (aim !== undefined) expect(this.taps, words).toBeLessThanOrEqual(aim);
  }
}
