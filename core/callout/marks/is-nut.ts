import type { Lexicon } from "./lexicon";
import { JOINING } from "./pattern";
import { standardAt } from "./standard-marks";
import type { Token } from "./tokens";

/** Nouns of parts that are read elsewhere, and words of what has a length. */
const OF_OTHERS: ReadonlySet<string> = new Set([
  ...["bolt", "screw", "stud", "studding", "rod", "bar", "pin", "dowel", "cotter", "plug", "set"],
  ...["nipple", "elbow", "union", "bush", "bushing", "adaptor", "adapter", "cap", "shcs", "insert"],
]);
/** Of these, those that tell a nut too: "cap nut", "machine screw nut". */
const BEFORE_NUT: ReadonlySet<string> = new Set(["cap", "insert", "rod", "pin", "screw"]);
const FOR: ReadonlySet<string> = new Set(["for", "suit", "fit"]);

/** What says by itself that a part is a nut: its noun, a standard or a class that only nuts have. */
function saysNut(tokens: readonly Token[], at: number, lexicon: Lexicon): boolean {
  if (/\/nut$/.test(tokens[at]?.text ?? "")) return true;
  const standard = standardAt(tokens, at)?.means;
  if (standard?.role === "standard") return standard.standard.means?.part === "nut";
  return lexicon
    .marksAt(tokens, at)
    .some(({ means }) =>
      means.role === "part"
        ? means.part === "nut"
        : means.role === "class" &&
          means.named.by === "name" &&
          /a563|a194/.test(means.named.id ?? ""),
    );
}

/** Whether a call-out is of a nut, alone or with washers: it goes with no other part, but for what it is for. */
export function isOfNut(tokens: readonly Token[], lexicon: Lexicon): boolean {
  const nut = tokens.findIndex((_, at) => saysNut(tokens, at, lexicon));
  if (nut < 0 || tokens.slice(0, nut).some(({ text }) => JOINING.has(text))) return false;
  const isFor = tokens.findIndex(({ text }) => FOR.has(text));
  return tokens.every(
    ({ text }, at) => !OF_OTHERS.has(text) || BEFORE_NUT.has(text) || (isFor >= 0 && at > isFor),
  );
}
