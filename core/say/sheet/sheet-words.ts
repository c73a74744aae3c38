import { formatCallout } from "../../callout";
import { drillWords } from "../charts";
import { nutSpanner } from "../../catalogue/fasteners";
import { vickersOf, type Hardness } from "../../catalogue/grades";
import type { Drill } from "../../mend/holes";
import { isNoSteel, lengthDatum } from "../../catalogue/looks";
import type { FastenerSheet, SheetStrength } from "../../decide/sheet";
import { printLength, type Units } from "../../measure";
import { FINISH_WORDS, areaWords, percentWords, upperFirst } from "../common";
import { specProblemWords } from "./callout-words";
import {
  NUT_STYLE_WORDS,
  counterWords,
  datumWords,
  gradeSpoken,
  nominalSizeWords,
  recessWords,
  turningToolWords,
} from "./fastener-words";
import { madeToWords } from "./made-to-words";
import type { SheetFact, SheetSection } from "./section";
import { studFacts, studLines } from "./stud-words";
import {
  EVERY_SHEET_CAUTION,
  LOCKING_WORDS,
  cautionWords,
  changeWords,
  neverUseWords,
  nutAdviceWords,
  washerAdviceWords,
} from "./replace-words";
import {
  equivalentWords,
  forceWords,
  strengthWords,
  stressWords,
  torqueBasisWords,
  torqueWords,
} from "./strength-words";

/** A fastener sheet in words, the same on the screen and on paper. */
export interface SheetWords {
  readonly callout: string;
  readonly spoken: string;
  /** What is wrong with it as it is asked for. */
  readonly problems: readonly string[];
  readonly cautions: readonly string[];
  readonly sections: readonly SheetSection[];
}

function sizes(sheet: FastenerSheet, units: Units): SheetSection {
  const { spec, head, headSize, threadLength } = sheet;
  const inProportion = headSize.standard === undefined && headSize.heightMm > 0;
  const facts: SheetFact[] = [];
  if (spec.lengthMm !== undefined) {
    facts.push(["Length", nominalSizeWords(spec.lengthMm, spec, units)]);
  }
  if (threadLength !== undefined && lengthDatum(head) !== "tip-to-tip") {
    facts.push(["Thread length", nominalSizeWords(threadLength.threadMm, spec, units)]);
    if (threadLength.plainMm > 0) {
      const name = head === "shoulder" ? "Shoulder" : "Plain shank";
      facts.push([name, nominalSizeWords(threadLength.plainMm, spec, units)]);
    }
  }
  if (headSize.heightMm > 0 && !inProportion) {
    facts.push(["Head width", nominalSizeWords(headSize.widthMm, spec, units)]);
    facts.push(["Head height", nominalSizeWords(headSize.heightMm, spec, units)]);
    facts.push(["Head size after", headSize.standard ?? ""]);
    if (headSize.shoulderMm !== undefined) {
      facts.push(["Shoulder across", nominalSizeWords(headSize.shoulderMm, spec, units)]);
    }
  }
  facts.push(...studFacts(sheet, units));
  return {
    id: "sizes",
    title: "Sizes",
    facts,
    lines: [
      ...(sheet.stud?.overallMm === undefined
        ? [`Its length is measured ${datumWords(head)}.`]
        : []),
      ...studLines(sheet),
      ...madeToWords(sheet.madeTo, spec.thread, units),
      ...(inProportion ? ["No table is held for this head: it is drawn in proportion only."] : []),
    ],
  };
}

function hardnessWords({ scale, min, max }: Hardness): string {
  return `${min} to ${max} ${scale}`;
}

/** Which class is counted on where none was said. */
function countedWords({ by, grade }: SheetStrength): readonly string[] {
  const name = gradeSpoken(grade.name);
  switch (by) {
    case "said":
      return [];
    case "standard":
      return [`No grade was said: ${name}, as its standard has it, is counted on.`];
    case "weakest":
      return [`No grade was said: ${name}, the weakest, is counted on.`];
  }
}

/** A head that breaks before its thread: what it carries, and how it is marked. */
function headWords({ headShare: share, grade }: SheetStrength): readonly string[] {
  if (share === 1) return [];
  const mark = grade.system === "metric" ? `, and it is marked 0${grade.name}` : "";
  return [
    `A head as low as this breaks before its thread: it carries ${percentWords(share)} of its class${mark}. The figures here are so much less.`,
  ];
}

function strengthFacts({ grade, loads, ...shear }: SheetStrength, units: Units): SheetFact[] {
  const per = (newtons: number) =>
    `${forceWords(newtons, units)} (${stressWords(newtons / loads.stressAreaMm2, units)})`;
  const { shearThroughThreads, shearThroughShank } = shear;
  return [
    ["Class", `${gradeSpoken(grade.name)}, ${grade.standard}`],
    ["Stress area", areaWords(loads.stressAreaMm2, units)],
    ...(loads.proofN === undefined ? [] : [["Proof load", per(loads.proofN)] as const]),
    ...(loads.yieldN === undefined ? [] : [["Yield load", per(loads.yieldN)] as const]),
    ["Tensile load", per(loads.tensileN)],
    ...(loads.hardness === undefined ? [] : [["Hardness", hardnessWords(loads.hardness)] as const]),
    ...(shearThroughThreads === undefined
      ? []
      : [
          [
            "Shear, threads in the plane, estimate",
            forceWords(shearThroughThreads.singleN, units),
          ] as const,
        ]),
    ...(shearThroughShank === undefined
      ? []
      : [
          [
            "Shear, shank in the plane, estimate",
            forceWords(shearThroughShank.singleN, units),
          ] as const,
        ]),
  ];
}

function strength(sheet: FastenerSheet, units: Units): SheetSection {
  const held = sheet.strength;
  const title = "Strength";
  const { hardnessClass } = sheet.spec;
  if (hardnessClass !== undefined && held === undefined) {
    const [min, max] = vickersOf(hardnessClass);
    return {
      id: "strength",
      title,
      facts: [
        ["Class", `${hardnessClass}, ISO 898-5`],
        ["Hardness", hardnessWords({ scale: "HV", min, max })],
      ],
      lines: ["It is pressed, not pulled: its standard states no tensile load."],
    };
  }
  if (held === undefined) {
    const { finish } = sheet.spec;
    return {
      id: "strength",
      title,
      facts: [],
      lines: [
        finish !== undefined && isNoSteel(finish)
          ? `No figure of steel holds of ${FINISH_WORDS[finish]}: say its class by ISO 8839 (CU for copper and brass, AL for aluminium), or ask its maker.`
          : "No strength is held for it in this size.",
      ],
    };
  }
  return {
    id: "strength",
    title,
    facts: strengthFacts(held, units),
    lines: [
      ...countedWords(held),
      ...headWords(held),
      strengthWords(held.loads, held.grade, units),
      ...held.equivalents.map(equivalentWords),
      ...(held.shearThroughThreads === undefined ? [] : ["Two shear planes hold twice as much."]),
    ],
  };
}

/** A drill by its mark, with its size where the mark is not already that. */
function drillFigure(drill: Drill, units: Units): string {
  const mark = drillWords(drill);
  return units === "mm" && mark.endsWith("mm") ? mark : `${mark} (${printLength(drill.mm, units)})`;
}

/** The spanner of the nut, where it is another than that of the bolt. */
function nutTool({ tool, companions, spec }: FastenerSheet): SheetFact[] {
  if (companions?.nut.size.acrossFlatsMm === undefined) return [];
  const own = nutSpanner(companions.nut.size.acrossFlatsMm, spec.thread);
  const same = tool.kind === "spanner" && tool.mark === own.mark;
  return same ? [] : [["Its nut turned with", upperFirst(turningToolWords(own))]];
}

function tools(sheet: FastenerSheet, units: Units): SheetSection {
  const { tool, drill, clearance, recess } = sheet;
  const facts: SheetFact[] = [
    ["Turned with", upperFirst(turningToolWords(tool))],
    ...nutTool(sheet),
    ...(sheet.stud === undefined
      ? [["Tapping drill", drillFigure(drill.drill, units)] as const]
      : []),
  ];
  if (clearance !== undefined) {
    const hole = ({ mm, mark }: { mm: number; mark: string }) => {
      const written = printLength(mm, units);
      return written === `${mark} mm` || /^[\d.]+$/.test(mark) ? written : `${mark} (${written})`;
    };
    facts.push(["Clearance hole, close", hole(clearance.close)]);
    facts.push(["Clearance hole, normal", hole(clearance.normal)]);
    facts.push(["Clearance hole after", clearance.standard]);
  }
  if (recess !== undefined) facts.push(["For its head", upperFirst(recessWords(recess, units))]);
  return { id: "tools", title: "Spanner, drill and hole", facts, lines: [] };
}

const PRESSED =
  "A set screw is pressed by its end: no nut, no washer and no clearance hole goes with it. Lock it with thread-locking compound, or a second one on top.";

function companions({ companions: together }: FastenerSheet, units: Units): SheetSection {
  if (together === undefined) {
    return { id: "companions", title: "Nut, washer and locking", facts: [], lines: [PRESSED] };
  }
  const { nut, washer, locking } = together;
  return {
    id: "companions",
    title: "Nut, washer and locking",
    facts: [],
    lines: [
      nutAdviceWords(nut, units),
      ...(nut.style !== "all-metal"
        ? []
        : [`A plain ${NUT_STYLE_WORDS.hex} does where compound or wedge-lock washers hold it.`]),
      washerAdviceWords(washer, units),
      ...locking.map((way) => LOCKING_WORDS[way]),
    ],
  };
}

function torque({ torque: range, strength: held }: FastenerSheet, units: Units): SheetSection {
  return {
    id: "torque",
    title: "Tightening torque",
    facts: range === undefined ? [] : [["Torque, estimate", torqueWords(range, units)]],
    lines:
      range === undefined
        ? [
            "No torque is estimated: its standard gives neither proof load nor yield. Ask the maker.",
          ]
        : [torqueBasisWords(range, held?.loads.proofN !== undefined)],
  };
}

/** The substitutes, each with what changes; the first line of each is its call-out. */
function substitutes({ substitutes: offered, spec }: FastenerSheet): SheetSection {
  return {
    id: "substitutes",
    title: "May go in instead",
    facts: [],
    lines: offered.map(({ spec: other, changes }) => {
      const changed = changes.map((change) => changeWords(change, spec.thread)).join(" ");
      return `${formatCallout(other)}. ${changed}`;
    }),
  };
}

function never({ never: refused, spec }: FastenerSheet): SheetSection {
  return {
    id: "never",
    title: "Must not go in",
    facts: [],
    lines: refused.map((one) => neverUseWords(one, spec.thread)),
  };
}

/** The whole sheet in words, in the units asked for. */
export function sheetWords(sheet: FastenerSheet, units: Units): SheetWords {
  return {
    callout: formatCallout(sheet.spec),
    spoken: counterWords(sheet.spec),
    problems: sheet.problems.map(specProblemWords),
    cautions: [...sheet.cautions.map(cautionWords), EVERY_SHEET_CAUTION],
    sections: [
      sizes(sheet, units),
      strength(sheet, units),
      tools(sheet, units),
      companions(sheet, units),
      torque(sheet, units),
      substitutes(sheet),
      never(sheet),
    ],
  };
}
