import { goesByInches } from "../fasteners";
import { lookUpThread, type DesignationReading, type Thread } from "../threads";
import { readLength, roundTo, type Mm } from "../units";

/** The thread and length that are left of a call-out when its words are out. */
export type ThreadAndLength =
  | { readonly kind: "found"; readonly thread: Thread; readonly lengthMm?: Mm }
  | { readonly kind: "length-unreadable"; readonly length: string }
  | Exclude<DesignationReading, { kind: "found" }>;

/** A series said anywhere belongs to the thread: "1/2 x 2 UNC". */
const SERIES =
  /(?<![\w/])(unc|unf|unef|nc|nf|nef|bsw|bsf|whit(?:worth)?|cycle|cei|coarse|fine|lh|left[\s-]*hand(?:ed)?)(?![\w/])/gi;

const LENGTHS = { minMm: 0.5, maxMm: 3000 };

function normalised(text: string): string {
  return (
    text
      // "M10-1.25 x 40" is a pitch after the dash.
      .replace(/\b(m\s*\d+(?:\.\d+)?)\s*-\s*(\d(?:\.\d+)?)(?=\s*[x-])/i, "$1x$2")
      .replace(/(\d)\s*x\s*(?=\d)/gi, "$1 x ")
      .trim()
  );
}

interface Split {
  readonly left: string;
  readonly right: string;
}

/** Every way to part a text at a cross, a dash or a space, the longest thread first; a cross before the others. */
function splits(text: string): Split[] {
  const at = (pattern: RegExp) =>
    [...text.matchAll(pattern)]
      .reverse()
      .map(({ index, 0: sign }) => ({
        left: text.slice(0, index).trim(),
        right: text.slice(index + sign.length).trim(),
      }))
      .filter(({ left, right }) => left !== "" && right !== "");
  return [{ left: text, right: "" }, ...at(/\s*x\s*/gi), ...at(/\s*-\s*/g), ...at(/\s+/g)];
}

function lengthOf(text: string, thread: Thread): Mm | undefined {
  const read = readLength(
    text.replace(/^l\s*=?\s*/i, ""),
    goesByInches(thread) ? "in" : "mm",
    LENGTHS,
  );
  return read.ok ? roundTo(read.mm, 6) : undefined;
}

/**
 * Parts a text into thread and length: "M10 x 1.25 x 40", "1/2-13-1 1/2", "1/2 x 2 UNC", "M8 30 mm". A length
 * without a unit is in the thread's own.
 */
export function readThreadAndLength(text: string): ThreadAndLength {
  const spelled = normalised(text);
  const series = [...spelled.matchAll(SERIES)].map(([word]) => word).join(" ");
  const bare = spelled.replace(SERIES, " ").replace(/\s+/g, " ").trim().replace(/-$/, "").trim();
  let choices: ThreadAndLength | undefined;
  let unreadable: ThreadAndLength | undefined;
  for (const { left, right } of splits(bare)) {
    const named = `${left} ${series}`.trim();
    const reading = lookUpThread(named);
    if (reading.kind === "choices" && (right === "" || /^[\d."/\s-]+(?:mm|in|")?$/.test(right))) {
      choices ??= reading;
    }
    if (reading.kind !== "found" || reading.rest !== undefined) continue;
    if (right === "") return { kind: "found", thread: reading.thread };
    const lengthMm = lengthOf(right, reading.thread);
    if (lengthMm !== undefined) return { kind: "found", thread: reading.thread, lengthMm };
    unreadable ??= { kind: "length-unreadable", length: right };
  }
  const understood = choices ?? unreadable;
  if (understood !== undefined) return understood;
  const whole = lookUpThread(`${bare} ${series}`.trim());
  return whole.kind === "found" ? { kind: "length-unreadable", length: whole.rest ?? "" } : whole;
}
