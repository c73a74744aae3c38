import { inInches, lookUpImplied, type Implied } from "./implied-thread";
import { usualNumbered } from "./numbered-sizes";
import { metricByStandard, type ReadWith } from "./pieces";
import { readThreadAndLength, type ThreadAndLength } from "./read-thread";
import { isOfThread, isPipeClass } from "./thread-words";
import type { Meaning } from "./meaning";
import type { Item } from "./sections";
import { asWritten, type Token } from "./tokens";

interface Run {
  readonly from: number;
  readonly to: number;
}

type OfRole<Role extends Meaning["role"]> = Extract<Meaning, { role: Role }>;

/** What is said of one part: its marks by their role, and what nobody knows. */
export class Said {
  constructor(
    readonly tokens: readonly Token[],
    readonly items: readonly Item[],
  ) {}

  /** The marks of a role, as they were written. */
  all<Role extends Meaning["role"]>(
    role: Role,
  ): readonly { readonly means: OfRole<Role>; readonly item: Item }[] {
    return this.items.flatMap((item) =>
      item.mark?.means.role === role ? [{ means: item.mark.means as OfRole<Role>, item }] : [],
    );
  }

  /** A run of tokens as it was written. */
  written(from: number, to: number): string {
    return asWritten(this.tokens.slice(from, to));
  }

  /** How an item was written. */
  writtenOf({ from, to }: Item): string {
    return this.written(from, to);
  }

  /** Whether a figure stands there that is in no mark. */
  isLeftFigure(at: number): boolean {
    return (
      this.tokens[at]?.kind === "number" &&
      this.items.some(({ mark, from }) => from === at && mark === undefined)
    );
  }

  /** Whether its noun was written for several: "washers". */
  isOfSeveral(): boolean {
    return this.all("part").some(({ item }) =>
      this.tokens.slice(item.from, item.to).some(({ plural }) => plural === true),
    );
  }

  private isUnknown(at: number): boolean {
    const token = this.tokens[at];
    if (token === undefined) return false;
    return token.kind === "word"
      ? !isOfThread(token.text) && !isPipeClass(this.tokens, at)
      : token.kind === "sign" && !/[-.,;:"'/#=()&]/.test(token.text);
  }

  /** Runs of words and signs that nobody knows, each with what is written onto it. */
  private unknownRuns(): readonly Run[] {
    const left = new Set(
      this.items.flatMap(({ mark, from }) => (mark === undefined ? [from] : [])),
    );
    const runs: Run[] = [];
    for (const at of left) {
      if (at < (runs.at(-1)?.to ?? 0) || !this.isUnknown(at)) continue;
      let [from, to] = [at, at + 1];
      while (this.tokens[from]?.glued === true && left.has(from - 1)) from -= 1;
      while (this.tokens[to]?.glued === true && left.has(to)) to += 1;
      runs.push({ from, to });
    }
    return runs;
  }

  /**
   * What has no place in the part, as it was written and in its order: words that nobody knows, and the items that do not go
   * with the rest; what joins those to the part with them.
   */
  unplaced(items: readonly Item[]): readonly string[] {
    const unknown = this.unknownRuns();
    const joins = this.all("with").map(({ item }) => item);
    const joined = joins.filter(({ to }) => unknown.some(({ from }) => from >= to));
    const all = [...unknown, ...items, ...joined].sort((one, other) => one.from - other.from);
    const runs: (Run & { readonly isKnown: boolean })[] = [];
    for (const { from, to, ...rest } of all) {
      const isKnown = "mark" in rest;
      const last = runs.at(-1);
      // What is known and stands together is named together; what nobody knows, word by word.
      const together =
        last?.to === from && (this.tokens[from]?.glued === true || (isKnown && last.isKnown));
      if (together) runs.splice(-1, 1, { from: last.from, to, isKnown: isKnown && last.isKnown });
      else runs.push({ from, to, isKnown });
    }
    return runs.flatMap(({ from, to }) =>
      this.written(from, to)
        .replace(/[.,-]+$/, "")
        .split(/(?<=[a-z])\/(?=[a-z])/i),
    );
  }

  /** Thread and lengths, as they are left when every mark is out. */
  sizeText(): string {
    const parts = this.items.map(({ mark, from }) => {
      const token = this.tokens[from];
      if (mark?.means.role === "thread") return ` ${mark.means.written} `;
      if (mark !== undefined) return GAP;
      if (token === undefined || this.isUnknown(from)) return " ";
      return `${token.glued ? "" : " "}${token.text}`;
    });
    return parts
      .join("")
      .replace(APART, "$1 x ")
      .replaceAll(GAP, " ")
      .replace(/[,;:()&]/g, " ")
      .replace(/-(?= ?in\b)/g, " ")
      .replace(/\s+/g, " ")
      .replace(/(?:^|\s)[-./]+(?=\s|$)/g, " ")
      .replace(/^[\s-]+|[\s-]+$/g, "")
      .trim();
  }
}

const GAP = "\u0001";
/** A figure and a fraction that stood apart are no mixed number. */
const APART = new RegExp(String.raw`(\d"?)[ ,]*${GAP}[ ,${GAP}]*(?=\d+\/\d+)`, "g");

const METRIC_SIZE = /(?<![\w/])m ?\d+(?:\.\d+)?|^\d+(?:\.\d+)?(?: ?mm)?(?![\w/.])/;
const INCH_SIZE = /(?<![\w/.#-])(?:#?\d+(?: \d+\/\d+|\/\d+)?)(?:"| ?in)?(?![\w/.-])/;
const NUMBERED = new RegExp(String.raw`^(?:#|no\.? ?)?(${usualNumbered(" ?[/x] ?")})(?=$| )`);
const OTHER_SIGNS = /(?<![\w/])m ?\d|#|\d\/\d|\d ?"|\bba\b|\bpg ?\d|\btr ?\d/;

/** Pitch, threads an inch and hand beside the size, where they were said by their names; a size in mm as the metric one. */
function asNamed(text: string, said: Said): string {
  const [pitch] = said.all("pitch");
  const [tpi] = said.all("tpi");
  const metric = OTHER_SIGNS.test(text)
    ? text
    : text.replace(/(?<![\w.])(\d{1,2}(?:\.\d)?) ?mm(?= ?x| |$)/, "m$1");
  const numbered = metric
    .replace(/^no\.? ?(?=\d)/, "#")
    .replace(/^([gr] ?\d[\d/ -]*?) ?gas$/, "$1")
    .replace(NUMBERED, (_, size: string) => `#${size.replace(/ ?[/x] ?/, "-")}`);
  const pitched =
    pitch === undefined
      ? numbered
      : numbered.replace(METRIC_SIZE, (size) => `${size} x ${pitch.means.figure} `);
  const crossed = pitched.replace(/ x ?$/, "");
  return tpi === undefined
    ? crossed
    : crossed.replace(INCH_SIZE, (size) => `${size}-${tpi.means.figure}`);
}

/** What is left of a part for its thread and its lengths, in the spelling that threads are read in. */
export const sizeTextOf = (said: Said, readWith: ReadWith): string =>
  metricByStandard(asNamed(said.sizeText(), said), readWith);

const looked = new WeakMap<readonly Token[], Map<string, ThreadAndLength>>();

/** The thread that a text names, and the length behind it. */
export function threadIn(text: string, said: Said, implied: Implied): ThreadAndLength {
  const named = said.all("left-hand").length > 0 ? `${text} lh` : text;
  const bare = implied.inches === true ? inInches(named) : named;
  const [tolerance] = said.all("tolerance");
  const written = tolerance === undefined ? "" : said.writtenOf(tolerance.item);
  // The ways to read one call-out differ in words more often than in its size.
  const known = looked.get(said.tokens) ?? new Map<string, ThreadAndLength>();
  looked.set(said.tokens, known);
  const key = `${bare}|${written}|${implied.coarse ?? ""}|${implied.pipe ?? ""}`;
  const read =
    known.get(key) ??
    readThreadAndLength(bare, written || undefined, (name) => lookUpImplied(name, implied));
  known.set(key, read);
  return read;
}
