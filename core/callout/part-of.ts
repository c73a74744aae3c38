import type { Mark, MarksByPlace, PartRead } from "./meaning";
import { JOINING } from "./pattern";
import type { Token } from "./tokens";

/** Nouns of parts that are read elsewhere, and words of what has a length. */
const OF_OTHERS: ReadonlySet<string> = new Set([
  ...["bolt", "screw", "stud", "studding", "rod", "bar", "set"],
  ...["nipple", "elbow", "union", "bush", "bushing", "adaptor", "adapter", "cap", "shcs", "insert"],
]);
/** Of these, those that tell a nut too: "cap nut", "machine screw nut". */
const BEFORE_NUT: ReadonlySet<string> = new Set(["cap", "insert", "rod", "screw"]);
const FOR: ReadonlySet<string> = new Set(["for", "suit", "fit"]);

/** The part that a place says by itself: by a noun, a standard, or a class that only nuts have. */
function partSaid({ text }: Token, here: readonly Mark[]): PartRead | undefined {
  if (/\/nut$/.test(text)) return "nut";
  const says = here.map(({ means }) => means);
  const standard = says.find((means) => means.role === "standard");
  if (standard !== undefined) {
    const defined = standard.standard.means?.part;
    return defined === "screw" || defined === "any" ? undefined : defined;
  }
  const isNuts = says.some(
    (means) =>
      means.role === "class" && means.named.by === "name" && /a563|a194/.test(means.named.id ?? ""),
  );
  const noun = says.find((means) => means.role === "part");
  return noun?.part ?? (isNuts ? "nut" : undefined);
}

const SHORTEST_SCREW = 10;

/** "M12 x 50 8.8 nut and washer": what has a length, and a nut with something else, is a screw, called so or not. */
function isSized(tokens: readonly Token[], noun: number): boolean {
  const hasLength = tokens
    .slice(0, noun)
    .some(({ text }, at) => text === "x" && Number(tokens[at + 1]?.text) >= SHORTEST_SCREW);
  return hasLength && tokens.slice(noun).some(({ text }) => JOINING.has(text));
}

/**
 * The part that a call-out is of, of those that are read by their marks; it goes with no other, but for washers and for what it
 * is for.
 * @returns undefined of any other part
 */
export function partOf(tokens: readonly Token[], marks: MarksByPlace): PartRead | undefined {
  const said = tokens.map((token, at) => partSaid(token, marks[at] ?? []));
  const first = said.findIndex((part) => part !== undefined);
  if (first < 0 || tokens.slice(0, first).some(({ text }) => JOINING.has(text))) return undefined;
  const isFor = tokens.findIndex(({ text }) => FOR.has(text));
  const isAlone = tokens.every(
    ({ text }, at) => !OF_OTHERS.has(text) || BEFORE_NUT.has(text) || (isFor >= 0 && at > isFor),
  );
  if (!isAlone) return undefined;
  const part = said[first];
  return (part === "nut" || part === "washer") && isSized(tokens, first) ? undefined : part;
}
