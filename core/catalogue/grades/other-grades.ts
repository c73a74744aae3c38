import { mmFromInches } from "../../measure";
import type { Grade } from "./grade";

type StainlessRow = readonly [suffix: string, yieldMpa: number, tensile: number, toMm: number];

/** ISO 3506-1:2009, table 2: 0.2 % stress and tensile strength, MPa. It gives no proof load. Classes 70 and 80 to M24. */
const AUSTENITIC: readonly StainlessRow[] = [
  ["50", 210, 500, 39],
  ["70", 450, 700, 24],
  ["80", 600, 800, 24],
];

/** ISO 3506-1:2009, table 3: martensitic and ferritic steels, which a magnet holds. */
const MAGNETIC: readonly (readonly [string, number, number])[] = [
  ["C1-50", 250, 500],
  ["C1-70", 410, 700],
  ["C1-110", 820, 1100],
  ["C3-80", 640, 800],
  ["C4-50", 250, 500],
  ["C4-70", 410, 700],
  ["F1-45", 250, 450],
  ["F1-60", 410, 600],
];

function stainless(id: string, yieldMpa: number, tensileMpa: number, toMm: number): Grade {
  return {
    id,
    name: id,
    system: "stainless",
    standard: "ISO 3506-1",
    mark: id,
    bands: [{ fromMm: 1.6, toMm, yieldMpa, tensileMpa }],
    verified: true,
  };
}

/** Stainless steels A1 to A5, C and F. */
export const STAINLESS_GRADES: readonly Grade[] = [
  ...["A1", "A2", "A3", "A4", "A5"].flatMap((steel) =>
    AUSTENITIC.map(([suffix, yieldMpa, tensile, toMm]) =>
      stainless(`${steel}-${suffix}`, yieldMpa, tensile, toMm),
    ),
  ),
  ...MAGNETIC.map(([id, yieldMpa, tensile]) => stainless(id, yieldMpa, tensile, 39)),
];

type NonFerrousRow = readonly [
  id: string,
  fromMm: number,
  toMm: number,
  yieldMpa: number,
  tensile: number,
];

/**
 * ISO 8839:1986, table 2: copper alloys (CU2 and CU3 are the brasses of screws) and aluminium alloys; 0.2 % stress and
 * tensile strength, MPa. Written down from memory of the table, so unverified; it gives no proof load.
 */
const ISO_8839: readonly NonFerrousRow[] = [
  ["CU1", 1.6, 39, 160, 240],
  ["CU2", 1.6, 6, 340, 440],
  ["CU2", 6.001, 39, 250, 370],
  ["CU3", 1.6, 6, 340, 440],
  ["CU3", 6.001, 39, 250, 370],
  ["CU4", 1.6, 12, 340, 470],
  ["CU4", 12.001, 39, 200, 400],
  ["CU5", 1.6, 39, 540, 590],
  ["CU6", 6.001, 39, 180, 440],
  ["CU7", 12.001, 39, 270, 640],
  ["AL1", 1.6, 10, 230, 270],
  ["AL1", 10.001, 20, 180, 250],
  ["AL2", 1.6, 14, 205, 310],
  ["AL2", 14.001, 36, 200, 280],
  ["AL3", 1.6, 6, 250, 320],
  ["AL3", 6.001, 39, 260, 310],
  ["AL4", 1.6, 10, 290, 420],
  ["AL4", 10.001, 39, 260, 380],
  ["AL5", 1.6, 39, 380, 460],
  ["AL6", 1.6, 39, 440, 510],
];

/** Classes of copper and aluminium alloys. */
export const NON_FERROUS_GRADES: readonly Grade[] = [...new Set(ISO_8839.map(([id]) => id))].map(
  (id) => ({
    id,
    name: id,
    system: "non-ferrous",
    standard: "ISO 8839",
    mark: id,
    bands: ISO_8839.filter((row) => row[0] === id).map(
      ([, fromMm, toMm, yieldMpa, tensileMpa]) => ({ fromMm, toMm, yieldMpa, tensileMpa }),
    ),
    verified: false,
  }),
);

/** 1 long ton-force per square inch in MPa. */
const MPA_PER_TON = 15.4443;

/** Letters of older British practice (BS 1083, BS 1768) and their least tensile strength, long tons per square inch. */
const LETTERS: readonly (readonly [string, number])[] = [
  ["R", 45],
  ["S", 50],
  ["T", 55],
  ["V", 65],
  ["X", 75],
];

const BRITISH_SIZES = { fromMm: mmFromInches(0.05), toMm: mmFromInches(2) };

/**
 * British letters, and plain mild steel of 28 tons (BS 916) for what bears none. Only the tensile strength is known,
 * and not from the standard itself: all of them are unverified.
 */
export const BRITISH_GRADES: readonly Grade[] = [
  {
    id: "mild-28",
    name: "28-ton mild steel",
    system: "british",
    standard: "BS 916",
    mark: "none",
    bands: [{ ...BRITISH_SIZES, tensileMpa: 28 * MPA_PER_TON }],
    verified: false,
  },
  ...LETTERS.map(([letter, tons]): Grade => ({
    id: `letter-${letter}`,
    name: `grade ${letter}`,
    system: "british",
    standard: "BS 1083, BS 1768",
    mark: `letter:${letter}`,
    bands: [{ ...BRITISH_SIZES, tensileMpa: tons * MPA_PER_TON }],
    verified: false,
  })),
];
