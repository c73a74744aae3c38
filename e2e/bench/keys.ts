import { onPhone } from "./on-phone";
import { print, spreadWords } from "./report";
import { inputTimes, slowDown } from "./slow-input";

const KEYS = 60;
const FRAME_MS = 16.7;

/** A key typed on the pad, on a phone slowed four times. */
export function benchKeys(): Promise<void> {
  return onPhone(async (page) => {
    await page.goto("/");
    await page.getByRole("button", { name: /^Ø over crests/ }).tap();
    const field = page.getByLabel("Ø over crests", { exact: true });
    await field.waitFor();
    await slowDown(page);
    const typed = Array.from({ length: KEYS }, (_, key) => `9.${String(key).padStart(2, "0")}`);
    const times = await inputTimes(field, typed);
    print(
      `a key on the pad, processor slowed four times, ${times.length} keys: ${spreadWords(times)} (aim: a frame, ${FRAME_MS} ms)`,
    );
  });
}

/** The slider through the drills on hand, moved a drill at a time, on a phone slowed four times. */
export function benchSlider(): Promise<void> {
  return onPhone(async (page) => {
    await page.goto("/mend");
    await page.getByText("New hole").tap();
    await page.getByLabel("Thread", { exact: true }).fill("M10");
    await page.getByLabel("Depth, mm").fill("24");
    const slider = page.getByRole("slider", { name: "Drill" });
    await slider.waitFor();
    await slowDown(page);
    const places = Array.from({ length: KEYS }, (_, at) => String(at % 20));
    const times = await inputTimes(slider, places);
    print(
      `a drill on Mend's slider, processor slowed four times, ${times.length} moves: ${spreadWords(times)} (aim: a frame, ${FRAME_MS} ms)`,
    );
  });
}
