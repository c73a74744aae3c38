import type { ThreadSide } from "../../catalogue/threads";

/** What the Bench's first screen says in whole sentences. */
export const BENCH_SENTENCES = {
  opening: "Root Gauge is opening.",
  noReading: "None taken yet. Keys: d diameter, p pitch, ? all keys.",
  holesWrongWayRound: "The hole it does not enter has to be smaller than the one it enters.",
  settled: "Write it up for the machine, or put the next part on the bench.",
  oneLikeIt: "One like it: same machine, same kind of part",
  noneFits: "No thread held fits these readings",
  noTest: "No test on hand separates these",
  takeAnotherWay: "Take the pitch another way, try a known part, or write it up as it stands.",
  noAddress: "The address may be mistyped, or the page may have moved.",
  notFetched:
    "This part of the app could not be fetched: the server is away, or the app was renewed under this page.",
  typedIsKept: "What you typed is kept on this device.",
  stillAway: "The server does not answer yet. Try again soon.",
  failsAgain:
    "If it fails again, what was typed may be the cause. It can be put aside: it stays under “What waits on this device”.",
} as const;

/** How to begin, by the side of the thread that lies on the bench. */
export const FIRST_STEPS: Readonly<Record<ThreadSide, readonly string[]>> = {
  external: [
    "Measure over the crests, and touch Ø on the drawing.",
    "Lay a pitch leaf on the thread, or count threads, and touch pitch.",
    "Read what it is and why, then write it up for the machine.",
  ],
  internal: [
    "Measure the bore over its crests, and touch bore on the drawing.",
    "Lay a pitch leaf in the thread, and touch pitch; or try a known bolt.",
    "Read what it is and why, then write it up for the machine.",
  ],
};

/** What a leaf's mark may be, where none has the mark that was typed. */
export function noSuchLeafWords(typed: string): string {
  return `Read “${typed}”: no such leaf. Accepted: 0.25 to 6 mm, or 4 to 80 TPI.`;
}

/** The button that says what lies on the bench, in the words that it shows, and changes it. */
export function changePartWords(shown: string): string {
  return `The part: ${shown}. Change it`;
}
