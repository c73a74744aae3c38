import { changeListSchema } from "./change";
import { eventListSchema, eventsQuerySchema, recordEventSchema } from "./event";
import { json, ofRecord, type Operation } from "./operation";
import { pageQuerySchema } from "./write";

/** Histories, and what screens are told of changes. */
export const CHANGE_OPERATIONS: readonly Operation[] = [
  {
    id: "listChanges",
    method: "get",
    path: "/changes/{id}",
    does: "Who changed what of any record, from what to what, the last first, a page at a time",
    params: ofRecord,
    query: pageQuerySchema,
    answer: json(changeListSchema),
    refusals: ["invalid-id", "invalid-query"],
  },
  {
    id: "listEvents",
    method: "get",
    path: "/events/since",
    does: "Which records were changed since an event, for screens that cannot follow the stream",
    query: eventsQuerySchema,
    answer: json(eventListSchema),
    refusals: ["invalid-query"],
  },
  {
    id: "followEvents",
    method: "get",
    path: "/events",
    does: "Streams which records are changed, from the event on that a screen had last",
    query: eventsQuerySchema,
    answer: { as: "event-stream", schema: recordEventSchema },
    refusals: ["invalid-query", "too-many-streams"],
  },
];
