import {
  GRADES,
  HARDNESS_CLASSES,
  NUT_CLASSES,
  gradeById,
  nutClassById,
  type HardnessClass,
} from "../catalogue/grades";
import type { Thread } from "../catalogue/threads";
import type { Remaining } from "./read-words";

/** A grade as it was written, and the class it names; none when it names no class that is held. */
export interface WrittenGrade {
  readonly written: string;
  readonly id: string | undefined;
  /** Of a stainless nut, the steel that was said: "A4". */
  readonly steel?: string;
}

/** A word for strength whose class hangs on the thread. */
export interface SpokenGrade {
  readonly written: string;
  readonly id?: undefined;
  readonly means: "high-tensile" | "mild-steel";
}

const WORD = String.raw`(?:grade|grd|gr\.?|class|cl\.?|kl\.?|p\.?c\.?|property\s*class)`;
const METRIC = new RegExp(
  String.raw`(?<![\w./])(?<![\d ]x\s*)(?:(?:(?:strength\s*)?${WORD}|strength|p\.?c\.?)\s*)?(4\.6|4\.8|5\.6|5\.8|6\.8|8\.8|9\.8|10\.9|12\.9)(?![\w./]|\s*mm)(?:\s*(?:grade|class)(?![\w/]))?`,
  "i",
);
/** Of a head that breaks before its thread does (ISO 898-1): the class behind a nought, of which no table is held. */
const REDUCED = /(?<![\w./])0(?:[458]\.8|8\.8|10\.9|12\.9)(?![\w./])/;
/** Steels of ASTM A193 and A320 that are not held. */
const OTHER_STEELS = new RegExp(
  String.raw`(?<![\w/])(?:astm\s*)?(?:a(?:193|320)[\s/-]*)?(?:${WORD}\s*)?(?:b7m|b8[mct]?|b16|l7m?)(?:\s*cl(?:ass)?\.?\s*[12])?(?![\w/])`,
  "i",
);
const STAINLESS = new RegExp(
  String.raw`(?<![\w/])(?:${WORD}\s*)?([acf]\d)(?:[\s/-]*(45|50|60|70|80|110))?(?![\w/])`,
  "i",
);
/** ISO 8839: copper and aluminium alloys. */
const NON_FERROUS = /(?<![\w/])((?:cu|al)[1-7])(?![\w/])/i;
/** Stainless steels by their American numbers, the ISO steel of each. */
const STEEL_NUMBER =
  /(?<![\w/.-])(?<!(?<![a-z])x ?)(?:(?:aisi|ss)[ -]*)?(18[-/]8|30[34]l?|316l?|marine(?=\s*(?:grade|stainless|s\/s|$)))(?:\s*(?:s\/s|ss|stainless(?:\s*steel)?|grade))*(?![\w/.-])/i;
const NAMED =
  /(?<![\w/])(?:astm\s*)?(?:f3125[\s/-]*(?:gr(?:ade)?\.?\s*)?)?(a307|a325|a449|a490|a574|f593[cdgh])(?:(?<=a307) ?a|(?:-|[ -]?ty(?:pe)? ?)1(?=$|[\s,;)]))?(?![\w/])/i;
const A354 = new RegExp(
  String.raw`(?<![\w/])(?:astm\s*)?a354[\s-]*(?:${WORD}\s*)?(b[cd])(?![\w/])`,
  "i",
);
const B7 = new RegExp(
  String.raw`(?<![\w/])(?:astm\s*)?(?:a193[\s/-]*)?(?:${WORD}\s*)?b7(?![\w/])`,
  "i",
);
const TON = /(?<![\w/])28[\s-]*ton(?:\s*mild(?:\s*steel)?)?(?![\w/])/i;
const GRADE = new RegExp(
  String.raw`(?<![\w/])(?:(?:sae\s*)?(?:j429\s*)?${WORD}\s*|sae\s*(?:j429\s*)?|j429\s*)([\d.]+|[a-z])(?![\w/])`,
  "i",
);
/** "R grade": the letter of a British class before the word. */
const GRADE_AFTER = /(?<![\w/])([rstvx])[\s-]grade(?![\w/])/i;
/** "G8": a letter and a figure that no pipe has, or that follow a size. */
const SHORT_GRADE = /(?<![\w/])g(8|(?<=\d.*)[25]|[25](?= #?\d+[/-]\d))(?![\w/])/i;
const HIGH_TENSILE = /(?<![\w/])(?:h\.?t\.?|hi(?:gh)?[\s-]*tensile)(?![\w/])/i;
const MILD = /(?<![\w/])(?:m\.?s\.?|mild(?:\s*steel)?)(?![\w/])/i;

/** The class on a counter's shelf when only the steel was said: A2-70, A4-70. */
const USUAL_STRENGTH = "70";

function stainless(found: RegExpExecArray): WrittenGrade {
  const [written, steel = "", strength = USUAL_STRENGTH] = found;
  return { written, id: gradeById(`${steel}-${strength}`)?.id };
}

function steelOf(number: string): string {
  return /^(?:316|marine)/i.test(number) ? "A4" : number === "303" ? "A1" : "A2";
}

function graded([written, name = ""]: RegExpExecArray): WrittenGrade {
  const id = /^[a-z]$/i.test(name) ? `letter-${name}` : `sae-${name}`;
  return { written, id: gradeById(id)?.id };
}

/** The ways a class is written, each with what it names, in the order they are looked for. */
const WRITTEN: readonly (readonly [
  pattern: RegExp,
  named: (found: RegExpExecArray) => WrittenGrade | SpokenGrade,
])[] = [
  [REDUCED, ([written]) => ({ written, id: undefined })],
  [METRIC, ([written, name]) => ({ written, id: name })],
  [A354, ([written, letters = ""]) => ({ written, id: `a354-${letters.toLowerCase()}` })],
  [NAMED, ([written, name = ""]) => ({ written, id: gradeById(name)?.id })],
  [B7, ([written]) => ({ written, id: "b7" })],
  [OTHER_STEELS, ([written]) => ({ written, id: undefined })],
  [TON, ([written]) => ({ written, id: "mild-28" })],
  [GRADE_AFTER, graded],
  [GRADE, graded],
  [SHORT_GRADE, graded],
  [NON_FERROUS, ([written, name = ""]) => ({ written, id: gradeById(name)?.id })],
  [STAINLESS, stainless],
  [
    STEEL_NUMBER,
    ([written, number = ""]) => ({ written, id: `${steelOf(number)}-${USUAL_STRENGTH}` }),
  ],
  [HIGH_TENSILE, ([written]) => ({ written, means: "high-tensile" })],
  [MILD, ([written]) => ({ written, means: "mild-steel" })],
];

/** Takes the strength class of a screw out of what is left of a call-out. */
export function takeGrade(remaining: Remaining): WrittenGrade | SpokenGrade | undefined {
  for (const [pattern, named] of WRITTEN) {
    const found = remaining.take(pattern);
    if (found === undefined) continue;
    const grade = named(found);
    takeSaidAgain(remaining, grade);
    return grade;
  }
  return undefined;
}

/** Classes that a counter calls high tensile too. */
const ALSO_HIGH_TENSILE = /^(?:8\.8|9\.8|1[02]\.9|sae-[58]|letter-[R-X])$/;

/** What A325 and A490 are the standards of. */
const STRUCTURAL = /(?<![\w/])(?:structural|heavy(?= hex))(?![\w/])/gi;

/** "A4 316", "8.8 HT": the same by its other name says nothing new. */
function takeSaidAgain(remaining: Remaining, { id }: WrittenGrade | SpokenGrade): void {
  if (id !== undefined && ALSO_HIGH_TENSILE.test(id)) remaining.take(HIGH_TENSILE);
  if (id === "a325" || id === "a490") remaining.takeAll(STRUCTURAL);
  const again = STEEL_NUMBER.exec(remaining.rest())?.[1];
  if (again !== undefined && id?.startsWith(`${steelOf(again)}-`)) remaining.take(STEEL_NUMBER);
}

/**
 * The class that counters mean by a word, on this thread: high tensile is 8.8 on a metric hexagon and 12.9 on a cap screw,
 * mild steel 4.6, or the 28-ton steel of British bolts; on other threads neither says a class.
 */
export function gradeOfWord(
  said: WrittenGrade | SpokenGrade | undefined,
  { family }: Thread,
  socket: boolean,
): WrittenGrade | undefined {
  if (said === undefined || !("means" in said)) return said;
  const { written, means } = said;
  if (family === "iso-metric") {
    return { written, id: means === "mild-steel" ? "4.6" : socket ? "12.9" : "8.8" };
  }
  const british = family === "whitworth" || family === "ba";
  return { written, id: british && means === "mild-steel" ? "mild-28" : undefined };
}

const HARDNESS = new RegExp(String.raw`(?<![\w/.])(?:${WORD}\s*)?(14|22|33|45) ?h(?![\w/])`, "i");

const A194 = new RegExp(
  String.raw`(?<![\w/])(?:astm\s*)?(?:a194[\s/-]*)?(?:${WORD}\s*)?2h(?![\w/])`,
  "i",
);
const A563 = /(?<![\w/])(?:(?:astm\s*)?a563[\s-]*(c|dh)|(?:gr(?:ade)?\.? ?)?(dh))(?![\w/])/i;
const THIN = new RegExp(String.raw`(?<![\w/.])(?:${WORD}\s*)?(0[45])(?![\w/.])`, "i");
const STAINLESS_NUT = /(?<![\w/])(?:(?:stainless|([ac]\d))[\s/-]*(50|70|80)|([ac]\d))(?![\w/])/i;

/** A class of a nut as it was written. */
export interface WrittenNutClass {
  /** One of a bare number is of its thread's system. */
  readonly of: (thread: Thread) => WrittenGrade;
  /** Of one that names its standard. */
  readonly id?: string | undefined;
}

const always = (grade: WrittenGrade): WrittenNutClass => ({ of: () => grade, id: grade.id });

/** Takes the strength class of a nut: "class 8", "grade 5", "A563 DH", "2H", "stainless 70", "A2-70", "316", "04". */
export function takeNutClass(remaining: Remaining): WrittenNutClass | undefined {
  const a563 = remaining.take(A563);
  if (a563 !== undefined) {
    return always({ written: a563[0], id: `nut-a563-${(a563[1] ?? a563[2] ?? "").toLowerCase()}` });
  }
  const heavy = remaining.take(A194);
  if (heavy !== undefined) return always({ written: heavy[0], id: "nut-a194-2h" });
  const thin = remaining.take(THIN);
  if (thin !== undefined) return always({ written: thin[0], id: `nut-${thin[1]}` });
  const numbered = remaining.take(STEEL_NUMBER);
  if (numbered !== undefined) {
    const [written, number = ""] = numbered;
    return always({
      written,
      id: `nut-stainless-${USUAL_STRENGTH}`,
      steel: steelOf(number),
    });
  }
  const steel = remaining.take(STAINLESS_NUT);
  if (steel !== undefined) {
    const [written, strong, strength = USUAL_STRENGTH, bare] = steel;
    const said = (strong ?? bare)?.toUpperCase();
    const id = `nut-stainless-${strength}`;
    return always({ written, id, ...(said === undefined ? {} : { steel: said }) });
  }
  const found = remaining.take(GRADE) ?? remaining.take(SHORT_GRADE);
  if (found === undefined) {
    // A class of screws is none of nuts; it is named.
    const ofScrews = remaining.take(METRIC);
    return ofScrews === undefined ? undefined : always({ written: ofScrews[0], id: undefined });
  }
  const [written, number = ""] = found;
  const of = ({ family }: Thread) => {
    const metric = family === "iso-metric" || (family !== "unified" && /class|cl/i.test(written));
    const [own, other] = metric
      ? [`nut-${number}`, `nut-sae-${number}`]
      : [`nut-sae-${number}`, `nut-${number}`];
    return { written, id: (nutClassById(own) ?? nutClassById(other))?.id };
  };
  return { of };
}

/** Takes the hardness class of a set screw: "45H", "class 22H". */
export function takeHardnessClass(remaining: Remaining): HardnessClass | undefined {
  const said = remaining.take(HARDNESS)?.[1];
  return HARDNESS_CLASSES.find((one) => one === `${said}H`);
}

/** Takes a stainless steel that was said without a strength, as washers, pins and plugs are ordered: "A2", "316". */
export function takeSteel(remaining: Remaining): string | undefined {
  const numbered = remaining.take(STEEL_NUMBER);
  if (numbered !== undefined) return steelOf(numbered[1] ?? "");
  return remaining
    .take(/(?<![\w/])(a[1-5]|c[134])(?![\w/]|[\s-]*(?:45|50|60|70|80|110)(?!\d))/i)?.[1]
    ?.toUpperCase();
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
