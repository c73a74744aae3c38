import { mmFromInches } from "../units";
import { catalogue } from "./catalogue";
import type { Thread } from "./thread";
import { numberedSizeInches } from "./unified";

/** What a written designation asks for; absent parts were not written. */
interface Wanted {
  readonly family: "iso-metric" | "unified";
  readonly majorMm: number;
  readonly pitchMm?: number;
  readonly tpi?: number;
  readonly series?: string;
}

const METRIC = /^m?\s*(\d+(?:\.\d+)?)(?:\s*[x×*]\s*(\d+(?:\.\d+)?))?\s*(coarse|fine)?$/;
const INCH =
  /^(#|no\.?\s*)?\s*(\d+)?(?:[\s-]*(?<=^|[\s-])(\d+\/\d+))?(\d*\.\d+)?\s*(?:in|")?\s*(?:[-\s]\s*(\d+(?:\.\d+)?))?\s*(unc|unf|coarse|fine)?$/;

/**
 * Finds a thread from what people write: "m10", "M10x1.25", "8 x 1", "1/2-13", "1/2 unf", "#10-32", "no. 8 coarse".
 * Case, spaces and a comma for the point do not matter. A metric size without a pitch is the coarse thread.
 * @returns the thread, or undefined when nothing or more than one thing fits
 */
export function findThread(text: string): Thread | undefined {
  const written = text
    .trim()
    .toLowerCase()
    .replace(/(\d),(\d)/g, "$1.$2");
  const exact = catalogue().find((thread) => thread.designation.toLowerCase() === written);
  if (exact !== undefined) return exact;
  const wanted = readMetric(written) ?? readInch(written);
  if (wanted === undefined) return undefined;
  const found = catalogue().filter((thread) => fits(thread, wanted));
  return found.length === 1 ? found[0] : undefined;
}

function fits(thread: Thread, wanted: Wanted): boolean {
  return (
    thread.family === wanted.family &&
    Math.abs(thread.majorMm - wanted.majorMm) < 1e-6 &&
    (wanted.pitchMm === undefined || thread.pitchMm === wanted.pitchMm) &&
    (wanted.tpi === undefined || thread.tpi === wanted.tpi) &&
    (wanted.series === undefined || thread.series === wanted.series)
  );
}

function readMetric(written: string): Wanted | undefined {
  const parts = METRIC.exec(written);
  const [, major, pitch, series] = parts ?? [];
  if (major === undefined || (!written.startsWith("m") && pitch === undefined)) return undefined;
  return {
    family: "iso-metric",
    majorMm: Number(major),
    ...(pitch === undefined ? { series: series ?? "coarse" } : { pitchMm: Number(pitch) }),
  };
}

function readInch(written: string): Wanted | undefined {
  const parts = INCH.exec(written);
  if (parts === null) return undefined;
  const [, numberSign, whole, fraction, decimal, tpi, series] = parts;
  const inches = inchSize({ numbered: numberSign !== undefined, whole, fraction, decimal, tpi });
  if (inches === undefined) return undefined;
  return {
    family: "unified",
    majorMm: mmFromInches(inches),
    ...(tpi === undefined ? {} : { tpi: Number(tpi) }),
    ...(series === undefined ? {} : { series: seriesName(series) }),
  };
}

function seriesName(word: string): string {
  if (word === "coarse") return "UNC";
  return word === "fine" ? "UNF" : word.toUpperCase();
}

function inchSize(parts: {
  numbered: boolean;
  whole: string | undefined;
  fraction: string | undefined;
  decimal: string | undefined;
  tpi: string | undefined;
}): number | undefined {
  const { numbered, whole, fraction, decimal } = parts;
  if (fraction !== undefined) {
    const [numerator, denominator] = fraction.split("/").map(Number);
    if (numerator === undefined || denominator === undefined) return undefined;
    return Number(whole ?? 0) + numerator / denominator;
  }
  if (decimal !== undefined) return Number(`${whole ?? ""}${decimal}`);
  if (whole === undefined) return undefined;
  // "10-32" and "#10" are numbered sizes; "1-8" and "2-4.5" are inches. Whole inches run to 4, and #0 to #12
  // with pitches of 24 TPI and finer, so the thread count tells "1-64" from "1-8".
  const finePitch = parts.tpi !== undefined && Number(parts.tpi) >= 20;
  return numbered || finePitch ? numberedSizeInches(Number(whole)) : Number(whole);
}
