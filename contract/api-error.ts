import { z } from "zod/mini";

/** Every way the API says no. The server gives each a status; a client may tell them apart by code. */
export const API_ERROR_CODES = [
  "invalid-json",
  "invalid-body",
  "invalid-id",
  "invalid-query",
  "too-large",
  "wrong-content-type",
  "job-not-found",
  "identification-not-found",
  "repair-not-found",
  "conflict",
  "store-busy",
  "unknown-host",
  "too-many-streams",
  "precondition-failed",
  "range-not-satisfiable",
  "no-such-address",
  "internal",
] as const;

export const apiErrorSchema = z.object({
  error: z.object({
    code: z.enum(API_ERROR_CODES),
    message: z.string(),
    issues: z.optional(z.array(z.object({ path: z.string(), message: z.string() }))),
  }),
});

export type ApiErrorCode = (typeof API_ERROR_CODES)[number];
export type ApiError = z.infer<typeof apiErrorSchema>;
