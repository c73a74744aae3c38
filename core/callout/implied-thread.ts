import { gradeById, nutClassById } from "../catalogue/grades";
import { lookUpThread, type DesignationReading, type Thread } from "../catalogue/threads";

/** From over this size the studs of flanges have 8 threads an inch (ASTM A193, A194). */
const EIGHT_OVER_INCH = 1;

/** What the class of a part tells of its thread, where the size leaves that open. */
export interface Implied {
  /** Coarse unified, as ASTM's standards of bolts and nuts have it where no other was ordered. */
  readonly coarse?: "coarse" | "eight-over-1-inch";
  /** Of an inch standard: a bare 1 is an inch, not number 1. */
  readonly inches?: true;
  /** Of pipes: a bare size in inches is that of a pipe. */
  readonly pipe?: true;
}

const COARSE: ReadonlySet<string> = new Set([
  "a307",
  "a325",
  "a449",
  "a490",
  "a354-bc",
  "a354-bd",
  "nut-a563-c",
  "nut-a563-dh",
]);
const FLANGE_STUDS: ReadonlySet<string> = new Set(["b7", "nut-a194-2h"]);

/** What a class says of the thread besides strength. */
export function impliedBy(id: string | undefined): Implied {
  if (id === undefined) return {};
  const held = gradeById(id) ?? nutClassById(id);
  if (held?.system !== "inch") return {};
  const own = held.id.toLowerCase();
  if (COARSE.has(own)) return { inches: true, coarse: "coarse" };
  return FLANGE_STUDS.has(own) ? { inches: true, coarse: "eight-over-1-inch" } : { inches: true };
}

/** A bare whole number that leads is in inches: "1 x 4" of A449. */
export function inInches(text: string): string {
  return text.replace(/^([1-4])(?= ?x|-(?!\d+\/)| ?$)/i, '$1"');
}

function isImplied({ series, majorInch = 0 }: Thread, coarse: Implied["coarse"]): boolean {
  return coarse === "eight-over-1-inch" && majorInch > EIGHT_OVER_INCH
    ? series === "8-UN"
    : series === "UNC";
}

const BARE_SIZE = /^\d+(?:[ -]\d+\/\d+|\/\d+)?(?:"| ?in)?$/i;

/** The pipe threads of a bare size: "1/2 elbow" may be of any. */
function ofPipes(size: string): DesignationReading | undefined {
  const readings = ["G", "R"]
    .map((letter) => lookUpThread(`${letter} ${size}`))
    .concat(lookUpThread(`${size} NPT`));
  const threads = readings.flatMap((one) => (one.kind === "found" ? [one.thread] : []));
  return threads.length === 0 ? undefined : { kind: "choices", threads };
}

/** Looks a name up; where it leaves a choice, as the class would have it. */
export function lookUpImplied(text: string, { coarse, pipe }: Implied): DesignationReading {
  const ofPipe = pipe && BARE_SIZE.test(text) ? ofPipes(text) : undefined;
  if (ofPipe !== undefined) return ofPipe;
  const reading = lookUpThread(text);
  if (reading.kind !== "choices" || coarse === undefined) return reading;
  const [thread, ...others] = reading.threads.filter((one) => isImplied(one, coarse));
  return thread === undefined || others.length > 0
    ? reading
    : { ...reading, kind: "found", thread, others: [] };
}
