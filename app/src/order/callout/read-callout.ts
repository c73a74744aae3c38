import {
  parseCallout,
  type CalloutProblem,
  type FastenerSpec,
  type OwnWord,
} from "@root-gauge/core/callout";

type Read = FastenerSpec | CalloutProblem;

/** A screen asks of as many call-outs at once, each in several of its parts. */
const MOST_KEPT = 16;

const NO_WORDS: readonly OwnWord[] = [];

const known = new WeakMap<readonly OwnWord[], Map<string, Read>>();

/**
 * Reads a call-out as `parseCallout` does, once for each letter that is typed, however many parts of a screen ask.
 * @param words the shop's own words; another list is read anew
 */
export function readCallout(text: string, words = NO_WORDS): Read {
  const reads = known.get(words) ?? new Map<string, Read>();
  known.set(words, reads);
  const read = reads.get(text) ?? parseCallout(text, words);
  // The one that was asked for last stays longest.
  reads.delete(text);
  reads.set(text, read);
  for (const oldest of reads.keys()) {
    if (reads.size <= MOST_KEPT) break;
    reads.delete(oldest);
  }
  return read;
}
