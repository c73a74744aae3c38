import { z } from "zod/mini";
import type { ApiErrorCode } from "./api-error";
import { caliperCommandSchema, caliperFigureSchema } from "./caliper";
import { healthSchema } from "./health";
import {
  identificationInputSchema,
  identificationSchema,
  jobWithIdentificationsSchema,
} from "./identification";
import { jobIdSchema, jobInputSchema, jobListSchema, jobSchema } from "./job";
import { metSchema } from "./met";
import { ownWordInputSchema, ownWordListSchema, ownWordSchema } from "./own-word";
import { planPaperSchema, repairInputSchema, repairListSchema, repairSchema } from "./repair";
import { sheetQuerySchema } from "./replacement";
import { pageQuerySchema, writeSchema } from "./write";

/** What an operation answers with: a record, a paper, or a stream of records, one to an event. */
export type Answer =
  { readonly as: "json" | "event-stream"; readonly schema: z.ZodMiniType } | { readonly as: "pdf" };

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

const ofJob = z.object({ id: jobIdSchema });
const ofRecord = z.object({ id: z.uuid() });
const json = (schema: z.ZodMiniType): Answer => ({ as: "json", schema });

const WRITES = ["invalid-id", "invalid-body", "invalid-query", "conflict"] as const;

/** Everything that the server answers under /api: its document is made of this, and a test calls each. */
export const OPERATIONS: readonly Operation[] = [
  {
    id: "health",
    method: "get",
    path: "/health",
    does: "Whether the server and its database answer",
    answer: json(healthSchema),
    refusals: [],
  },
  {
    id: "listJobs",
    method: "get",
    path: "/jobs",
    does: "The jobs, the last changed first, a page at a time",
    query: pageQuerySchema,
    answer: json(jobListSchema),
    refusals: ["invalid-query"],
  },
  {
    id: "readJob",
    method: "get",
    path: "/jobs/{id}",
    does: "A job with its identifications, a page at a time",
    params: ofJob,
    query: pageQuerySchema,
    answer: json(jobWithIdentificationsSchema),
    refusals: ["invalid-id", "invalid-query", "job-not-found"],
  },
  {
    id: "saveJob",
    method: "put",
    path: "/jobs/{id}",
    does: "Makes a job, names it anew, takes it out of the lists or brings it back",
    params: ofJob,
    query: writeSchema,
    body: jobInputSchema,
    answer: json(jobSchema),
    refusals: WRITES,
  },
  {
    id: "readIdentification",
    method: "get",
    path: "/identifications/{id}",
    does: "An identification with its readings and what the server makes of them",
    params: ofRecord,
    answer: json(identificationSchema),
    refusals: ["invalid-id", "identification-not-found"],
  },
  {
    id: "saveIdentification",
    method: "put",
    path: "/identifications/{id}",
    does: "Keeps readings and what goes in; the server identifies by itself",
    params: ofRecord,
    query: writeSchema,
    body: identificationInputSchema,
    answer: json(identificationSchema),
    refusals: [...WRITES, "job-not-found"],
  },
  {
    id: "listRepairs",
    method: "get",
    path: "/jobs/{id}/repairs",
    does: "The repairs of a job, a page at a time",
    params: ofJob,
    query: pageQuerySchema,
    answer: json(repairListSchema),
    refusals: ["invalid-id", "invalid-query", "job-not-found"],
  },
  {
    id: "readRepair",
    method: "get",
    path: "/repairs/{id}",
    does: "A repair as far as it has been done",
    params: ofRecord,
    answer: json(repairSchema),
    refusals: ["invalid-id", "repair-not-found"],
  },
  {
    id: "saveRepair",
    method: "put",
    path: "/repairs/{id}",
    does: "Keeps a repair: the damage, what was chosen, and the steps done",
    params: ofRecord,
    query: writeSchema,
    body: repairInputSchema,
    answer: json(repairSchema),
    refusals: [...WRITES, "job-not-found"],
  },
  {
    id: "printWorkPlan",
    method: "post",
    path: "/work-plan.pdf",
    does: "The work plan of a repair, on paper",
    body: planPaperSchema,
    answer: { as: "pdf" },
    refusals: ["invalid-body"],
  },
  {
    id: "printFastenerSheet",
    method: "get",
    path: "/fastener-sheet.pdf",
    does: "The sheet of a bolt, screw or stud by its call-out, on paper",
    query: sheetQuerySchema,
    answer: { as: "pdf" },
    refusals: ["invalid-query"],
  },
  {
    id: "listWords",
    method: "get",
    path: "/words",
    does: "The workshop's own words of call-outs",
    answer: json(ownWordListSchema),
    refusals: [],
  },
  {
    id: "saveWord",
    method: "put",
    path: "/words/{id}",
    does: "Teaches a word, changes what it means, or forgets it",
    params: ofRecord,
    query: writeSchema,
    body: ownWordInputSchema,
    answer: json(ownWordSchema),
    refusals: WRITES,
  },
  {
    id: "readMet",
    method: "get",
    path: "/met",
    does: "How many parts of each thread this workshop has settled",
    answer: json(metSchema),
    refusals: [],
  },
  {
    id: "streamCaliper",
    method: "get",
    path: "/caliper",
    does: "What a caliper that sends shows now, and on",
    answer: { as: "event-stream", schema: caliperFigureSchema },
    refusals: ["too-many-streams"],
  },
  {
    id: "pressCaliper",
    method: "put",
    path: "/caliper",
    does: "Presses a button of the caliper",
    body: caliperCommandSchema,
    answer: json(caliperFigureSchema),
    refusals: ["invalid-body"],
  },
];
