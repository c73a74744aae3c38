import type { Locator, Page } from "@playwright/test";
import { onPhone } from "./on-phone";
import { print, quantile } from "./report";
import { slowDown } from "./slow-input";

const TIMES = 20;
/** A touch is measured when nothing of the one before it is still at work, ms. */
const REST_MS = 400;

/** What came of one touch: how long until what it brings is painted, and the longest task that was at work meanwhile, ms. */
interface Touch {
  readonly ms: number;
  readonly longestTaskMs: number;
}

interface Touched {
  /** CSS of what the touch brings. */
  readonly brings: string;
  /** Only once this text is in it. */
  readonly text?: string | undefined;
  /** Only once the words in it are others than before; where they stay the same, not longer than half a second. */
  readonly changes?: boolean | undefined;
  /** Typed into the element, in the place of pressing it. */
  readonly value?: string | undefined;
}

/** Presses an element from within the page, or types into it, and waits for the frame after the one that shows what it brings. */
export function touched(target: Locator, asked: Touched): Promise<Touch> {
  return target.evaluate(async (element, { brings, text = "", changes = false, value }) => {
    const tasks: number[] = [];
    const observer = new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) tasks.push(duration);
    });
    observer.observe({ type: "longtask" });
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
    const words = () => document.querySelector(brings)?.textContent ?? "";
    const before = words();
    await frame();
    const start = performance.now();
    const shown = () =>
      changes
        ? words() !== before || performance.now() - start > 500
        : [...document.querySelectorAll(brings)].some((found) =>
            (found.textContent ?? "").includes(text),
          );
    if (value === undefined) (element as HTMLElement).click();
    else {
      write?.call(element, value);
      element.dispatchEvent(new Event("input", { bubbles: true }));
    }
    while (!shown()) {
      if (performance.now() - start > 5000) throw new Error("the touch brought nothing");
      await frame();
    }
    await frame();
    const ms = performance.now() - start;
    await new Promise((resolve) => setTimeout(resolve, 60));
    observer.disconnect();
    return { ms, longestTaskMs: Math.max(0, ...tasks) };
  }, asked);
}

function report(what: string, aimMs: number, touches: readonly Touch[]): void {
  const times = touches.map(({ ms }) => ms);
  const longest = touches.map(({ longestTaskMs }) => longestTaskMs);
  print(
    `${what}, ${times.length} touches: best ${Math.min(...times).toFixed(0)} ms, median ${quantile(times, 0.5).toFixed(0)} ms (aim ${aimMs}), longest task mostly ${quantile(longest, 0.5).toFixed(0)} ms, once ${Math.max(...longest).toFixed(0)} ms`,
  );
}

const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" }).first();

/** Does a touch some times, each from the same beginning. */
async function measured(
  page: Page,
  what: string,
  aimMs: number,
  once: (at: number) => Promise<Touch>,
  back: (at: number) => Promise<void>,
): Promise<void> {
  const touches: Touch[] = [];
  for (let at = 0; at <= TIMES; at += 1) {
    const touch = await once(at);
    // The first of its kind makes what all later ones use.
    if (at > 0) touches.push(touch);
    await back(at);
    await page.waitForTimeout(REST_MS);
  }
  report(what, aimMs, touches);
}

const closePanel = async (page: Page) => {
  await button(page, "Close").click();
  await page.locator("[data-panel]").waitFor({ state: "detached" });
};

async function benchTouches(page: Page): Promise<void> {
  await page.goto("/");
  await page.getByText("Bolt or screw").waitFor();
  await page.waitForTimeout(2500);
  await slowDown(page);
  await button(page, /^Ø over crests/).click();
  const pad = page.locator("[data-panel]");
  await measured(
    page,
    "key of the pad to its echo",
    50,
    (at) =>
      touched(pad.getByRole("button", { name: String(1 + (at % 9)), exact: true }), {
        brings: "[data-panel]",
        text: "mm  ·",
      }),
    () => page.getByLabel("Ø over crests", { exact: true }).fill(""),
  );
  await measured(
    page,
    "reading taken to the new answer",
    150,
    async (at) => {
      await page.getByLabel("Ø over crests", { exact: true }).fill(`9.${80 + at}`);
      await page.waitForTimeout(REST_MS);
      return touched(button(page, "Take this diameter"), { brings: "h2[aria-live]" });
    },
    async () => {
      await button(page, "Undo").click();
      await button(page, /^Ø over crests/).click();
      await pad.waitFor();
    },
  );
  await page.getByLabel("Ø over crests", { exact: true }).fill("9.9");
  await button(page, "Take this diameter").click();
  await page.waitForTimeout(1000);
  for (const [name, what] of [
    [/^pitch/, "leaf picker opened"],
    [/^form/, "panel of the form opened"],
    [/^length/, "panel of the length opened"],
    [/^across flats/, "panel of the flats opened"],
    [/^mark/, "panel of the mark opened"],
    ["Tools on hand", "tools on hand opened"],
  ] as const) {
    await measured(
      page,
      what,
      150,
      () => touched(button(page, name), { brings: "[data-panel] *" }),
      () => closePanel(page),
    );
  }
  await measured(
    page,
    "write-up opened",
    150,
    () =>
      touched(button(page, "Write it up as it stands"), { brings: "main h1", text: "Write it up" }),
    async () => {
      await page.goBack();
      await button(page, "Write it up as it stands").waitFor();
    },
  );
}

async function benchCharts(page: Page): Promise<void> {
  await page.goto("/");
  await page.getByText("Bolt or screw").waitFor();
  await page.waitForTimeout(2500);
  await slowDown(page);
  const row = '[role="table"] [role="row"][aria-rowindex="3"]';
  await measured(
    page,
    "Charts opened",
    350,
    () => touched(button(page, "Charts"), { brings: row }),
    async () => {
      await button(page, "Bench").click();
      await page.getByText("Bolt or screw").waitFor();
    },
  );
  await button(page, "Charts").click();
  await page.locator(row).waitFor();
  const field = page.getByRole("textbox", { name: "Find a thread" });
  const firsts: Touch[] = [];
  const later: Touch[] = [];
  for (let at = 0; at <= TIMES; at += 1) {
    const word = ["m10", "m12", "3/8", "9.5"][at % 4] ?? "";
    for (let letters = 1; letters <= word.length; letters += 1) {
      const value = word.slice(0, letters);
      const touch = await touched(field, { value, brings: "main", changes: true });
      if (at > 0) (letters === 1 ? firsts : later).push(touch);
    }
    await field.fill("");
    await page.waitForTimeout(REST_MS);
  }
  report("first letter of a search in Charts", 120, firsts);
  report("later letters", 100, later);
}

/** From the touch on a read call-out to its sheet: the call-out, its drawing and strength, then the last section. */
async function benchSheets(page: Page): Promise<void> {
  await page.goto("/fastener");
  const field = page.getByLabel("The part, as you would order it");
  await field.fill("7/16-14 x 2-1/4 gr 5 zinc");
  await button(page, /Open its sheet/).waitFor();
  await page.waitForTimeout(2500);
  await slowDown(page);
  for (const [what, aimMs, region] of [
    ["sheet: first picture", 200, "Strength"],
    ["sheet: whole", 400, "Must not go in"],
  ] as const) {
    await measured(
      page,
      what,
      aimMs,
      () => touched(button(page, /Open its sheet/), { brings: `[aria-label="${region}"]` }),
      async () => {
        await page.goBack();
        await button(page, /Open its sheet/).waitFor();
      },
    );
  }
}

const SWIPES = 5;

/** A thumb drawn up the screen, let go while it moves. */
async function swipeUp(page: Page): Promise<void> {
  const tools = await page.context().newCDPSession(page);
  const touch = (type: "touchStart" | "touchMove" | "touchEnd", y: number) =>
    tools.send("Input.dispatchTouchEvent", {
      type,
      touchPoints: type === "touchEnd" ? [] : [{ x: 200, y }],
    });
  await touch("touchStart", 740);
  for (let y = 710; y > 260; y -= 30) {
    await touch("touchMove", y);
    await page.waitForTimeout(8);
  }
  await touch("touchEnd", 260);
  await tools.detach();
}

/** Five swipes down the whole table of threads: how far apart frames came, and how many tasks were long. */
async function benchScroll(page: Page): Promise<void> {
  await page.goto("/charts");
  await page.locator('[role="table"] [role="row"]').nth(5).waitFor();
  await page.waitForTimeout(2500);
  await slowDown(page);
  await page.evaluate(() => {
    const seen = { frames: [] as number[], tasks: [] as number[], on: true };
    Object.assign(globalThis, { seen });
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) seen.tasks.push(duration);
    }).observe({ type: "longtask" });
    let last = performance.now();
    const tick = () => {
      const now = performance.now();
      seen.frames.push(now - last);
      last = now;
      if (seen.on) requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  for (let swipe = 0; swipe < SWIPES; swipe += 1) await swipeUp(page);
  await page.waitForTimeout(500);
  const scrolled = await page.getByRole("table").evaluate(({ scrollTop }) => scrollTop);
  const { frames, tasks } = await page.evaluate(() => {
    const { seen } = globalThis as unknown as {
      seen: { frames: number[]; tasks: number[]; on: boolean };
    };
    seen.on = false;
    return seen;
  });
  const mean = frames.reduce((sum, one) => sum + one, 0) / frames.length;
  print(
    `scrolling Charts, ${SWIPES} swipes over ${scrolled.toFixed(0)} px, ${frames.length} frames: mean ${mean.toFixed(0)} ms (aim 33), worst ${Math.max(...frames).toFixed(0)} ms (aim 100), ${tasks.length} long tasks, longest ${Math.max(0, ...tasks).toFixed(0)} ms`,
  );
}

/** Every touch of the hand, on a phone slowed four times. */
export async function benchEveryTouch(): Promise<void> {
  await onPhone(benchTouches);
  await onPhone(benchSheets);
  await onPhone(benchCharts);
  await onPhone(benchScroll);
}
