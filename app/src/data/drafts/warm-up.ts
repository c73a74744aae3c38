import { identify, type Reading } from "@root-gauge/core";

/** One reading of each kind that asks something of every thread: what it takes from the catalogue is made once and kept. */
const ONE_OF_EACH: readonly Reading[] = [
  { kind: "external-diameter", mm: 9.9 },
  { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
  { kind: "leaf", tpi: 16, outcome: "rocks" },
  { kind: "internal-diameter", mm: 8.5 },
  { kind: "count", threads: 17, spanMm: 25.4 },
  { kind: "crest-to-crest", pitches: 10, mm: 15 },
  { kind: "diameter-between", overMm: 9.5, notOverMm: 10 },
  { kind: "flank-angle", degrees: 55 },
  { kind: "across-flats", mm: 16.8 },
  { kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds" },
];

/** When the browser has nothing else to do; where it does not say so, a moment later. */
function whenIdle(run: () => void): void {
  if (typeof requestIdleCallback === "function") requestIdleCallback(run);
  else setTimeout(run, 200);
}

/** Makes ahead what the first reading of each kind would make, a kind at a time, while nobody touches anything. */
export function warmUp(at = 0): void {
  const reading = ONE_OF_EACH[at];
  if (reading === undefined) return;
  whenIdle(() => {
    identify([reading]);
    warmUp(at + 1);
  });
}
