import { z } from "zod/mini";
import type { ApiErrorCode } from "./api-error";
import { machineIdSchema } from "./machine";

/** What an operation answers with: a record, a paper, or a stream of records, one to an event. */
export type Answer =
  | { readonly as: "json"; readonly schema: z.ZodMiniType }
  | { readonly as: "event-stream"; readonly schema: z.ZodMiniType }
  | { readonly as: "pdf" | "jpeg" };

/** One thing that can be asked of the API. */
export interface Operation {
  /** Its name, once in the whole API. */
  readonly id: string;
  readonly method: "get" | "put" | "post";
  /** Under /api, its parameters in braces. */
  readonly path: string;
  /** What it does, in a few words. */
  readonly does: string;
  readonly params?: z.ZodMiniObject;
  readonly query?: z.ZodMiniObject;
  readonly body?: z.ZodMiniType;
  readonly answer: Answer;
  /** How it says no, beside what any of them may. */
  readonly refusals: readonly ApiErrorCode[];
}

export const ofMachine = z.object({ id: machineIdSchema });
export const ofRecord = z.object({ id: z.uuid() });
export const json = (schema: z.ZodMiniType): Answer => ({ as: "json", schema });

/** How any write says no. */
export const WRITES = ["invalid-id", "invalid-body", "invalid-query", "conflict"] as const;
