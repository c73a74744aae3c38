import {
  mmFromInches,
  pitchMmFromTpi,
  readLength,
  type Mm,
  type Units,
  plainFigure,
} from "../../measure";

/** What a typed search may mean, besides a designation. */
export interface QueryFigures {
  readonly diameterMm?: Mm;
  readonly pitch?: { readonly pitchMm: Mm; readonly tpi?: number };
}

const PITCH_BEFORE = /^(?:p|pitch)\s*=?\s*(?<figure>\d*[.,]?\d+)\s*(?<unit>mm|in|tpi)?$/i;
const PITCH_AFTER =
  /^(?<figure>\d*[.,]?\d+)\s*(?:(?<unit>mm|in)?\s*pitch|(?<tpi>tpi|threads? per inch))$/i;
const SIGNS_BEFORE = /^(?:ø|dia(?:meter)?\.?|d\s*=)\s*/i;

const LENGTHS = { minMm: 0.05, maxMm: 1000 };
/** A pitch figure over this is threads per inch, whatever was left out. */
const COARSEST_PITCH_MM = 26;

function readPitch(text: string): QueryFigures["pitch"] {
  const groups = (PITCH_BEFORE.exec(text) ?? PITCH_AFTER.exec(text))?.groups;
  if (groups?.figure === undefined) return undefined;
  const figure = plainFigure(groups.figure);
  if (!(figure > 0)) return undefined;
  if (groups.tpi !== undefined || groups.unit?.toLowerCase() === "tpi") {
    return { pitchMm: pitchMmFromTpi(figure), tpi: figure };
  }
  if (groups.unit?.toLowerCase() === "in") return { pitchMm: mmFromInches(figure) };
  return figure > COARSEST_PITCH_MM ? undefined : { pitchMm: figure };
}

/**
 * Reads a diameter ("9.5 mm", ".37", "3/8", "Ø12,5") or a pitch ("1.25 pitch", "p1.5", "20 tpi") from a search.
 * @param units the unit of a bare decimal; a figure under 1 that starts with the point is inches, as they are written
 */
export function readQueryFigures(text: string, units: Units): QueryFigures {
  const typed = text.trim();
  const pitch = readPitch(typed);
  if (pitch !== undefined) return { pitch };
  const figure = typed.replace(SIGNS_BEFORE, "");
  const bareUnits = /^\.\d+$/.test(figure) ? "in" : units;
  const read = readLength(figure, bareUnits, LENGTHS);
  return read.ok ? { diameterMm: read.mm } : {};
}
