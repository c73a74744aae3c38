import type { OwnWord } from "./own-words";
import type { Mark, Meaning } from "./meaning";
import { tokensOf, type Token } from "./tokens";

function meaningOf({ means }: OwnWord): Meaning {
  switch (means.kind) {
    case "finish":
      return { role: "finish", finish: means.finish };
    case "nut":
    case "washer":
      return { role: "own-kind", style: means.style };
    case "head":
    case "drive":
    case "nothing":
      return { role: "nothing" };
  }
}

/** Behind a token, and behind the others that were made of the same word. */
function behind(tokens: readonly Token[], at: number): number {
  let to = at + 1;
  while (tokens[to] !== undefined && tokens[to]?.from === tokens[at]?.from) to += 1;
  return to;
}

function markAt(tokens: readonly Token[], from: number, own: OwnWord): Mark | undefined {
  let to = from;
  for (const { written } of tokensOf(own.word)) {
    if (tokens[to]?.written.toLowerCase() !== written.toLowerCase()) return undefined;
    to = behind(tokens, to);
  }
  return to === from ? undefined : { from, to, means: meaningOf(own), cost: 0 };
}

/** Where the shop's own words stand; nothing else stands against them. */
export const ownMarks = (tokens: readonly Token[], words: readonly OwnWord[]): readonly Mark[] =>
  words.flatMap((own) => tokens.flatMap((_, from) => markAt(tokens, from, own) ?? []));
