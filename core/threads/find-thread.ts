import { mmFromInches } from "../units";
import { catalogue } from "./catalogue";
import { readDesignation, type WrittenDesignation } from "./read-designation";
import type { Thread } from "./thread";

/** Why a written designation is no thread of the catalogue. `words` makes the sentence. */
export type DesignationProblem =
  | { readonly code: "designation-unreadable"; readonly read: string }
  | {
      readonly code: "pitch-not-held";
      readonly read: string;
      /** The threads of that size that are held. */
      readonly held: readonly Thread[];
    }
  | {
      readonly code: "size-not-held";
      readonly read: string;
      /** The nearest sizes of that kind on either side. */
      readonly neighbours: readonly Thread[];
    };

/** What a written designation came to. */
export type DesignationReading =
  | {
      readonly kind: "found";
      readonly thread: Thread;
      /** Others that are written the same way but less usually, as 1/4-20 BSW beside UNC. */
      readonly others: readonly Thread[];
      /** What was written after the thread, such as a length. */
      readonly rest?: string;
    }
  | { readonly kind: "choices"; readonly threads: readonly Thread[] }
  | { readonly kind: "problem"; readonly problem: DesignationProblem };

/** A decimal size is written to three or four places: half a thousandth of an inch either way. */
const SIZE_TOLERANCE_MM = mmFromInches(0.0006);
const PITCH_TOLERANCE_MM = 0.0015;

/** The figure a designation gives for the size of this thread, in mm: BA and Pg by number, pipes by name. */
function writtenSizeMm(thread: Thread): number {
  if (thread.family === "ba" || thread.series === "Pg") {
    return Number(/[\d.]+/.exec(thread.designation)?.[0]);
  }
  return thread.namedInch === undefined ? thread.majorMm : mmFromInches(thread.namedInch);
}

function isOfKind(thread: Thread, written: WrittenDesignation): boolean {
  const inchWritten = written.family === undefined;
  if (inchWritten && thread.namedInch === undefined) return false;
  return (
    (inchWritten || thread.family === written.family) &&
    (written.series?.includes(thread.series) ?? true)
  );
}

function hasPitch(thread: Thread, { pitchMm, tpi }: WrittenDesignation): boolean {
  if (tpi !== undefined) return thread.tpi === tpi;
  return pitchMm === undefined || Math.abs(thread.pitchMm - pitchMm) < PITCH_TOLERANCE_MM;
}

/** The threads of the first size, in the order they may be meant, that satisfies the rest. */
function ofWrittenSize(threads: readonly Thread[], { sizes }: WrittenDesignation): Thread[] {
  for (const { figure, numbered = false } of sizes) {
    const found = threads.filter(
      (thread) =>
        Math.abs(writtenSizeMm(thread) - figure) < SIZE_TOLERANCE_MM &&
        (!numbered || thread.designation.startsWith("#")),
    );
    if (found.length > 0) return found;
  }
  return [];
}

function neighboursOf(threads: readonly Thread[], sizeMm: number): Thread[] {
  const sorted = [...threads].sort((a, b) => writtenSizeMm(a) - writtenSizeMm(b));
  const below = sorted.findLast((thread) => writtenSizeMm(thread) < sizeMm);
  const above = sorted.find((thread) => writtenSizeMm(thread) > sizeMm);
  return [below, above].filter((thread) => thread !== undefined);
}

function handed(thread: Thread, { hand, starts }: WrittenDesignation): Thread {
  if (hand === undefined && starts === undefined) return thread;
  return { ...thread, hand: hand ?? thread.hand, starts: starts ?? thread.starts };
}

/** Written without a series, threads per inch mean the unified thread where there is one (ASME B1.1's own way of writing). */
function usual(found: readonly Thread[], written: WrittenDesignation): Thread | undefined {
  if (found.length === 1) return found[0];
  if (written.series !== undefined || written.tpi === undefined) return undefined;
  const unified = found.filter(({ family }) => family === "unified");
  return unified.length === 1 ? unified[0] : undefined;
}

function missing(text: string, written: WrittenDesignation): DesignationReading {
  const ofKind = catalogue().filter((thread) => isOfKind(thread, written));
  const anySeries = { ...written, series: undefined };
  const ofAnySeries = catalogue().filter((thread) => isOfKind(thread, anySeries));
  const held = ofWrittenSize(ofKind, written);
  const heldOtherwise = held.length > 0 ? held : ofWrittenSize(ofAnySeries, written);
  if (heldOtherwise.length > 0) {
    return {
      kind: "problem",
      problem: { code: "pitch-not-held", read: text, held: heldOtherwise },
    };
  }
  const sizeMm = written.sizes.at(-1)?.figure ?? 0;
  const neighbours = neighboursOf(ofKind, sizeMm);
  return { kind: "problem", problem: { code: "size-not-held", read: text, neighbours } };
}

function exactly(text: string): Thread | undefined {
  const wanted = text.trim().toLowerCase();
  return catalogue().find(
    ({ designation, alsoCalled = [] }) =>
      designation.toLowerCase() === wanted ||
      alsoCalled.some((name) => name.toLowerCase() === wanted),
  );
}

/**
 * Finds what a written designation means: one thread, several to choose from, or why it is none.
 * Case, spaces, a comma for the point do not matter; what follows the thread is handed back as `rest`.
 */
export function lookUpThread(text: string): DesignationReading {
  const exact = exactly(text);
  if (exact !== undefined) return { kind: "found", thread: exact, others: [] };
  const read = text.trim();
  const written = readDesignation(text);
  if (written === undefined || !written.sizes.every(({ figure }) => Number.isFinite(figure))) {
    return { kind: "problem", problem: { code: "designation-unreadable", read } };
  }
  const fitting = catalogue().filter(
    (thread) => isOfKind(thread, written) && hasPitch(thread, written),
  );
  const found = ofWrittenSize(fitting, written);
  if (found.length === 0) return missing(read, written);
  const chosen = usual(found, written);
  if (chosen === undefined) return { kind: "choices", threads: found };
  return {
    kind: "found",
    thread: handed(chosen, written),
    others: found.filter((thread) => thread !== chosen),
    ...(written.rest === undefined ? {} : { rest: written.rest }),
  };
}

/**
 * The one thread that a written designation means: "m10", "M10x1.25", "#10-32 unf", "1/2 bsw", "R 3/4", "2BA".
 * A metric size without a pitch is the coarse thread.
 * @returns undefined when nothing or more than one thread fits; `lookUpThread` says which
 */
export function findThread(text: string): Thread | undefined {
  const reading = lookUpThread(text);
  return reading.kind === "found" ? reading.thread : undefined;
}
