import { MOST_LETTERS, mmFromInches, oneSpelling } from "../../measure";
import { catalogue, threadById } from "./catalogue";
import { insertTappedId } from "./insert-tapped";
import { toleranceClasses } from "./limits";
import { readDesignation, type WrittenDesignation } from "./read-designation";
import type { Thread } from "./thread";

/** Why a written designation is no thread of the catalogue. `words` makes the sentence. */
export type DesignationProblem =
  | { readonly code: "designation-unreadable"; readonly read: string }
  | { readonly code: "designation-too-long"; readonly letters: number; readonly most: number }
  /** A thread was read, and more was written than the thread. */
  | {
      readonly code: "designation-left-over";
      readonly read: string;
      readonly thread: Thread;
      readonly rest: string;
    }
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
      /** The class it was written with, where its standard has it. */
      readonly toleranceClass?: string;
      /** What was written after the thread and is no part of it, such as a length. */
      readonly rest?: string;
    }
  | {
      readonly kind: "choices";
      readonly threads: readonly Thread[];
      readonly rest?: string;
    }
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

interface Sized {
  readonly thread: Thread;
  readonly sizeMm: number;
}

let bySize: readonly Sized[] | undefined;

/** The catalogue by the size its threads are written with, smallest first, in catalogue order where sizes are equal. */
function sizedThreads(): readonly Sized[] {
  bySize ??= catalogue()
    .map((thread) => ({ thread, sizeMm: writtenSizeMm(thread) }))
    .sort((a, b) => a.sizeMm - b.sizeMm);
  return bySize;
}

/** The place of the first thread that is not smaller. */
function placeOf(sizeMm: number): number {
  const sized = sizedThreads();
  let [from, to] = [0, sized.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((sized[middle]?.sizeMm ?? 0) < sizeMm) from = middle + 1;
    else to = middle;
  }
  return from;
}

/** The threads of the first size, in the order they may be meant, that satisfies the rest. */
function ofWrittenSize(
  { sizes }: WrittenDesignation,
  fits: (thread: Thread) => boolean,
): readonly Thread[] {
  for (const { figure, numbered = false } of sizes) {
    const found = sizedThreads()
      .slice(placeOf(figure - SIZE_TOLERANCE_MM), placeOf(figure + SIZE_TOLERANCE_MM))
      .map(({ thread }) => thread)
      .filter((thread) => fits(thread) && (!numbered || thread.designation.startsWith("#")));
    if (found.length > 0) return found.sort((a, b) => placeInCatalogue(a) - placeInCatalogue(b));
  }
  return [];
}

let places: ReadonlyMap<Thread, number> | undefined;

function placeInCatalogue(thread: Thread): number {
  places ??= new Map(catalogue().map((one, at) => [one, at]));
  return places.get(thread) ?? 0;
}

function neighboursOf(ofKind: (thread: Thread) => boolean, figure: number): Thread[] {
  const sized = sizedThreads();
  const below = sized.findLast(({ thread, sizeMm }) => sizeMm < figure && ofKind(thread));
  const above = sized.find(({ thread, sizeMm }) => sizeMm > figure && ofKind(thread));
  return [below?.thread, above?.thread].filter((thread) => thread !== undefined);
}

/** The thread with what was said of its hand and starts; several starts are written with their lead (ISO 2902). */
function handed(thread: Thread, { hand, starts }: WrittenDesignation): Thread {
  if (hand === undefined && starts === undefined) return thread;
  const { majorMm, pitchMm } = thread;
  return {
    ...thread,
    hand: hand ?? thread.hand,
    ...(starts === undefined
      ? {}
      : { starts, designation: `Tr ${majorMm} x ${starts * pitchMm} (P${pitchMm})` }),
  };
}

/** Written without a series, threads per inch mean the unified thread where there is one (ASME B1.1's own way of writing). */
function usual(found: readonly Thread[], written: WrittenDesignation): Thread | undefined {
  if (found.length === 1) return found[0];
  if (written.series !== undefined || written.tpi === undefined) return undefined;
  const unified = found.filter(({ family }) => family === "unified");
  return unified.length === 1 ? unified[0] : undefined;
}

function missing(text: string, written: WrittenDesignation): DesignationReading {
  const ofKind = (thread: Thread) => isOfKind(thread, written);
  const anySeries = { ...written, series: undefined };
  const held = ofWrittenSize(written, ofKind);
  const heldOtherwise =
    held.length > 0 ? held : ofWrittenSize(written, (thread) => isOfKind(thread, anySeries));
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

/** The class as its standard writes it; the case tells 6g of a bolt from 6G of a nut, and is forgiven elsewhere. */
function classHeld(thread: Thread, written: string): string | undefined {
  const held = [...toleranceClasses(thread, "external"), ...toleranceClasses(thread, "internal")];
  const each = written.split("/").map((one) => {
    const same = held.filter((name) => name.toLowerCase() === one.toLowerCase());
    return same.find((name) => name === one) ?? (same.length === 1 ? same[0] : undefined);
  });
  return each.includes(undefined) ? undefined : each.join("/");
}

/** What is not the thread: a class its standard does not have, and what was left. */
function besides(
  thread: Thread,
  { toleranceClass: written, rest }: WrittenDesignation,
): { readonly toleranceClass?: string; readonly rest?: string } {
  const toleranceClass = written === undefined ? undefined : classHeld(thread, written);
  const left = [rest, toleranceClass === undefined ? written : undefined].filter(Boolean).join(" ");
  return {
    ...(toleranceClass === undefined ? {} : { toleranceClass }),
    ...(left === "" ? {} : { rest: left }),
  };
}

let byName: ReadonlyMap<string, Thread> | undefined;

/** The thread that is called just so; where two are, the first of the catalogue. */
function exactly(text: string): Thread | undefined {
  byName ??= new Map(
    [...catalogue()]
      .reverse()
      .flatMap((thread) =>
        [thread.designation, ...(thread.alsoCalled ?? [])].map((name): [string, Thread] => [
          name.toLowerCase(),
          thread,
        ]),
      ),
  );
  return byName.get(text.toLowerCase());
}

/** "STI M10", "EG M10", "M10 STI": a hole that is tapped for a wire insert round that thread. */
const INSERT_WORD = /^(?:sti|eg)[ -]+(?<after>.+)$|^(?<before>.+)[ -]+sti$/i;

/** The hole that is tapped for an insert round what was written. */
function tappedForInsert(text: string): DesignationReading {
  const inside = lookUpThread(text);
  if (inside.kind !== "found") return inside;
  const tapped = threadById(insertTappedId(inside.thread));
  if (tapped === undefined) {
    const { thread } = inside;
    return { kind: "problem", problem: { code: "pitch-not-held", read: text, held: [thread] } };
  }
  const { rest } = inside;
  return { kind: "found", thread: tapped, others: [], ...(rest === undefined ? {} : { rest }) };
}

/**
 * Finds what a written designation means: one thread, several to choose from, or why it is none.
 * Case, spaces, a comma for the point do not matter. Nothing written is dropped: what is no part of the thread is handed
 * back as `rest`, for a reader that knows what may follow; `lookUpThreadAlone` is for those where nothing may.
 */
export function lookUpThread(text: string): DesignationReading {
  const read = text.trim();
  if (read.length > MOST_LETTERS) {
    const problem = { letters: read.length, most: MOST_LETTERS } as const;
    return { kind: "problem", problem: { code: "designation-too-long", ...problem } };
  }
  const inside = INSERT_WORD.exec(oneSpelling(text))?.groups;
  if (inside !== undefined) return tappedForInsert(inside.before ?? inside.after ?? "");
  const exact = exactly(oneSpelling(text));
  if (exact !== undefined) return { kind: "found", thread: exact, others: [] };
  const written = readDesignation(text);
  const sizes = written?.sizes ?? [];
  if (
    written === undefined ||
    sizes.length === 0 ||
    !sizes.every(({ figure }) => Number.isFinite(figure))
  ) {
    return { kind: "problem", problem: { code: "designation-unreadable", read } };
  }
  const found = ofWrittenSize(
    written,
    (thread) => isOfKind(thread, written) && hasPitch(thread, written),
  );
  const [first] = found;
  if (first === undefined) return missing(read, written);
  const chosen = usual(found, written);
  if (chosen === undefined) {
    const { rest } = besides(first, written);
    return { kind: "choices", threads: found, ...(rest === undefined ? {} : { rest }) };
  }
  return {
    kind: "found",
    thread: handed(chosen, written),
    others: found.filter((thread) => thread !== chosen),
    ...besides(chosen, written),
  };
}

/** As `lookUpThread`, where a thread and nothing else is wanted: anything more is a problem that names it. */
export function lookUpThreadAlone(text: string): DesignationReading {
  const reading = lookUpThread(text);
  if (reading.kind === "problem" || reading.rest === undefined) return reading;
  const [thread] = reading.kind === "found" ? [reading.thread] : reading.threads;
  const read = text.trim();
  return {
    kind: "problem",
    problem:
      thread === undefined
        ? { code: "designation-unreadable", read }
        : { code: "designation-left-over", read, thread, rest: reading.rest },
  };
}

/**
 * The one thread that a written designation means: "m10", "M10x1.25", "#10-32 unf", "1/2 bsw", "R 3/4", "2BA".
 * A metric size without a pitch is the coarse thread.
 * @returns undefined when nothing or more than one thread fits, or when more than a thread was written;
 * `lookUpThreadAlone` says which
 */
export function findThread(text: string): Thread | undefined {
  const reading = lookUpThreadAlone(text);
  return reading.kind === "found" ? reading.thread : undefined;
}
