import type { OriginPlace, Reading } from "../identify/weigh";

/** Words for where a maker was, each with the place whose threads were used there. */
const PLACES: readonly (readonly [RegExp, OriginPlace])[] = [
  [
    /\b(?:britain|british|england|english|scotland|scottish|wales|u\.?k\.?|g\.?b\.?)(?![a-z])/i,
    "britain",
  ],
  [/\b(?:united states|u\.?s\.?a?\.?|america|american|canada|canadian)(?![a-z])/i, "north-america"],
  [/\b(?:japan|japanese)\b/i, "japan"],
  [
    /\b(?:germany|german|france|french|ital(?:y|ian)|switzerland|swiss|austria|sweden|swedish|denmark|norway|netherlands|dutch|belgium|spain|czech\w*|poland|europe|european)\b/i,
    "europe",
  ],
];

const YEAR = /\b(1[789]\d\d|20\d\d)s?\b/;

/** The place that a maker's country stands for; undefined where it names none of those that are told apart. */
function placeOfCountry(country: string): OriginPlace | undefined {
  return PLACES.find(([words]) => words.test(country))?.[1];
}

/** The first year that a text names: "Britain, 1926". */
export function yearIn(text: string): number | undefined {
  const found = YEAR.exec(text)?.[1];
  return found === undefined ? undefined : Number(found);
}

/** What is known of a machine's make. */
export interface MachineMake {
  /** The maker's country, as it was written. */
  readonly origin: string;
  /** The year it was built in, where that is known. */
  readonly year: number | null;
}

/**
 * What a machine's make says of the threads on it, as a reading; undefined where it says nothing. A machine that was built
 * in a year is older than the next one.
 */
export function originReading({ origin, year }: MachineMake): Reading | undefined {
  const place = placeOfCountry(origin);
  const built = year ?? yearIn(origin);
  if (place === undefined && built === undefined) return undefined;
  return {
    kind: "origin",
    ...(place === undefined ? {} : { place }),
    ...(built === undefined ? {} : { before: built + 1 }),
  };
}
