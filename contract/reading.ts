import type {
  Drive,
  Finish,
  HeadStyle,
  IdentifyOptions,
  PartKind,
  Reading,
} from "@root-gauge/core";
import { z } from "zod";
import { ACCEPTED } from "./accepted";

const lengthWithin = ({ minMm, maxMm }: { minMm: number; maxMm: number }) =>
  z.number().min(minMm).max(maxMm);

const threads = z.number().min(ACCEPTED.threads.min).max(ACCEPTED.threads.max);

const condition = z.enum(["sound", "worn", "rusted", "plated", "galvanised", "painted"]).optional();

const externalDiameter = z.strictObject({
  kind: z.literal("external-diameter"),
  mm: lengthWithin(ACCEPTED.diameter),
  instrument: z.enum(["caliper", "micrometer", "rule"]).optional(),
  condition,
});

const diameterBetween = z
  .strictObject({
    kind: z.literal("diameter-between"),
    overMm: lengthWithin(ACCEPTED.diameter),
    notOverMm: lengthWithin(ACCEPTED.diameter),
    condition,
  })
  .refine(({ overMm, notOverMm }) => overMm < notOverMm, {
    error: "the hole it does not enter must be smaller than the one it enters",
  });

const internalDiameter = z.strictObject({
  kind: z.literal("internal-diameter"),
  mm: lengthWithin(ACCEPTED.bore),
  instrument: z.enum(["caliper", "pin"]).optional(),
  condition,
});

const taperMeasured = z
  .strictObject({
    kind: z.literal("taper-measured"),
    smallMm: lengthWithin(ACCEPTED.diameter),
    largeMm: lengthWithin(ACCEPTED.diameter),
    apartMm: lengthWithin(ACCEPTED.apart),
  })
  .refine(({ smallMm, largeMm }) => smallMm <= largeMm, {
    error: "the small end must not be larger than the large end",
  });

const hand = z.strictObject({ kind: z.literal("hand"), hand: z.enum(["right", "left"]) });

const words = z.string().trim().min(1).max(ACCEPTED.text.max);

const headMark = z.strictObject({ kind: z.literal("head-mark"), mark: words });

const trialFit = z.strictObject({
  kind: z.literal("trial-fit"),
  with: words,
  partIs: z.enum(["external", "internal"]),
  outcome: z.enum(["runs-freely", "binds", "will-not-start", "loose"]),
  turns: z.number().min(ACCEPTED.turns.min).max(ACCEPTED.turns.max).optional(),
});

const acrossFlats = z.strictObject({
  kind: z.literal("across-flats"),
  mm: lengthWithin(ACCEPTED.flats),
});

const length = z.strictObject({ kind: z.literal("length"), mm: lengthWithin(ACCEPTED.length) });

const headStyleSchema: z.ZodType<HeadStyle> = z.enum([
  "hex",
  "flange-hex",
  "socket-cap",
  "low-cap",
  "narrow-cap",
  "button",
  "csk",
  "raised-csk",
  "pan",
  "truss",
  "cheese",
  "carriage",
  "square",
  "t",
  "set",
  "shoulder",
  "stud",
  "eye",
  "wing",
]);

const driveSchema: z.ZodType<Drive> = z.enum([
  "hexagon",
  "socket",
  "slot",
  "cross",
  "star",
  "square",
  "hand",
  "none",
]);

const finishSchema: z.ZodType<Finish> = z.enum([
  "plain",
  "zinc",
  "zinc-yellow",
  "zinc-flake",
  "nickel",
  "galvanised",
  "stainless",
  "brass",
  "cadmium",
]);

const headStyle = z.strictObject({
  kind: z.literal("head-style"),
  head: headStyleSchema,
  drive: driveSchema.optional(),
});

const finish = z.strictObject({ kind: z.literal("finish"), finish: finishSchema });

const magnet = z.strictObject({ kind: z.literal("magnet"), sticks: z.boolean() });

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

const isPitch = (mm: number) => mm >= ACCEPTED.pitch.minMm && mm <= ACCEPTED.pitch.maxMm;

const NO_PITCH = {
  error: `so many threads in so much are no pitch: ${ACCEPTED.pitch.minMm} to ${ACCEPTED.pitch.maxMm} mm is accepted`,
};

const count = z
  .strictObject({
    kind: z.literal("count"),
    threads,
    spanMm: lengthWithin(ACCEPTED.span),
  })
  .refine(({ threads: counted, spanMm }) => isPitch(spanMm / counted), NO_PITCH);

const crestToCrest = z
  .strictObject({
    kind: z.literal("crest-to-crest"),
    pitches: threads.int(),
    mm: lengthWithin(ACCEPTED.span),
  })
  .refine(({ pitches, mm }) => isPitch(mm / pitches), NO_PITCH);

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
  diameterBetween,
  internalDiameter,
  leaf,
  count,
  crestToCrest,
  flankAngle,
  taper,
  taperMeasured,
  hand,
  headMark,
  trialFit,
  acrossFlats,
  length,
  headStyle,
  finish,
  magnet,
  origin,
  partFunction,
]);

/** More readings than this of one part are a slip, not diligence. */
export const MOST_READINGS = 50;

export const readingsSchema = z.array(readingSchema).max(MOST_READINGS);

export const partKindSchema: z.ZodType<PartKind> = z.enum([
  "bolt",
  "stud",
  "nut",
  "tapped-hole",
  "pipe-male",
  "pipe-female",
]);

/** What is stored with the readings; the tools owned and the tests skipped are this person's, on this device. */
export const identifyOptionsSchema: z.ZodType<Pick<IdentifyOptions, "useCommonness" | "part">> =
  z.strictObject({
    useCommonness: z.boolean().optional(),
    part: partKindSchema.optional(),
  });
