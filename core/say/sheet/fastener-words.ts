import {
  headOf,
  lengthWritten,
  madeToOf,
  studEndsOf,
  type ScrewSpec,
  type StudPlace,
} from "../../callout";
import type { HeadRecess, NutStyle, TurningTool, WasherStyle } from "../../catalogue/fasteners";
import { gradeById } from "../../catalogue/grades";
import { goesByInches, isStudStandard } from "../../catalogue/heads";
import {
  drivesOf,
  lengthDatum,
  usualDrive,
  type HeadStyle,
  type LengthDatum,
  type Point,
} from "../../catalogue/looks";
import { printLength, type Units } from "../../measure";
import { DRIVE_WORDS, FINISH_WORDS, HEAD_WORDS, upperFirst, withArticle } from "../common";

const POINT_WORDS: Readonly<Record<Point, string>> = {
  flat: "flat point",
  cone: "cone point",
  cup: "cup point",
  dog: "dog point",
};

export const NUT_STYLE_WORDS: Readonly<Record<NutStyle, string>> = {
  hex: "hexagon nut",
  heavy: "heavy hexagon nut",
  thin: "thin nut",
  "nylon-insert": "nylon insert nut",
  "all-metal": "all-metal prevailing torque nut",
  flange: "flange nut",
  castle: "castle nut with pin",
  dome: "dome nut",
  wing: "wing nut",
  coupling: "coupling nut",
  weld: "weld nut",
  square: "square nut",
};

export const WASHER_STYLE_WORDS: Readonly<Record<WasherStyle, string>> = {
  flat: "flat washer",
  large: "large washer",
  spring: "spring washer",
  toothed: "toothed washer",
  "wedge-lock": "wedge-lock washer",
  "bonded-seal": "bonded seal washer",
  copper: "copper washer",
};

const DATUM_WORDS: Readonly<Record<LengthDatum, string>> = {
  "under-head": "from under the head to the tip",
  overall: "the whole length, head and all",
  "flush-line": "from the flush line, where the crown begins, to the tip",
  "tip-to-tip": "from end to end",
  shoulder: "the shoulder alone, without its thread",
};

/** From where to where a screw with this head is measured. */
export function datumWords(head: HeadStyle): string {
  return DATUM_WORDS[lengthDatum(head)];
}

/** What turns it, with the tool's own mark: "16 mm spanner", "6 mm hexagon key". */
export function turningToolWords({ kind, mark }: TurningTool): string {
  switch (kind) {
    case "spanner":
      return mark === undefined ? "a spanner to fit" : `${mark} spanner`;
    case "key":
      return mark === undefined ? "a hexagon key to fit" : `${mark} hexagon key`;
    case "cross-driver":
      return mark === undefined ? "a cross driver to fit" : `cross driver ${mark}`;
    case "star-driver":
      return mark === undefined ? "a hexalobular driver to fit" : `hexalobular driver ${mark}`;
    case "slot-driver":
      return "a screwdriver to fill the slot";
    case "hand":
      return "fingers";
    case "none":
      return "nothing: it is held by its nut";
  }
}

/** The recess for the head: "counterbore 15.00 mm across, 8.40 mm deep". */
export function recessWords(recess: HeadRecess, units: Units): string {
  const across = printLength(recess.acrossMm, units);
  return recess.kind === "counterbore"
    ? `counterbore ${across} across, ${printLength(recess.deepMm, units)} deep`
    : `countersink ${recess.angleDeg}° to ${across} across`;
}

/** A length as its counter sells it: "40 mm", "1-1/2 in". */
export function nominalLengthWords(lengthMm: number, spec: Pick<ScrewSpec, "thread">): string {
  return `${lengthWritten(lengthMm, spec.thread)} ${goesByInches(spec.thread) ? "in" : "mm"}`;
}

/** A nominal size as the trade names it, the unit of the screen beside it where that is the other: "5/8 in (15.88 mm)". */
export function nominalSizeWords(
  mm: number,
  spec: Pick<ScrewSpec, "thread">,
  units: Units,
): string {
  const named = nominalLengthWords(mm, spec);
  const ownUnits = goesByInches(spec.thread) ? "in" : "mm";
  return ownUnits === units ? named : `${named} (${printLength(mm, units)})`;
}

/** Where an end of a stud goes, as it is said. */
export const STUD_PLACE_WORDS: Readonly<Record<StudPlace, string>> = {
  "under-nut": "nut end",
  "in-hole": "end that goes in",
};

/** The thread of a screw, or both of a stud whose ends are not one. */
function threadsSpoken(spec: ScrewSpec): string {
  const [first, second] = studEndsOf(spec).map((end) => {
    const { goes, threadMm } = end;
    const place = goes === undefined ? "" : ` at the ${STUD_PLACE_WORDS[goes]}`;
    const far = threadMm === undefined ? "" : `, threaded ${nominalLengthWords(threadMm, end)}`;
    return `${threadSpoken(end)}${place}${far}`;
  });
  return second === undefined ? (first ?? "") : `${first} and ${second}`;
}

function threadSpoken({ thread }: Pick<ScrewSpec, "thread">): string {
  const hand = thread.hand === "left" ? ", left-hand" : "";
  const coarse = thread.family === "iso-metric" && thread.series === "coarse";
  return `${thread.designation}${coarse ? " (coarse)" : ""}${hand}`;
}

const lengthSpoken = (spec: ScrewSpec) =>
  isStudStandard(madeToOf(spec)) ? "without the end that goes in" : datumWords(headOf(spec));

/** The part in the words of a counter, as one would say it: head, thread, length, class, finish. */
export function counterWords(spec: ScrewSpec): string {
  const head = headOf(spec);
  const drive = spec.drive ?? usualDrive(head);
  const driven = drive === drivesOf(head)[0] ? "" : `, ${DRIVE_WORDS[drive]}`;
  const grade = spec.gradeId === undefined ? undefined : gradeById(spec.gradeId);
  const named = head === "set" || head === "stud" ? HEAD_WORDS[head] : `${HEAD_WORDS[head]} head`;
  const said =
    spec.head === undefined ? `head not said, taken for ${withArticle(HEAD_WORDS[head])}` : named;
  const parts = [
    `${upperFirst(said)}${driven}`,
    threadsSpoken(spec),
    ...(spec.lengthMm === undefined
      ? []
      : [`${nominalLengthWords(spec.lengthMm, spec)} long ${lengthSpoken(spec)}`]),
    ...(spec.point === undefined ? [] : [POINT_WORDS[spec.point]]),
    ...(spec.fullThread ? ["threaded to the head"] : []),
    grade === undefined ? (spec.hardnessClass ?? "grade not said") : gradeSpoken(grade.name),
    spec.finish === undefined ? "finish not said" : FINISH_WORDS[spec.finish],
  ];
  const counted = spec.quantity === undefined ? "" : `${spec.quantity} of. `;
  return `${counted}${parts.join("; ")}.`;
}

/** "class 8.8", "grade 5", "A2-70". */
export function gradeSpoken(name: string): string {
  return /^\d/.test(name) && !name.includes("ton") ? `class ${name}` : name;
}
