import { isCalloutProblem, parseCallout, type ScrewSpec } from "@root-gauge/core/callout";
import { fastenerSheet } from "@root-gauge/core/decide/sheet";
import { sheetWords } from "@root-gauge/core/say/sheet";
import { launchBrowser } from "../support/browser";
import { bundleServer } from "../support/bundle-server";
import { startTestServer } from "../support/server";
import { print, quantile, spreadWords, timed } from "./report";

const SHEET_AIM_MS = 5;
const OPEN_AIM_MS = 100;
const OPENINGS = 20;

const CALLOUTS = [
  "7/16-14 x 2-1/4 gr 5 zinc",
  "M8 x 30 12.9 socket cap",
  "M10 x 60 8.8 zinc hex bolt",
  "3/8 bsw x 1-1/2 grade R",
  "M5 x 16 A2 csk",
  "5/16-18 x 1 gr 8",
] as const;

function screws(): ScrewSpec[] {
  return CALLOUTS.map((text) => parseCallout(text)).filter(
    (read): read is ScrewSpec => !isCalloutProblem(read) && read.part === "screw",
  );
}

/** What a sheet costs to work out and to put into words. */
export function benchSheet(): void {
  const specs = screws();
  let at = 0;
  const times = timed(
    () => {
      const spec = specs[at++ % specs.length];
      if (spec !== undefined) sheetWords(fastenerSheet(spec), "mm");
    },
    600,
    60,
  );
  print(
    `fastener sheet worked out and in words, ${times.length} runs: ${spreadWords(times)} (aim: under ${SHEET_AIM_MS} ms)`,
  );
  let read = 0;
  const reads = timed(() => void parseCallout(CALLOUTS[read++ % CALLOUTS.length] ?? ""), 600, 60);
  print(`call-out read, ${reads.length} runs: ${spreadWords(reads)}`);
}

/** From the tap on a found part to its sheet on the screen, in a page that is warm. */
export async function benchOpening(): Promise<void> {
  await bundleServer();
  const server = await startTestServer("demo");
  const browser = await launchBrowser();
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const times: { shown: number; whole: number }[] = [];
  for (let opening = 0; opening <= OPENINGS; opening += 1) {
    await page.goto(`${server.address}/fastener`);
    await page
      .getByLabel("The part, as you would order it")
      .fill(CALLOUTS[opening % CALLOUTS.length] ?? "");
    await page.getByText("Open its sheet", { exact: true }).waitFor();
    // The other rooms' code is fetched ahead shortly after the page has opened.
    await page.waitForTimeout(1500);
    const [shown = 0, whole = 0] = await page.evaluate(async () => {
      const row = [...document.querySelectorAll("button")].find((one) =>
        one.textContent?.includes("Open its sheet"),
      );
      const start = performance.now();
      const reached: number[] = [];
      row?.click();
      for (const region of ["Strength", "Must not go in"]) {
        while (document.querySelector(`[aria-label="${region}"]`) === null) {
          await new Promise((resolve) => requestAnimationFrame(resolve));
        }
        reached.push(performance.now() - start);
      }
      return reached;
    });
    if (opening > 0) times.push({ shown, whole });
  }
  await browser.close();
  await server.dispose();
  const words = (values: readonly number[]) =>
    `median ${quantile(values, 0.5).toFixed(0)} ms, p95 ${quantile(values, 0.95).toFixed(0)} ms`;
  const shown = words(times.map((one) => one.shown));
  const whole = words(times.map((one) => one.whole));
  print(
    `a sheet opens after a tap, headless Chromium, ${times.length} openings: call-out, drawing and strength ${shown} (aim: under ${OPEN_AIM_MS} ms); to its last section ${whole}`,
  );
}
