import {
  ACCEPTED,
  BORE_INSTRUMENTS,
  FLANK_ANGLES,
  PART_CONDITIONS,
  type EndReading,
  type IdentifyOptions,
  type Reading,
  type ReadingOf,
} from "@root-gauge/core";
import {
  CREST_FORMS,
  DIAMETER_INSTRUMENTS,
  DRIVES,
  FINISHES,
  GAUGES,
  HANDS,
  HEAD_STYLES,
  LEAF_OUTCOMES,
  ORIGIN_PLACES,
  PART_FUNCTIONS,
  PART_KINDS,
  THREAD_SIDES,
  TRADES,
  TRIAL_OUTCOMES,
} from "@root-gauge/core/lists";
import { z } from "zod/mini";

const within = ({ min, max }: { min: number; max: number }) =>
  z.number().check(z.minimum(min), z.maximum(max));

const lengthWithin = ({ minMm, maxMm }: { minMm: number; maxMm: number }) =>
  within({ min: minMm, max: maxMm });

const wholeWithin = ({ min, max }: { min: number; max: number }) =>
  z.int().check(z.minimum(min), z.maximum(max));

/** What was said of a reading's lengths: its own words, of which core believes those that agree with the figures. */
const said = z.optional(
  z.array(z.string().check(z.minLength(1), z.maxLength(40))).check(z.maxLength(3)),
);

const condition = z.optional(z.enum(PART_CONDITIONS));

const words = z.string().check(z.trim(), z.minLength(1), z.maxLength(ACCEPTED.text.max));

const isPitch = (mm: number) => mm >= ACCEPTED.pitch.minMm && mm <= ACCEPTED.pitch.maxMm;

const NO_PITCH = {
  error: `so many threads in so much are no pitch: ${ACCEPTED.pitch.minMm} to ${ACCEPTED.pitch.maxMm} mm is accepted`,
};

/** What is asked of each kind of reading of an end of a part; a kind without its schema does not compile. */
const END_SCHEMAS = {
  "external-diameter": z.strictObject({
    kind: z.literal("external-diameter"),
    said,
    mm: lengthWithin(ACCEPTED.diameter),
    instrument: z.optional(z.enum(DIAMETER_INSTRUMENTS)),
    condition,
  }),
  "diameter-between": z
    .strictObject({
      kind: z.literal("diameter-between"),
      said,
      overMm: lengthWithin(ACCEPTED.diameter),
      notOverMm: lengthWithin(ACCEPTED.diameter),
      condition,
    })
    .check(
      z.refine(({ overMm, notOverMm }) => overMm < notOverMm, {
        error: "the hole it does not enter must be smaller than the one it enters",
      }),
    ),
  "internal-diameter": z.strictObject({
    kind: z.literal("internal-diameter"),
    said,
    mm: lengthWithin(ACCEPTED.bore),
    instrument: z.optional(z.enum(BORE_INSTRUMENTS)),
    condition,
  }),
  leaf: z
    .strictObject({
      kind: z.literal("leaf"),
      pitchMm: z.optional(lengthWithin(ACCEPTED.leafPitch)),
      tpi: z.optional(within(ACCEPTED.leafTpi)),
      outcome: z.enum(LEAF_OUTCOMES),
      threadsEngaged: z.optional(wholeWithin(ACCEPTED.engaged)),
      gauge: z.optional(z.enum(GAUGES)),
    })
    .check(
      z.refine(({ pitchMm, tpi }) => (pitchMm === undefined) !== (tpi === undefined), {
        error: "a leaf carries either pitchMm or tpi",
      }),
    ),
  count: z
    .strictObject({
      kind: z.literal("count"),
      said,
      threads: within(ACCEPTED.threads),
      spanMm: lengthWithin(ACCEPTED.span),
    })
    .check(z.refine(({ threads, spanMm }) => isPitch(spanMm / threads), NO_PITCH)),
  "crest-to-crest": z
    .strictObject({
      kind: z.literal("crest-to-crest"),
      said,
      pitches: wholeWithin(ACCEPTED.threads),
      mm: lengthWithin(ACCEPTED.span),
    })
    .check(z.refine(({ pitches, mm }) => isPitch(mm / pitches), NO_PITCH)),
  "flank-angle": z.strictObject({
    kind: z.literal("flank-angle"),
    degrees: z.literal(FLANK_ANGLES),
    sure: z.optional(z.boolean()),
  }),
  "crest-form": z.strictObject({
    kind: z.literal("crest-form"),
    form: z.enum(CREST_FORMS),
  }),
  "thread-depth": z.strictObject({
    kind: z.literal("thread-depth"),
    said,
    mm: lengthWithin(ACCEPTED.depth),
  }),
  taper: z.strictObject({ kind: z.literal("taper"), tapered: z.boolean() }),
  "taper-measured": z
    .strictObject({
      kind: z.literal("taper-measured"),
      said,
      smallMm: lengthWithin(ACCEPTED.diameter),
      largeMm: lengthWithin(ACCEPTED.diameter),
      apartMm: lengthWithin(ACCEPTED.apart),
    })
    .check(
      z.refine(({ smallMm, largeMm }) => smallMm <= largeMm, {
        error: "the small end must not be larger than the large end",
      }),
    ),
  hand: z.strictObject({ kind: z.literal("hand"), hand: z.enum(HANDS) }),
  "head-mark": z.strictObject({ kind: z.literal("head-mark"), mark: words }),
  "trial-fit": z.strictObject({
    kind: z.literal("trial-fit"),
    with: words,
    partIs: z.enum(THREAD_SIDES),
    outcome: z.enum(TRIAL_OUTCOMES),
    turns: z.optional(within(ACCEPTED.turns)),
  }),
  "across-flats": z.strictObject({
    kind: z.literal("across-flats"),
    said,
    mm: lengthWithin(ACCEPTED.flats),
  }),
  length: z.strictObject({ kind: z.literal("length"), said, mm: lengthWithin(ACCEPTED.length) }),
  "thread-length": z.strictObject({
    kind: z.literal("thread-length"),
    said,
    mm: lengthWithin(ACCEPTED.length),
  }),
  "head-style": z.strictObject({
    kind: z.literal("head-style"),
    head: z.enum(HEAD_STYLES),
    drive: z.optional(z.enum(DRIVES)),
  }),
  finish: z.strictObject({ kind: z.literal("finish"), finish: z.enum(FINISHES) }),
  magnet: z.strictObject({ kind: z.literal("magnet"), sticks: z.boolean() }),
  origin: z
    .strictObject({
      kind: z.literal("origin"),
      place: z.optional(z.enum(ORIGIN_PLACES)),
      before: z.optional(wholeWithin(ACCEPTED.year)),
      trade: z.optional(z.enum(TRADES)),
    })
    .check(
      z.refine((origin) => (origin.place ?? origin.before ?? origin.trade) !== undefined, {
        error: "an origin carries a place, the year it is older than, or what the part is off",
      }),
    ),
  function: z.strictObject({ kind: z.literal("function"), what: z.enum(PART_FUNCTIONS) }),
} satisfies { readonly [K in EndReading["kind"]]: z.ZodMiniType<ReadingOf<K>> };

const { "external-diameter": first, ...others } = END_SCHEMAS;

/** More readings than this of one part are a slip, not diligence. */
const MOST_READINGS = 50;

const endReadingSchema: z.ZodMiniType<EndReading> = z.discriminatedUnion("kind", [
  first,
  ...Object.values(others),
]);

const otherEnd = z.strictObject({
  kind: z.literal("other-end"),
  readings: z.array(endReadingSchema).check(z.maxLength(MOST_READINGS)),
});

/** A reading as it crosses a border; every figure inside what is accepted. */
export const readingSchema: z.ZodMiniType<Reading> = z.discriminatedUnion("kind", [
  first,
  ...Object.values(others),
  otherEnd,
]);

export const readingsSchema = z.array(readingSchema).check(z.maxLength(MOST_READINGS));

/** What is stored with the readings; the tools owned and the tests skipped are this person's, on this device. */
export const identifyOptionsSchema: z.ZodMiniType<Pick<IdentifyOptions, "useCommonness" | "part">> =
  z.strictObject({
    useCommonness: z.optional(z.boolean()),
    part: z.optional(z.enum(PART_KINDS)),
  });
