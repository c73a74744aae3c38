import type { Remaining } from "./read-words";
import { NOT_HELD_ROWS, STANDARD_ROWS, type DefinedPart } from "./standard-parts";

/** Standards that tell a family of heads, and so want one said. */
const WANTS_HEAD: ReadonlySet<string> = new Set([
  "ASME B18.3",
  "ASME B18.6.3",
  "BS 57",
  "BS 450",
  "BS 916",
  "BS 1981",
  "BS 4183",
  "ASME B18.6.7M",
  "JIS B1111",
  "JIS B1101",
  "AS 1427",
]);

const DEFINED: ReadonlyMap<string, DefinedPart> = new Map(
  STANDARD_ROWS.flatMap(([numbers, means]) =>
    numbers.split(", ").map((number): [string, DefinedPart] => [number, means]),
  ),
);

/** What the standards that are not held are of. */
const NOT_HELD: ReadonlyMap<string, string> = new Map(
  NOT_HELD_ROWS.flatMap(([numbers, part]) =>
    numbers.split(", ").map((number): [string, string] => [number, part]),
  ),
);

const STANDARD =
  /(?<!\w)(?:(?:bs|din|en|iso|asme|ansi|jis|as(?:\/nzs)?(?= ?[1-4]\d{3})|gb(?:\/t)?|sae(?=[ -]*j))[ -]*(?=(?:bs|din|en|iso|asme|ansi|b ?\d|j ?\d|\d)))+(?:[bj] ?)?\d+(?:\.\d+)*(?:(?<=b18\.[\d.]*)m)?(?:[-/](?:[12]|(?<=14399-)\d{1,2})(?![\d\w]))?(?: ?(?:[a-ejv]|(?<=440 ?)r)(?![\w-]))?(?:(?: ?: ?|-)(?:19|20)\d\d)?(?: ?-? ?a(?=\d\d?\.\d)|(?![\w.]*\w))|(?<!\w)b18\.\d+(?:\.\d+)*m?(?!\w)/i;
/** A standard's number may stand to the end of the list; so many are read. */
const MOST = 4;

const BODIES = /ISO|DIN|ASME|ANSI|JIS|SAE|EN|BS|GB|AS/g;

/** A standard by its body and number, as the table has it: of several bodies the last, "BS EN ISO 4017" is ISO's. */
function bodyAndNumber(written: string): string {
  const spelled = written.toUpperCase().replace(/(?: ?: ?|-)\d{4}$/, "");
  const american = /B18[\d.]*M?/.exec(spelled)?.[0];
  if (american !== undefined) return `ASME ${american}`;
  const number = /(?:(?<![A-Z])[BJ] ?)?\d[\d.]*/.exec(spelled)?.[0].replace(" ", "") ?? "";
  const body = spelled.match(BODIES)?.at(-1)?.replace("ANSI", "ASME") ?? "ASME";
  // Europe's first numbers for the standards of ISO: EN 24017 is ISO 4017.
  if (body === "EN" && /^2\d{4}$/.test(number)) return `ISO ${Number(number) - 20_000}`;
  if (body === "EN" && number === "14399") return `EN ${/14399-\d+/.exec(spelled)?.[0] ?? number}`;
  return `${body} ${number}`;
}

/** China's parts of a standard stand behind a point, and may be left to the whole: GB/T 97.1. */
const wholeOf = (number: string) =>
  number.startsWith("GB") ? number.replace(/\.\d$/, "") : number;

/** A standard that was written with a part. */
export interface WrittenStandard {
  readonly written: string;
  /** By its body and number, as tables have it: "DIN 933". */
  readonly number: string;
  /** What it defines; undefined for one that is not held. */
  readonly means: DefinedPart | undefined;
  readonly wantsHead: boolean;
  /** The part that it is of, where no table holds any such. */
  readonly notHeld?: string;
}

/** What a standard, as it was written, defines. */
export function standardOf(written: string): WrittenStandard {
  const number = bodyAndNumber(written);
  const notHeld = NOT_HELD.get(number);
  return {
    written,
    number,
    means: DEFINED.get(number) ?? DEFINED.get(wholeOf(number)),
    wantsHead: WANTS_HEAD.has(number),
    ...(notHeld === undefined ? {} : { notHeld }),
  };
}

/** Takes every standard out of a call-out. */
export function takeStandards(remaining: Remaining): readonly WrittenStandard[] {
  const taken: WrittenStandard[] = [];
  while (taken.length < MOST) {
    const found = remaining.take(STANDARD);
    if (found === undefined) break;
    taken.push(standardOf(found[0].trim()));
  }
  return taken;
}
