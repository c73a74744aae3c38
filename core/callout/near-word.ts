import {
  DRIVE_PHRASES,
  FINISH_PHRASES,
  FITTING_PHRASES,
  HEAD_PHRASES,
  NUT_PHRASES,
  PIN_PHRASES,
  PLUG_PHRASES,
  POINT_PHRASES,
  WASHER_PHRASES,
} from "./phrases";
import { lexicon } from "./lexicon";
import { SPELLINGS } from "./spellings";

/** In shorter words one letter makes another word: "seal" and "seat". */
const SHORTEST = 5;
/** Words of other parts, which are one letter from a word of these and are no slips. */
const NO_SLIPS: ReadonlySet<string> = new Set(["flare", "blank", "bleed"]);

let held: ReadonlyMap<number, readonly string[]> | undefined;

/** Words that call-outs are made of, by how long they are. */
function byLength(): ReadonlyMap<number, readonly string[]> {
  if (held !== undefined) return held;
  const phrases: readonly { readonly written: string }[] = [
    ...[...HEAD_PHRASES, ...NUT_PHRASES, ...WASHER_PHRASES, ...PIN_PHRASES, ...PLUG_PHRASES],
    ...[...FITTING_PHRASES, ...FINISH_PHRASES, ...DRIVE_PHRASES, ...POINT_PHRASES],
  ];
  const written = phrases.flatMap((one) => one.written.split(/[ -]/));
  const words = new Set(
    [...written, ...lexicon().known()].filter((word) => word.length >= SHORTEST),
  );
  const lengths = new Map<number, string[]>();
  for (const word of words) {
    lengths.set(word.length, [...(lengths.get(word.length) ?? []), word]);
  }
  held = lengths;
  return lengths;
}

/**
 * Whether a workshop may be asked what a word means: not where the program has a meaning for all of it, which stands
 * elsewhere in the call-out than it can, nor where it is a slip of one that has.
 */
export function isTeachable(words: string): boolean {
  const unknown = words
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word !== "" && !lexicon().isInRow(word) && !Object.hasOwn(SPELLINGS, word));
  return unknown.length > 0 && nearWord(words) === undefined;
}

/** Whether two words are the same but for one letter: another, one too many, one too few, or two that changed places. */
function isOneSlip(one: string, other: string): boolean {
  let from = 0;
  while (from < one.length && one[from] === other[from]) from += 1;
  let [end, otherEnd] = [one.length, other.length];
  while (end > from && otherEnd > from && one[end - 1] === other[otherEnd - 1]) {
    end -= 1;
    otherEnd -= 1;
  }
  const [left, right] = [one.slice(from, end), other.slice(from, otherEnd)];
  const changed = left.length === 2 && right.length === 2 && left === `${right[1]}${right[0]}`;
  return changed || (left.length <= 1 && right.length <= 1);
}

/** The first letter is hardly ever the wrong one, but may have changed places with the second. */
const isBegunAlike = (one: string, other: string) =>
  one[0] === other[0] || (one[0] === other[1] && one[1] === other[0]);

/**
 * The word that was meant by one that nobody knows, where a single slip of spelling makes the one of the other: "wahser" is
 * washer, "galvinised" galvanised. It is asked, never taken.
 * @returns undefined of a word that is known, or too short, or that is near to none or to several
 */
export function nearWord(word: string): string | undefined {
  const written = word.toLowerCase();
  const bare = written.length > SHORTEST && written.endsWith("s") ? written.slice(0, -1) : written;
  const isWord = NO_SLIPS.has(bare) || Object.hasOwn(SPELLINGS, written);
  if (isWord || bare.length < SHORTEST || !/^\p{L}+$/u.test(bare)) return undefined;
  const lengths = byLength();
  const near = [written, bare].flatMap((one) =>
    [one.length - 1, one.length, one.length + 1]
      .flatMap((length) => lengths.get(length) ?? [])
      .filter((known) => isOneSlip(one, known) && isBegunAlike(one, known)),
  );
  const [meant, ...others] = [...new Set(near)];
  return others.length === 0 && meant !== written && meant !== bare ? meant : undefined;
}
