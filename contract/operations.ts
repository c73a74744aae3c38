import { z } from "zod/mini";
import type { ApiErrorCode } from "./api-error";
import { caliperCommandSchema, caliperFigureSchema } from "./caliper";
import { healthSchema } from "./health";
import {
  identificationInputSchema,
  identificationListSchema,
  identificationSchema,
} from "./identification";
import { machineIdSchema, machineInputSchema, machineListSchema, machineSchema } from "./machine";
import { metSchema } from "./met";
import { changeListSchema } from "./change";
import { ownWordInputSchema, ownWordListSchema, ownWordSchema } from "./own-word";
import {
  positionInputSchema,
  positionListSchema,
  positionSchema,
  toOrderListSchema,
} from "./position";
import { planPaperSchema, repairInputSchema, repairListSchema, repairSchema } from "./repair";
import { sheetQuerySchema } from "./replacement";
import { remarkInputSchema, remarkListSchema, remarkSchema } from "./remark";
import { searchHitsSchema } from "./search";
import { foundQuerySchema, pageQuerySchema, toOrderQuerySchema, writeSchema } from "./write";

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

const ofMachine = z.object({ id: machineIdSchema });
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
    id: "listMachines",
    method: "get",
    path: "/machines",
    does: "The machines, the last changed first, a page at a time",
    query: pageQuerySchema,
    answer: json(machineListSchema),
    refusals: ["invalid-query"],
  },
  {
    id: "readMachine",
    method: "get",
    path: "/machines/{id}",
    does: "A machine, with how its positions stand",
    params: ofMachine,
    answer: json(machineSchema),
    refusals: ["invalid-id", "machine-not-found"],
  },
  {
    id: "listPositions",
    method: "get",
    path: "/machines/{id}/positions",
    does: "The positions of a machine, as its tree shows them, a page at a time",
    params: ofMachine,
    query: pageQuerySchema,
    answer: json(positionListSchema),
    refusals: ["invalid-id", "invalid-query", "machine-not-found"],
  },
  {
    id: "listFindingsOfMachine",
    method: "get",
    path: "/machines/{id}/identifications",
    does: "What was found on a machine, the last taken first, a page at a time",
    params: ofMachine,
    query: foundQuerySchema,
    answer: json(identificationListSchema),
    refusals: ["invalid-id", "invalid-query", "machine-not-found"],
  },
  {
    id: "saveMachine",
    method: "put",
    path: "/machines/{id}",
    does: "Makes a machine, names it anew, takes it out of the lists or brings it back",
    params: ofMachine,
    query: writeSchema,
    body: machineInputSchema,
    answer: json(machineSchema),
    refusals: WRITES,
  },
  {
    id: "listToOrder",
    method: "get",
    path: "/to-order",
    does: "The positions whose parts are to be ordered, of all machines or of one, a page at a time",
    query: toOrderQuerySchema,
    answer: json(toOrderListSchema),
    refusals: ["invalid-query"],
  },
  {
    id: "readPosition",
    method: "get",
    path: "/positions/{id}",
    does: "A position: where it stands, what goes in, and its state",
    params: ofRecord,
    answer: json(positionSchema),
    refusals: ["invalid-id", "position-not-found"],
  },
  {
    id: "savePosition",
    method: "put",
    path: "/positions/{id}",
    does: "Makes a position, changes it, moves it, takes it out of the lists or brings it back",
    params: ofRecord,
    query: writeSchema,
    body: positionInputSchema,
    answer: json(positionSchema),
    refusals: [...WRITES, "machine-not-found", "position-in-itself"],
  },
  {
    id: "listFindings",
    method: "get",
    path: "/positions/{id}/identifications",
    does: "What was found at a position, the last taken first, a page at a time",
    params: ofRecord,
    query: pageQuerySchema,
    answer: json(identificationListSchema),
    refusals: ["invalid-id", "invalid-query", "position-not-found"],
  },
  {
    id: "listRepairsOfPosition",
    method: "get",
    path: "/positions/{id}/repairs",
    does: "What was mended at a position, a page at a time",
    params: ofRecord,
    query: pageQuerySchema,
    answer: json(repairListSchema),
    refusals: ["invalid-id", "invalid-query", "position-not-found"],
  },
  {
    id: "listChanges",
    method: "get",
    path: "/positions/{id}/changes",
    does: "Who changed what of a position, from what to what, the last first, a page at a time",
    params: ofRecord,
    query: pageQuerySchema,
    answer: json(changeListSchema),
    refusals: ["invalid-id", "invalid-query", "position-not-found"],
  },
  {
    id: "listRemarks",
    method: "get",
    path: "/positions/{id}/remarks",
    does: "What was noted of a position and when, with or without a picture, the last first, a page at a time",
    params: ofRecord,
    query: pageQuerySchema,
    answer: json(remarkListSchema),
    refusals: ["invalid-id", "invalid-query", "position-not-found"],
  },
  {
    id: "saveRemark",
    method: "put",
    path: "/remarks/{id}",
    does: "Notes something of a position, changes its words, takes it out or brings it back; a picture stays with it",
    params: ofRecord,
    query: writeSchema,
    body: remarkInputSchema,
    answer: json(remarkSchema),
    refusals: [...WRITES, "position-not-found"],
  },
  {
    id: "readPicture",
    method: "get",
    path: "/remarks/{id}/picture",
    does: "The picture of a note",
    params: ofRecord,
    answer: { as: "jpeg" },
    refusals: ["invalid-id", "picture-not-found"],
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
    refusals: [...WRITES, "machine-not-found"],
  },
  {
    id: "listRepairs",
    method: "get",
    path: "/machines/{id}/repairs",
    does: "The repairs of a machine, a page at a time",
    params: ofMachine,
    query: pageQuerySchema,
    answer: json(repairListSchema),
    refusals: ["invalid-id", "invalid-query", "machine-not-found"],
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
    refusals: [...WRITES, "machine-not-found"],
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
    id: "search",
    method: "get",
    path: "/search",
    does: "Machines and positions by their words, call-outs and the names of their threads, the best first",
    query: pageQuerySchema,
    answer: json(searchHitsSchema),
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
