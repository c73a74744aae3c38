import {
  limits,
  mmFromInches,
  sideOf,
  sizesOverCrests,
  threadById,
  tpiFromPitchMm,
  type Reading,
  type Thread,
} from "@root-gauge/core";
import type { SeededRandom } from "./random";
import type { DemoFastener } from "./scenario";

/** A made part's size within its band, and what a caliper makes of it: the spreads the engine assumes. */
const PART_SD_OF_BAND = 1 / 5;
const CALIPER_SD_MM = 0.02;
/** An inch, as threads are counted. */
const COUNTED_INCHES = 1;
const CREST_PITCHES = 10;

interface TrueSizes {
  /** Over the crests: of a nut, its bore. */
  readonly overCrestsMm: number;
  readonly pitchMm: number;
  readonly tpi: number | undefined;
}

function catalogued(id: string): Thread {
  const thread = threadById(id);
  if (thread === undefined) throw new RangeError(`the scenario names an unknown thread: ${id}`);
  return thread;
}

const isInside = ({ part }: DemoFastener) => part !== undefined && sideOf(part) === "internal";

function trueSizes(fastener: DemoFastener, random: SeededRandom): TrueSizes {
  const thread = catalogued(fastener.truth);
  const sizes = isInside(fastener) ? limits(thread, "internal").minor : sizesOverCrests(thread);
  const { min = thread.majorMm, max = thread.majorMm } = sizes ?? {};
  const overCrestsMm = (min + max) / 2 + random.normal() * (max - min) * PART_SD_OF_BAND;
  return { overCrestsMm, pitchMm: thread.pitchMm, tpi: thread.tpi };
}

const toHundredths = (mm: number) => Math.round(mm * 100) / 100;

function pitchReading(fastener: DemoFastener, sizes: TrueSizes, random: SeededRandom): Reading {
  switch (fastener.pitchBy) {
    case "leaf":
      return sizes.tpi === undefined
        ? { kind: "leaf", pitchMm: sizes.pitchMm, outcome: "drops-in" }
        : { kind: "leaf", tpi: sizes.tpi, outcome: "drops-in" };
    case "count":
      return {
        kind: "count",
        threads: Math.round(tpiFromPitchMm(sizes.pitchMm) * COUNTED_INCHES),
        spanMm: mmFromInches(COUNTED_INCHES),
      };
    case "crest-to-crest":
      return {
        kind: "crest-to-crest",
        pitches: CREST_PITCHES,
        mm: toHundredths(CREST_PITCHES * sizes.pitchMm + random.normal() * CALIPER_SD_MM),
      };
  }
}

/** The readings a fitter would have taken of this fastener. */
export function drawReadings(fastener: DemoFastener, random: SeededRandom): Reading[] {
  const sizes = trueSizes(fastener, random);
  const mm = toHundredths(sizes.overCrestsMm + random.normal() * CALIPER_SD_MM);
  const kind = isInside(fastener) ? "internal-diameter" : "external-diameter";
  return [
    { kind, mm, instrument: "caliper" },
    pitchReading(fastener, sizes, random),
    ...(fastener.seen ?? []),
  ];
}
