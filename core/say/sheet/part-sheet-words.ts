import {
  formatCallout,
  goingWith,
  type FittingEnd,
  type FittingSpec,
  type WasherSpec,
} from "../../callout";
import { drillWords, dangerWords, tellApartWords } from "../charts";
import type { WasherSize } from "../../catalogue/fasteners";
import type { Grade } from "../../catalogue/grades";
import type { LookAlike } from "../../identify/look-alikes";
import type {
  FittingSheet,
  NutSheet,
  PartSheet,
  PinSheet,
  PipeEnd,
  PlugSheet,
  WasherSheet,
} from "../../decide/sheet";
import type { Thread } from "../../catalogue/threads";
import { printLength, type Mm, type Units } from "../../measure";
import { FINISH_WORDS, areaWords, upperFirst } from "../common";
import { listWords } from "./callout-words";
import {
  NUT_STYLE_WORDS,
  WASHER_STYLE_WORDS,
  gradeSpoken,
  turningToolWords,
} from "./fastener-words";
import { madeToWords } from "./made-to-words";
import { PIN_STYLE_WORDS, pinSections } from "./pin-words";
import { EVERY_SHEET_CAUTION, cautionWords, washerAdviceWords } from "./replace-words";
import { section, type SheetFact, type SheetSection } from "./section";
import type { SheetWords } from "./sheet-words";

const namesOf = (grades: readonly Grade[]) =>
  listWords(
    grades.map(({ name }) => gradeSpoken(name)),
    "and",
  );

/** What it is mistaken for, what tells them apart, and what comes of it. */
function alike(sheet: Exclude<PartSheet, PinSheet>, units: Units): SheetSection {
  const of = (threads: readonly LookAlike[], thread: Thread) =>
    threads.flatMap((one) => [
      `${one.thread.designation}. ${tellApartWords(one, thread, units)}`,
      dangerWords(one, thread),
    ]);
  const lines = of(sheet.alike, sheet.spec.thread);
  const other = sheet.part === "fitting" ? sheet.spec.other : undefined;
  const others = sheet.part === "fitting" && other ? of(sheet.otherAlike, other.thread) : [];
  return section("never", "Mistaken for it", [], [...new Set([...lines, ...others])]);
}

const THIN =
  "It is too low to break a bolt: its own threads strip first. It locks, it does not hold.";
const NO_CLASS =
  "Nuts of this kind bear no class: take one as high as the old one, of the same kind.";
const SAY_CLASS =
  "No class was said. A nut is as strong as its bolt where the bolt breaks before the nut strips:";

function nutStrength({ nutClass, holds, strips, wanted, spec }: NutSheet): SheetSection {
  const title = "Strength";
  const named: readonly SheetFact[] =
    nutClass === undefined ? [] : [["Class", `${nutClass.name}, ${nutClass.standard}`]];
  if (nutClass?.thin === true || spec.style === "thin") {
    return section("strength", title, named, [THIN]);
  }
  if (nutClass === undefined) {
    const facts = wanted.map(([bolt, nut]): SheetFact => [
      `For ${gradeSpoken(bolt.name)}`,
      `${nut.name}, ${nut.standard}`,
    ]);
    const isGraded = wanted.some(([bolt]) => bolt.system !== "stainless");
    return section("strength", title, facts, isGraded ? [SAY_CLASS] : [NO_CLASS]);
  }
  return section("strength", title, named, [
    ...(holds.length === 0 ? [] : [`Holds bolts of ${namesOf(holds)} until they break.`]),
    ...(strips.length === 0
      ? []
      : [`Strips before bolts of ${namesOf(strips)} break: never under those.`]),
  ]);
}

function nutSections(sheet: NutSheet, units: Units): readonly SheetSection[] {
  const { size, spanner, washer, spec } = sheet;
  const isTabled = size.standard !== undefined;
  return [
    section(
      "sizes",
      "Sizes",
      [
        ...(size.acrossFlatsMm === undefined
          ? []
          : [["Across flats", printLength(size.acrossFlatsMm, units)] as const]),
        ...(spec.lengthMm === size.heightMm ? [] : asked("Length", spec.lengthMm, units)),
        [isTabled ? "Height" : "Height, in proportion", printLength(size.heightMm, units)],
        ...(size.pinMm === undefined ? [] : [["Pin", printLength(size.pinMm, units)] as const]),
        ...(size.standard === undefined ? [] : [["Sizes after", size.standard] as const]),
      ],
      [
        ...(isTabled ? [] : ["No table is held for its height: measure the old one."]),
        ...madeToWords(spec.madeTo, spec.thread, units),
      ],
    ),
    nutStrength(sheet),
    section(
      "tools",
      "What turns it",
      [],
      [
        spanner === undefined
          ? "No table is held for its width: try the spanner on it."
          : upperFirst(turningToolWords(spanner)),
      ],
    ),
    section(
      "companions",
      "Washer",
      [],
      [
        washerAdviceWords(
          { hardened: false, ...(washer === undefined ? {} : { size: washer }) },
          units,
        ),
        ...(spec.style === "nylon-insert"
          ? ["New each time, and not above 120 °C."]
          : spec.style === "castle"
            ? ["With a new split pin."]
            : []),
      ],
    ),
  ];
}

const sizesOf = (size: WasherSize, units: Units): SheetFact[] => [
  ["Hole", printLength(size.boreMm, units)],
  ["Across", printLength(size.outsideMm, units)],
  ["Thick", printLength(size.thickMm, units)],
  ["Sizes after", size.standard],
];

/** A length that is no standard's, where it was said. */
const asked = (what: string, mm: Mm | undefined, units: Units): SheetFact[] =>
  mm === undefined ? [] : [[`${what}, as asked for`, printLength(mm, units)]];

/** Of a washer that no table holds, what was asked for. */
const askedWasher = ({ outsideMm, thickMm }: WasherSpec, units: Units): SheetFact[] => [
  ...asked("Across", outsideMm, units),
  ...asked("Thick", thickMm, units),
];

function washerSections(sheet: WasherSheet, units: Units): readonly SheetSection[] {
  const { size, underHeadMm2, underWasherMm2, hardenedFor, spec } = sheet;
  const isFlat = spec.style === "flat" || spec.style === "large";
  return [
    section(
      "sizes",
      "Sizes",
      [
        ...(size === undefined ? askedWasher(spec, units) : sizesOf(size, units)),
        ...(spec.hardnessHv === undefined ? [] : [["Hardness", `${spec.hardnessHv} HV`] as const]),
      ],
      size === undefined ? ["No table is held for it: the maker’s figures are wanted."] : [],
    ),
    section(
      "strength",
      "What it bears",
      !isFlat || underHeadMm2 === undefined || underWasherMm2 === undefined
        ? []
        : [
            ["Face under a hexagon, estimate", areaWords(underHeadMm2, units)],
            ["Face under the washer", areaWords(underWasherMm2, units)],
          ],
      [
        ...(isFlat && hardenedFor.length > 0
          ? [
              `Under ${namesOf(hardenedFor)} take a hardened one: a soft one sinks in and the bolt goes slack.`,
            ]
          : []),
        ...(spec.style === "spring" ? ["A spring washer is normal practice; it does little."] : []),
        ...(spec.style === "wedge-lock" ? ["In pairs, their wedges together."] : []),
        ...(spec.style === "copper" || spec.style === "bonded-seal"
          ? ["It seals once: a new one each time, on clean flat faces."]
          : []),
      ],
    ),
  ];
}

const FITTING_STYLE_WORDS: Readonly<Record<FittingSpec["style"], string>> = {
  nipple: "nipple",
  "hexagon-nipple": "nipple with a hexagon",
  elbow: "elbow",
  tee: "tee",
  coupling: "coupling",
  union: "union",
  bush: "bush",
  cap: "cap over the end of a pipe",
  adaptor: "adaptor",
};

/** How it closes, in a sentence. */
function sealWords({ seal, thread }: PipeEnd): string {
  const name = thread.designation;
  if (seal === "on-threads" && thread.taper === undefined)
    return `${name} is parallel inside, and made for a taper thread to close on its threads, with tape or paste.`;
  return seal === "on-threads"
    ? `${name} is a taper thread: its size is at the gauge plane, and it closes on its threads, with tape or paste.`
    : `${name} is parallel: it closes on a face with a bonded seal or a copper washer under it, never on its threads.`;
}

const UNSAID = "Whether its thread is outside or inside was not said: say male or female.";

function sizesOfEnd(end: PipeEnd, which: string, units: Units): readonly SheetFact[] {
  const { ends, acrossMm, boreMm } = end;
  const across: SheetFact = [
    `${which}Across the crests, outside thread`,
    printLength(acrossMm, units),
  ];
  const bore: SheetFact = [`${which}Across the bore, inside thread`, printLength(boreMm, units)];
  return [...(ends === "female" ? [] : [across]), ...(ends === "male" ? [] : [bore])];
}

function pipeSections(sheet: PlugSheet | FittingSheet, units: Units): readonly SheetSection[] {
  const { ends } = sheet;
  const lengthMm = sheet.part === "fitting" ? sheet.spec.lengthMm : undefined;
  const which = ({ thread }: PipeEnd) => (ends.length === 1 ? "" : `${thread.designation}. `);
  const holes = ends.filter((end) => end.ends !== "female");
  const isReamed = holes.some(({ thread }) => thread.taper !== undefined);
  return [
    section(
      "sizes",
      "Sizes",
      [
        ...ends.flatMap((end) => sizesOfEnd(end, which(end), units)),
        ...asked("Length", lengthMm, units),
      ],
      [
        ...new Set(ends.map(sealWords)),
        ...(ends.some((end) => end.ends === undefined) ? [UNSAID] : []),
      ],
    ),
    section(
      "tools",
      "The hole for it",
      holes.map((end): SheetFact => [`${which(end)}Drill`, drillWords(end.drill.drill)]),
      isReamed ? ["Reamed to the taper first where it holds pressure."] : [],
    ),
  ];
}

/** The key or the spanner of a plug. */
function plugTool({ tool, spec }: PlugSheet): SheetSection {
  const line =
    spec.drive === undefined
      ? "What turns it was not said: a hexagon or a square on it, or a socket in it."
      : tool === undefined
        ? "No table is held for its key or its flats: measure the old one."
        : `${upperFirst(turningToolWords(tool))}, by ${tool.standard ?? "its standard"}.`;
  return section("companions", "What turns it", [], [line]);
}

function styleWords(spec: PartSheet["spec"]): string {
  switch (spec.part) {
    case "nut":
      return NUT_STYLE_WORDS[spec.style];
    case "washer":
      return WASHER_STYLE_WORDS[spec.style];
    case "plug":
      return "plug";
    case "pin":
      return PIN_STYLE_WORDS[spec.style];
    case "fitting":
      // Of two ends each is said by its own thread.
      return spec.other === undefined
        ? [spec.ends ?? "", FITTING_STYLE_WORDS[spec.style]].join(" ").trim()
        : FITTING_STYLE_WORDS[spec.style];
  }
}

/** The ends of a fitting that has two threads: " male at one end, G 3/8 female at the other". */
function otherEndWords(spec: PartSheet["spec"]): string {
  if (spec.part !== "fitting" || spec.other === undefined) return "";
  const said = ({ ends }: FittingEnd) => (ends === undefined ? "" : ` ${ends}`);
  const hand = spec.other.thread.hand === "left" ? ", left-hand" : "";
  return `${said(spec)} at one end, ${spec.other.thread.designation}${hand}${said(spec.other)} at the other`;
}

function spokenOf({ spec }: PartSheet): string {
  const { finish, quantity } = spec;
  const counted = quantity === undefined ? "" : `${quantity} of. `;
  if (spec.part === "pin") return `${counted}${upperFirst(formatCallout(spec))}.`;
  const { thread } = spec;
  const hand = thread.hand === "left" ? ", left-hand" : "";
  const made = finish === undefined ? "finish not said" : FINISH_WORDS[finish];
  const others = goingWith(spec).map(formatCallout);
  const together = others.length === 0 ? "" : `; with ${listWords(others, "and")}`;
  const sized = `${spec.part === "washer" ? "for " : ""}${thread.designation}${hand}`;
  return `${counted}${upperFirst(styleWords(spec))}; ${sized}${otherEndWords(spec)}; ${made}${together}.`;
}

function sectionsOf(sheet: PartSheet, units: Units): readonly SheetSection[] {
  switch (sheet.part) {
    case "nut":
      return nutSections(sheet, units);
    case "washer":
      return washerSections(sheet, units);
    case "plug":
      return [...pipeSections(sheet, units), plugTool(sheet)];
    case "fitting":
      return pipeSections(sheet, units);
    case "pin":
      return pinSections(sheet, units);
  }
}

/** The sheet of a nut, a washer, a plug or a fitting in words, in the units asked for. */
export function partSheetWords(sheet: PartSheet, units: Units): SheetWords {
  return {
    callout: formatCallout(sheet.spec),
    spoken: spokenOf(sheet),
    problems: [],
    cautions: [...sheet.cautions.map(cautionWords), EVERY_SHEET_CAUTION],
    sections: [...sectionsOf(sheet, units), ...(sheet.part === "pin" ? [] : [alike(sheet, units)])],
  };
}
