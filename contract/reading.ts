import type { IdentifyOptions, Reading } from "@root-gauge/core";
import { z } from "zod";
import { ACCEPTED } from "./accepted";

const lengthWithin = ({ minMm, maxMm }: { minMm: number; maxMm: number }) =>
  z.number().min(minMm).max(maxMm);

const threads = z.number().min(ACCEPTED.threads.min).max(ACCEPTED.threads.max);

const externalDiameter = z.strictObject({
  kind: z.literal("external-diameter"),
  mm: lengthWithin(ACCEPTED.diameter),
  instrument: z.enum(["caliper", "micrometer", "rule"]).optional(),
  condition: z.enum(["sound", "worn", "plated"]).optional(),
});

const leaf = z
  .strictObject({
    kind: z.literal("leaf"),
    pitchMm: z.number().min(0.1).max(12).optional(),
    tpi: z.number().min(2).max(200).optional(),
    outcome: z.enum(["drops-in", "rocks", "unsure"]),
    threadsEngaged: z.number().int().min(1).max(100).optional(),
  })
  .refine(({ pitchMm, tpi }) => (pitchMm === undefined) !== (tpi === undefined), {
    error: "a leaf carries either pitchMm or tpi",
  });

const count = z.strictObject({
  kind: z.literal("count"),
  threads,
  spanMm: lengthWithin(ACCEPTED.span),
});

const crestToCrest = z.strictObject({
  kind: z.literal("crest-to-crest"),
  pitches: threads.int(),
  mm: lengthWithin(ACCEPTED.span),
});

const flankAngle = z.strictObject({
  kind: z.literal("flank-angle"),
  degrees: z.literal([60, 55, 47.5, 30, 29, 80, 0]),
  sure: z.boolean().optional(),
});

const taper = z.strictObject({ kind: z.literal("taper"), tapered: z.boolean() });

const origin = z
  .strictObject({
    kind: z.literal("origin"),
    place: z.enum(["britain", "north-america", "europe", "japan", "unknown"]).optional(),
    before: z.number().int().min(ACCEPTED.year.min).max(ACCEPTED.year.max).optional(),
  })
  .refine(({ place, before }) => place !== undefined || before !== undefined, {
    error: "an origin carries a place or the year it is older than",
  });

const partFunction = z.strictObject({
  kind: z.literal("function"),
  what: z.enum(["bolt", "nut", "pipe-fitting", "plug", "power-screw", "electrical"]),
});

/** A reading as it crosses a border; every figure inside what is accepted. */
export const readingSchema: z.ZodType<Reading> = z.discriminatedUnion("kind", [
  externalDiameter,
  leaf,
  count,
  crestToCrest,
  flankAngle,
  taper,
  origin,
  partFunction,
]);

/** More readings than this of one part are a slip, not diligence. */
export const MOST_READINGS = 50;

export const readingsSchema = z.array(readingSchema).max(MOST_READINGS);

export const identifyOptionsSchema: z.ZodType<IdentifyOptions> = z.strictObject({
  useCommonness: z.boolean().optional(),
});
