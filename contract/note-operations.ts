import { WRITES, json, ofRecord, type Operation } from "./operation";
import { ownWordInputSchema, ownWordListSchema, ownWordSchema } from "./own-word";
import { remarkInputSchema, remarkListSchema, remarkSchema } from "./remark";
import { pageQuerySchema, writeSchema } from "./write";

/** What is noted of positions, with its pictures, and the words that a workshop teaches. */
export const NOTE_OPERATIONS: readonly Operation[] = [
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
    id: "readRemark",
    method: "get",
    path: "/remarks/{id}",
    does: "Something that was noted of a position",
    params: ofRecord,
    answer: json(remarkSchema),
    refusals: ["invalid-id", "note-not-found"],
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
    id: "listWords",
    method: "get",
    path: "/words",
    does: "The workshop's own words of call-outs by their letters, a page at a time",
    query: pageQuerySchema,
    answer: json(ownWordListSchema),
    refusals: ["invalid-query"],
  },
  {
    id: "readWord",
    method: "get",
    path: "/words/{id}",
    does: "One of the workshop's own words",
    params: ofRecord,
    answer: json(ownWordSchema),
    refusals: ["invalid-id", "word-not-found"],
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
];
