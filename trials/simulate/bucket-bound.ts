import {
  bucketFitter,
  bucketPart,
  takeLeaf,
  takeSize,
  type BucketPart,
  type SaidCount,
  type SaidPitch,
  type SaidSize,
} from "../bucket";
import { seededRandom } from "@root-gauge/core/random";

/** A part of the bucket with the two readings that were taken of it. */
export interface TwoReadings {
  readonly part: BucketPart;
  readonly size: SaidSize;
  readonly pitch: SaidPitch | SaidCount;
}

export function drawTwo(random: ReturnType<typeof seededRandom>): TwoReadings {
  const part = bucketPart(random);
  const fitter = bucketFitter(random);
  return { part, size: takeSize(part, fitter, random), pitch: takeLeaf(part, fitter, random) };
}

function pitchKey(pitch: SaidPitch | SaidCount): string {
  return pitch.says === "count"
    ? `${pitch.threads} in ${pitch.spanMm}`
    : `${pitch.tpi ?? ""}/${pitch.pitchMm ?? ""}`;
}

/** What a judge sees, from all of it to the least: the finer cell decides where it has been met often enough. */
function cellsOf({ part, size, pitch }: TwoReadings): readonly string[] {
  const seen = `${part.kind} ${pitchKey(pitch)}`;
  const coarse = (Math.round(size.mm / 0.03) * 0.03).toFixed(2);
  return [
    `${seen} ${size.condition ?? ""} ${size.mm.toFixed(2)}`,
    `${seen} ${size.mm.toFixed(2)}`,
    `${part.side} ${pitchKey(pitch)} ${coarse}`,
  ];
}

const ROUGHLY_MM = 0.06;

function roughly({ part, size, pitch }: TwoReadings, step: number): string {
  return `${part.side} ${pitchKey(pitch)} ${Math.round(size.mm / ROUGHLY_MM) + step}`;
}

const nameOf = ({ thread }: BucketPart) => thread?.id ?? "none";

/** A cell met less often than this is judged by the wider one around it. */
const MET_OFTEN = 6;

/** What is met in every cell of two readings, counted over many parts. */
export class BucketTable {
  private readonly cells = new Map<string, Map<string, number>>();
  /** Roughly where sound readings were met, every neighbour with them. */
  private readonly sound = new Set<string>();

  constructor(parts: number, seed: number) {
    const random = seededRandom(seed);
    for (let i = 0; i < parts; i += 1) {
      const two = drawTwo(random);
      const name = nameOf(two.part);
      if (two.size.slip === undefined && two.pitch.slip === undefined) {
        for (const step of [-1, 0, 1]) this.sound.add(roughly(two, step));
      }
      for (const cell of cellsOf(two)) {
        const counts = this.cells.get(cell) ?? new Map<string, number>();
        counts.set(name, (counts.get(name) ?? 0) + 1);
        this.cells.set(cell, counts);
      }
    }
  }

  /** Whether readings like these were met with no slip in them. */
  metSound(two: TwoReadings): boolean {
    return this.sound.has(roughly(two, 0));
  }

  /** The thread that these readings were met with most often; undefined where they never were. */
  commonest(two: TwoReadings): string | undefined {
    const found = cellsOf(two)
      .map((cell) => [...(this.cells.get(cell) ?? [])])
      .filter((counts) => counts.length > 0);
    const often = found.find(
      (counts) => counts.reduce((sum, [, count]) => sum + count, 0) >= MET_OFTEN,
    );
    const counts = often ?? found.at(-1);
    return counts?.reduce((a, b) => (b[1] > a[1] ? b : a))[0];
  }
}
