import type { PinSheet } from "../../decide/sheet";
import { inchesFromMm, printLength, printPlain, type Mm, type Units } from "../../measure";
import { section, type SheetFact, type SheetSection } from "./section";

const PIN_LINES: Readonly<Record<PinSheet["spec"]["style"], readonly string[]>> = {
  dowel: [
    "Pressed or tapped in with a soft punch; in a blind hole one with a flat or a bore, so that the air comes out.",
  ],
  taper: [
    "Named by its small end: drilled to that, then reamed 1:50 with both parts together, until the pin stands a few millimetres proud and is driven home.",
  ],
  split: ["Named by the hole it goes through, not by its own wire. New each time; both legs bent."],
  spring: ["Drilled to its own size; it springs out in the hole. Driven in with a stepped punch."],
  clevis: ["Turns in its hole; a split pin or a clip holds it."],
};

/** The sections of a pin: its sizes, what is not known of its strength, and the hole it goes in. */
export function pinSections({ spec, facts }: PinSheet, units: Units): readonly SheetSection[] {
  const { style, diameterMm, lengthMm } = spec;
  const { standard, fit, limits, hole } = facts;
  const range = (least: Mm, most: Mm) => `${printFine(least, units)} to ${printFine(most, units)}`;
  const holed: readonly SheetFact[] =
    hole?.leastMm === undefined || hole.mostMm === undefined
      ? []
      : [[`Hole, ${hole.fit}`, range(hole.leastMm, hole.mostMm)]];
  return [
    section(
      "sizes",
      "Sizes",
      [
        ["Diameter", printLength(diameterMm, units)],
        ...(limits === undefined || fit === undefined
          ? []
          : [[`Its limits, ${fit}`, range(limits.leastMm, limits.mostMm)] as const]),
        ...(lengthMm === undefined ? [] : [["Length", printLength(lengthMm, units)] as const]),
        ...(standard === undefined ? [] : [["Sizes after", standard] as const]),
      ],
      standard === undefined ? [NO_INCH_PINS] : [],
    ),
    section("strength", "Strength", [], [PIN_STRENGTH]),
    section(
      "tools",
      "The hole for it",
      [
        ...holed,
        ...(hole?.drilledMm === undefined
          ? []
          : [["Drilled to, before the reamer", printLength(hole.drilledMm, units)] as const]),
      ],
      PIN_LINES[style],
    ),
  ];
}

const NO_INCH_PINS =
  "No table is held for inch pins: order it by its size and kind as written, and take the hole from its maker’s sheet.";
const PIN_STRENGTH =
  "No load is held: what shears a pin hangs on its steel. Say hardened (ISO 8734) or not, as the drawing does.";

/** Limits of a fit are micrometres: three decimals of a millimetre, four of an inch. */
const printFine = (mm: Mm, units: Units) =>
  units === "mm" ? `${printPlain(mm, 3)} mm` : `${printPlain(inchesFromMm(mm), 4)} in`;

/** What pins are called. */
export const PIN_STYLE_WORDS: Readonly<Record<PinSheet["spec"]["style"], string>> = {
  dowel: "dowel pin",
  taper: "taper pin",
  split: "split pin",
  spring: "spring pin",
  clevis: "clevis pin",
};
