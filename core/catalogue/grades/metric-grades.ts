import type { Mm } from "../../measure";
import type { Grade, GradeBand } from "./grade";

type Row = readonly [
  id: string,
  fromMm: Mm,
  toMm: Mm,
  proof: number,
  yieldMpa: number,
  tensile: number,
  hvMin: number,
  hvMax: number,
];

/**
 * ISO 898-1:2013, table 3: proof stress Sp, lower yield (or stress at 0.2 % or 0.0048 d), least tensile strength, MPa,
 * and Vickers hardness. Left out: impact, decarburisation, surface hardness. Its sizes are M1.6 to M39.
 */
const ISO_898_1: readonly Row[] = [
  ["4.6", 1.6, 39, 225, 240, 400, 120, 220],
  ["4.8", 1.6, 39, 310, 340, 420, 130, 220],
  ["5.6", 1.6, 39, 280, 300, 500, 155, 220],
  ["5.8", 1.6, 39, 380, 420, 520, 160, 220],
  ["6.8", 1.6, 39, 440, 480, 600, 190, 250],
  ["8.8", 1.6, 16, 580, 640, 800, 250, 320],
  ["8.8", 16.001, 39, 600, 660, 830, 255, 335],
  ["9.8", 1.6, 16, 650, 720, 900, 290, 360],
  ["10.9", 1.6, 39, 830, 940, 1040, 320, 380],
  ["12.9", 1.6, 39, 970, 1100, 1220, 385, 435],
];

function bandOf([, fromMm, toMm, proofMpa, yieldMpa, tensileMpa, min, max]: Row): GradeBand {
  return { fromMm, toMm, proofMpa, yieldMpa, tensileMpa, hardness: { scale: "HV", min, max } };
}

/** Property classes of carbon and alloy steel, weakest first. */
export const METRIC_GRADES: readonly Grade[] = [...new Set(ISO_898_1.map(([id]) => id))].map(
  (id) => ({
    id,
    name: id,
    system: "metric",
    standard: "ISO 898-1",
    mark: id,
    bands: ISO_898_1.filter((row) => row[0] === id).map(bandOf),
    verified: true,
  }),
);
