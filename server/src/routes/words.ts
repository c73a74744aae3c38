import { ownWordInputSchema, pageQuerySchema, writeSchema } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { findWord, pageOfWords, saveWord } from "../store/own-words";

const idSchema = z.uuid();

/** GET /api/words, PUT /api/words/:id: the shop's own words of call-outs. */
export function wordRoutes(store: Store, now: () => Date): Router {
  const router = Router();

  router.get("/words", async (request, response) => {
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await pageOfWords(store, after);
    response.json({ words: items, next });
  });

  router.get("/words/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const word = await findWord(store, id);
    if (word === undefined) throw new ApiFailure("word-not-found", "There is no such word.");
    response.json(word);
  });

  router.put("/words/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const input = checked(ownWordInputSchema, request.body, "invalid-body");
    const write = checked(writeSchema, request.query, "invalid-query");
    const saved = await saveWord(store, id, input, now(), write);
    if (saved === undefined) throw changedElsewhere("word");
    response.json(saved);
  });

  return router;
}
