import { prepareSearch, searchThreads } from "@root-gauge/core/identify/search";
import { print, spreadWords } from "./report";

const ROUNDS = 40;
const WARM_UP = 5;
const FRAME_MS = 16;

/** What is typed, letter by letter; every beginning is a search over the whole catalogue. */
const TYPED = [
  "M10x1.25",
  "9.5 mm",
  ".37",
  "3/8",
  "1/2-13 unc",
  "5/16 bsf",
  "20 tpi",
  "1.25 pitch",
  "bspp 1/2",
  "2 BA",
  "tr20x4",
  "zzzz",
];

/** Milliseconds a keystroke, with names and sizes worked out beforehand as the chart does. */
export function benchSearch(): void {
  prepareSearch();
  const times: number[] = [];
  for (let round = 0; round < ROUNDS + WARM_UP; round += 1) {
    for (const text of TYPED) {
      for (let length = 1; length <= text.length; length += 1) {
        const start = performance.now();
        searchThreads(text.slice(0, length), { units: round % 2 === 0 ? "mm" : "in" });
        if (round >= WARM_UP) times.push(performance.now() - start);
      }
    }
  }
  print(
    `search, ${times.length} keystrokes: ${spreadWords(times)} (aim: under ${FRAME_MS} ms each)`,
  );
}
