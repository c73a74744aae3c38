import type { ApiError, ApiErrorCode } from "@root-gauge/contract";
import { z } from "zod/mini";

// The sentences of what is wrong; without them every one would read "Invalid input".
z.config(z.locales.en());

/** What a writer is told who has not seen the newest version. */
export function changedElsewhere(
  what: "machine" | "position" | "part" | "repair" | "word" | "note" | "job" | "order",
): ApiFailure {
  return new ApiFailure(
    "conflict",
    `Another device has changed this ${what} since. Nothing was stored: look at both and say which one is right.`,
  );
}

type Issues = NonNullable<ApiError["error"]["issues"]>;

/** A refusal that a route means: thrown by it, answered by the one error handler. */
export class ApiFailure extends Error {
  override readonly name = "ApiFailure";

  constructor(
    readonly code: ApiErrorCode,
    message: string,
    readonly issues?: Issues,
  ) {
    super(message);
  }

  toBody(): ApiError {
    const issues = this.issues === undefined ? {} : { issues: this.issues };
    return { error: { code: this.code, message: this.message, ...issues } };
  }
}

/** zod's issues as paths ("readings.0.mm") and sentences. */
function issuesOf(error: z.core.$ZodError): Issues {
  return error.issues.map(({ path, message }) => ({ path: path.map(String).join("."), message }));
}

/** What was checked, as a refusal calls it. */
const WHAT = {
  "invalid-body": "What was sent",
  "invalid-id": "The id in the address",
  "invalid-query": "What the address asks for",
} as const;

/**
 * Checks something a client sent.
 * @throws ApiFailure with the given code and every issue found
 */
export function checked<Schema extends z.ZodMiniType>(
  schema: Schema,
  value: unknown,
  code: keyof typeof WHAT,
): z.output<Schema> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const issues = issuesOf(parsed.error);
  const where = issues.map(({ path, message }) => (path === "" ? message : `${path}: ${message}`));
  throw new ApiFailure(code, `${WHAT[code]} cannot be taken. ${where.join("; ")}.`, issues);
}
