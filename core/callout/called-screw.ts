import { isCalloutProblem, type CalloutProblem, type ScrewSpec } from "./fastener-spec";
import type { OwnWord } from "./own-words";
import { parseCallout } from "./parse-callout";

/** A call-out of a screw, or why it is none. */
export function parseScrew(
  text: string,
  words: readonly OwnWord[] = [],
): ScrewSpec | CalloutProblem {
  const read = parseCallout(text, words);
  if (isCalloutProblem(read) || read.part === "screw") return read;
  return { code: "callout-not-a-screw", read: text.trim(), part: read.part };
}

/** The screw a text calls for, when it says more than a thread alone. */
export function calledScrew(text: string, words: readonly OwnWord[] = []): ScrewSpec | undefined {
  const read = parseScrew(text, words);
  if (isCalloutProblem(read)) return undefined;
  const { thread: _thread, part: _part, ...said } = read;
  return Object.keys(said).length > 0 ? read : undefined;
}

/** The same text with each of the threads it may mean in the place of its bare size, as those threads are named. */
export function withEachThread(
  { read }: CalloutProblem & { code: "callout-which-thread" },
  names: readonly string[],
): string[] {
  return names.map((name) => {
    const bare = name.split(/[-\s]/)[0] ?? name;
    return read.includes(bare) ? read.replace(bare, name) : name;
  });
}
