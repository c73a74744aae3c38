import { threadUses } from "../../catalogue/notes";
import { commonnessWeight } from "../weigh";
import {
  catalogue,
  lookUpThread,
  type DesignationProblem,
  type Thread,
  type ThreadFamily,
  type ThreadSide,
} from "../../catalogue/threads";
import type { Mm, Units } from "../../measure";
import { reachOf } from "./reach";
import { readQueryFigures } from "./read-query";
import { nearestPitches, type PitchNeighbour } from "./standard-pitches";

/** Why a thread is among the hits. */
export type HitReason =
  | { readonly kind: "listed" }
  | { readonly kind: "name" }
  /** By diameter: how far the figure is outside the sound part's sizes, 0 inside, negative under, positive over. */
  | { readonly kind: "diameter"; readonly offMm: Mm }
  | { readonly kind: "pitch" };

export interface ThreadHit {
  readonly thread: Thread;
  readonly reason: HitReason;
}

/** What the search took the text for. `words` makes the sentence. */
export type Understanding =
  | {
      readonly kind: "name";
      /** What was written after the thread and is no part of it. */
      readonly rest?: string;
    }
  | { readonly kind: "diameter"; readonly mm: Mm; readonly side: ThreadSide }
  | {
      readonly kind: "diameter-outside";
      readonly mm: Mm;
      readonly minMm: Mm;
      readonly maxMm: Mm;
      readonly side: ThreadSide;
    }
  | {
      readonly kind: "pitch";
      readonly pitchMm: Mm;
      readonly tpi?: number;
      /** The standard pitch it is, or those on either side of it. */
      readonly neighbours: readonly PitchNeighbour[];
    }
  | { readonly kind: "problem"; readonly problem: DesignationProblem };

export interface ThreadSearch {
  readonly hits: readonly ThreadHit[];
  readonly understood: readonly Understanding[];
}

interface ThreadFilter {
  readonly family?: ThreadFamily;
  readonly series?: string;
  readonly flankAngleDeg?: number;
}

export interface SearchOptions {
  /** The unit of a bare decimal. */
  readonly units: Units;
  readonly filter?: ThreadFilter;
  /** Where a diameter was read: over the crests (default) or in the bore of a nut. */
  readonly side?: ThreadSide;
}

function passes(thread: Thread, { family, series, flankAngleDeg }: ThreadFilter): boolean {
  return (
    (family === undefined || thread.family === family) &&
    (series === undefined || thread.series === series) &&
    (flankAngleDeg === undefined || thread.flankAngleDeg === flankAngleDeg)
  );
}

const squeezed = (text: string) => text.toLowerCase().replace(/[\s"×-]/g, "");

const names = new Map<string, string>();

/** All that a thread is called, its family and the parts it is met on, run together once. */
function namesOf(thread: Thread): string {
  const { id, designation, alsoCalled = [], series, family } = thread;
  const known = names.get(id);
  if (known !== undefined) return known;
  const made = [designation, ...alsoCalled, series, family, ...threadUses(thread).slice(1)]
    .map(squeezed)
    .join(" ");
  names.set(id, made);
  return made;
}

/** Threads one of whose names begins with what was typed so far, or that are called by every word of it. */
function byName(text: string, threads: readonly Thread[]): Thread[] {
  const typed = squeezed(text);
  const words = text.trim().toLowerCase().split(/\s+/);
  const begins = threads.filter((thread) => ` ${namesOf(thread)}`.includes(` ${typed}`));
  if (begins.length > 0 || !/[a-z]/i.test(text)) return begins;
  return threads.filter((thread) =>
    words.every((word) => namesOf(thread).includes(squeezed(word))),
  );
}

/** A caliper reads no finer than this, mm: what is off by less counts as inside. */
const CALIPER_DOUBT_MM = 0.04;

const doubtfully = (offMm: Mm) => Math.floor(Math.abs(offMm) / CALIPER_DOUBT_MM);

function byDiameter(mm: Mm, side: ThreadSide, threads: readonly Thread[]): ThreadHit[] {
  return threads
    .flatMap((thread): { thread: Thread; offMm: Mm }[] => {
      const reach = reachOf(thread, side);
      if (reach === undefined || mm < reach.reachMin || mm > reach.reachMax) return [];
      const offMm = mm < reach.min ? mm - reach.min : Math.max(0, mm - reach.max);
      return [{ thread, offMm }];
    })
    .sort(
      (a, b) =>
        doubtfully(a.offMm) - doubtfully(b.offMm) ||
        commonnessWeight(b.thread) - commonnessWeight(a.thread) ||
        Math.abs(a.offMm) - Math.abs(b.offMm),
    )
    .map(({ thread, offMm }) => ({ thread, reason: { kind: "diameter", offMm } }));
}

const ends: Partial<Record<ThreadSide, { minMm: Mm; maxMm: Mm }>> = {};

/** The smallest and the largest size that any thread may be met at, worked out once a side. */
function endsOfCatalogue(side: ThreadSide): { minMm: Mm; maxMm: Mm } {
  return (ends[side] ??= reachEnds(side));
}

function reachEnds(side: ThreadSide): { minMm: Mm; maxMm: Mm } {
  const reaches = catalogue().flatMap((thread) => reachOf(thread, side) ?? []);
  return {
    minMm: Math.min(...reaches.map(({ reachMin }) => reachMin)),
    maxMm: Math.max(...reaches.map(({ reachMax }) => reachMax)),
  };
}

function understandDiameter(mm: Mm, side: ThreadSide): Understanding {
  const { minMm, maxMm } = endsOfCatalogue(side);
  return mm < minMm || mm > maxMm
    ? { kind: "diameter-outside", mm, side, minMm, maxMm }
    : { kind: "diameter", mm, side };
}

/** A pitch's own threads, or those of the standard pitches on either side. */
function byPitch(neighbours: readonly PitchNeighbour[], threads: readonly Thread[]): ThreadHit[] {
  return threads
    .filter((thread) =>
      neighbours.some(({ pitchMm }) => Math.abs(pitchMm - thread.pitchMm) < 0.0005),
    )
    .map((thread) => ({ thread, reason: { kind: "pitch" } }));
}

function listed(threads: readonly Thread[], kind: "listed" | "name"): ThreadHit[] {
  return threads.map((thread) => ({ thread, reason: { kind } }));
}

function searchNames(text: string, threads: readonly Thread[]): ThreadSearch {
  const looked = lookUpThread(text);
  const passing = new Set(threads.map(({ id }) => id));
  const kept = (found: readonly Thread[]) => found.filter(({ id }) => passing.has(id));
  const exact =
    looked.kind === "found"
      ? kept([looked.thread, ...looked.others])
      : kept(looked.kind === "choices" ? looked.threads : []);
  const exactIds = new Set(exact.map(({ id }) => id));
  const others = byName(text, threads).filter(({ id }) => !exactIds.has(id));
  const hits = listed([...exact, ...others], "name");
  if (hits.length > 0) {
    const rest = looked.kind === "problem" ? undefined : looked.rest;
    return { hits, understood: [{ kind: "name", ...(rest === undefined ? {} : { rest }) }] };
  }
  if (looked.kind !== "problem") return { hits: [], understood: [] };
  const { problem } = looked;
  const near =
    problem.code === "pitch-not-held"
      ? problem.held
      : problem.code === "size-not-held"
        ? problem.neighbours
        : [];
  return { hits: listed(kept(near), "name"), understood: [{ kind: "problem", problem }] };
}

/**
 * Works out beforehand what every search needs (names, sizes within reach on both sides), so that the first keystroke
 * is as quick as the next.
 */
export function prepareSearch(): void {
  for (const thread of catalogue()) {
    namesOf(thread);
    reachOf(thread, "external");
    reachOf(thread, "internal");
  }
}

/**
 * Searches the whole catalogue by whatever was typed: a designation or the beginning of one, a diameter as measured
 * ("9.5 mm", ".37", "3/8"), a pitch ("1.25 pitch", "20 tpi"). Nothing typed lists everything that passes the filter.
 * A figure that is both a name and a diameter is answered as both, names first.
 */
export function searchThreads(text: string, options: SearchOptions): ThreadSearch {
  const { units, filter = {}, side = "external" } = options;
  const threads = catalogue().filter((thread) => passes(thread, filter));
  if (text.trim() === "") return { hits: listed(threads, "listed"), understood: [] };
  const { pitch, diameterMm } = readQueryFigures(text, units);
  if (pitch !== undefined) {
    const neighbours = nearestPitches(pitch.pitchMm);
    return {
      hits: byPitch(neighbours, threads),
      understood: [{ kind: "pitch", ...pitch, neighbours }],
    };
  }
  const named = searchNames(text, threads);
  if (diameterMm === undefined) return named;
  const nameHits = named.understood.some(({ kind }) => kind === "name") ? named.hits : [];
  const taken = new Set(nameHits.map(({ thread }) => thread.id));
  const sized = byDiameter(diameterMm, side, threads).filter(({ thread }) => !taken.has(thread.id));
  return {
    hits: [...nameHits, ...sized],
    understood: [
      ...(nameHits.length > 0 ? [{ kind: "name" } as const] : []),
      understandDiameter(diameterMm, side),
    ],
  };
}
