import { z } from "zod/mini";

/** Every way the API says no: the status that goes with the code, and what it means. The one catalogue of them. */
export const API_ERRORS = {
  "invalid-json": { status: 400, means: "What was sent is not JSON." },
  "invalid-body": {
    status: 400,
    means: "What was sent cannot be taken; each fault is named by its place.",
  },
  "invalid-id": { status: 400, means: "The id in the address is none." },
  "invalid-query": { status: 400, means: "What the address asks for cannot be read." },
  "too-large": { status: 413, means: "What was sent is too large." },
  "wrong-content-type": { status: 415, means: "Only JSON is taken, as application/json." },
  "machine-not-found": { status: 404, means: "There is no such machine." },
  "position-not-found": { status: 404, means: "There is no such position." },
  "position-in-itself": {
    status: 400,
    means: "A position cannot stand within itself, nor within another machine's.",
  },
  "position-merged": {
    status: 409,
    means: "The position was made one with another: nothing is changed of it any more.",
  },
  "job-not-found": { status: 404, means: "There is no such job." },
  "order-not-found": { status: 404, means: "There is no such order." },
  "no-supplier": { status: 404, means: "This server knows no supplier." },
  "supplier-away": { status: 503, means: "The supplier did not answer; nothing was ordered." },
  "supplier-nonsense": { status: 502, means: "What the supplier answered is no quotation." },
  "note-not-found": { status: 404, means: "There is no such note." },
  "word-not-found": { status: 404, means: "There is no such word." },
  "picture-not-found": { status: 404, means: "There is no such picture." },
  "identification-not-found": { status: 404, means: "There is no such identification." },
  "repair-not-found": { status: 404, means: "There is no such repair." },
  conflict: {
    status: 409,
    means: "Another device has changed the record since; nothing was stored.",
  },
  "store-busy": { status: 503, means: "Another program holds the database; nothing was stored." },
  "store-cannot-write": {
    status: 507,
    means: "The disk of the server is full, or may not be written to; nothing was stored.",
  },
  "unknown-host": { status: 421, means: "The server is not known by the name it was asked under." },
  "too-many-streams": {
    status: 503,
    means: "As many screens follow the caliper, or the changes, as can be.",
  },
  "precondition-failed": { status: 412, means: "It is not the version that was asked for." },
  "range-not-satisfiable": { status: 416, means: "There is no such part of the file." },
  "no-such-address": { status: 404, means: "There is nothing at this address." },
  internal: { status: 500, means: "The server could not do it; nothing was stored." },
} as const satisfies Readonly<Record<string, { readonly status: number; readonly means: string }>>;

export type ApiErrorCode = keyof typeof API_ERRORS;

export const API_ERROR_CODES = Object.keys(API_ERRORS) as ApiErrorCode[];

export const apiErrorSchema = z.object({
  error: z.object({
    code: z.enum(API_ERROR_CODES),
    message: z.string(),
    issues: z.optional(z.array(z.object({ path: z.string(), message: z.string() }))),
  }),
});

export type ApiError = z.infer<typeof apiErrorSchema>;
