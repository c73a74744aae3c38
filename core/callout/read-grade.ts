import { GRADES, NUT_CLASSES, gradeById, nutClassById } from "../grades";
import type { Thread } from "../threads";
import type { Remaining } from "./read-words";

/** A grade as it was written, and the class it names; none when it names no class that is held. */
export interface WrittenGrade {
  readonly written: string;
  readonly id: string | undefined;
  /** Of a stainless nut, the steel that was said: "A4". */
  readonly steel?: string;
}

const METRIC =
  /(?<![\w./])(?<!x\s*)(?:(?:grade|gr\.?|class|cl\.?|property\s*class)\s*)?(4\.6|4\.8|5\.6|5\.8|6\.8|8\.8|9\.8|10\.9|12\.9)(?![\w./]|\s*mm)/i;
const STAINLESS = /(?<![\w/])([acf]\d)(?:[\s-]*(45|50|60|70|80|110))?(?![\w/])/i;
const NAMED = /(?<![\w/])(?:astm\s*)?(a307|a325|a490|a574)(?![\w/])/i;
const TON = /(?<![\w/])28[\s-]*ton(?:\s*mild(?:\s*steel)?)?(?![\w/])/i;
const GRADE = /(?<![\w/])(?:sae\s*)?(?:grade|gr\.?|class|cl\.?)\s*([\d.]+|[a-z])(?![\w/])/i;

/** The class on a counter's shelf when only the steel was said: A2-70, A4-70. */
const USUAL_STRENGTH = "70";

function stainless(found: RegExpExecArray): WrittenGrade {
  const [written, steel = "", strength = USUAL_STRENGTH] = found;
  return { written, id: gradeById(`${steel}-${strength}`)?.id };
}

function graded([written, name = ""]: RegExpExecArray): WrittenGrade {
  const id = /^[a-z]$/i.test(name) ? `letter-${name}` : `sae-${name}`;
  return { written, id: gradeById(id)?.id };
}

/** Takes the strength class of a screw out of what is left of a call-out. */
export function takeGrade(remaining: Remaining): WrittenGrade | undefined {
  const metric = remaining.take(METRIC);
  if (metric !== undefined) return { written: metric[0], id: metric[1] };
  const named = remaining.take(NAMED);
  if (named !== undefined) return { written: named[0], id: gradeById(named[1] ?? "")?.id };
  const ton = remaining.take(TON);
  if (ton !== undefined) return { written: ton[0], id: "mild-28" };
  const found = remaining.take(GRADE);
  if (found !== undefined) return graded(found);
  const steel = remaining.take(STAINLESS);
  return steel === undefined ? undefined : stainless(steel);
}

/** Takes the strength class of a nut: "class 8", "grade 5", "A563 DH", "stainless 70", "A2-70". */
export function takeNutClass(remaining: Remaining, inch: boolean): WrittenGrade | undefined {
  const a563 = remaining.take(/(?<![\w/])(?:astm\s*)?a563[\s-]*(c|dh)(?![\w/])/i);
  if (a563 !== undefined)
    return { written: a563[0], id: `nut-a563-${(a563[1] ?? "").toLowerCase()}` };
  const steel = remaining.take(
    /(?<![\w/])(?:(?:stainless|([ac]\d))[\s-]*(50|70|80)|([ac]\d))(?![\w/])/i,
  );
  if (steel !== undefined) {
    const [written, strong, strength = USUAL_STRENGTH, bare] = steel;
    const said = (strong ?? bare)?.toUpperCase();
    const id = `nut-stainless-${strength}`;
    return { written, id, ...(said === undefined ? {} : { steel: said }) };
  }
  const found = remaining.take(GRADE);
  if (found === undefined) return undefined;
  const [written, number = ""] = found;
  const says = /class|cl/i.test(written) ? `nut-${number}` : `nut-sae-${number}`;
  const other = inch ? `nut-sae-${number}` : `nut-${number}`;
  return { written, id: nutClassById(says)?.id ?? nutClassById(other)?.id };
}

/** A bare figure after a nut's thread, where it names a class of that thread's system. */
export function bareNutClass(text: string, thread: Thread): WrittenGrade | undefined {
  if (!/^\d{1,2}$/.test(text)) return undefined;
  const id = thread.majorInch === undefined ? `nut-${text}` : `nut-sae-${text}`;
  return nutClassById(id) === undefined ? undefined : { written: text, id };
}

/** How a class is written in a call-out. */
export function gradeWritten(id: string): string {
  return GRADES.find((grade) => grade.id === id)?.name ?? id;
}

export function nutClassWritten(id: string): string {
  return NUT_CLASSES.find((nut) => nut.id === id)?.name ?? id;
}
