import { identificationInputSchema, writeSchema } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { ApiFailure, checked } from "../http/api-failure";
import { checkedCallout } from "../http/checked-callout";
import { savedOrRefused } from "../http/saved-or-refused";
import type { Store } from "../store/database";
import { listWords } from "../store/own-words";
import { findIdentification, saveIdentification } from "../store/identifications";

const idSchema = z.uuid();

/** GET and PUT /api/identifications/:id. */
export function identificationRoutes(store: Store, now: () => Date): Router {
  const router = Router();

  router.get("/identifications/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const found = await findIdentification(store, id);
    if (found === undefined) {
      throw new ApiFailure("identification-not-found", "There is no such identification.");
    }
    response.json(found);
  });

  router.put("/identifications/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const input = checked(identificationInputSchema, request.body, "invalid-body");
    if (input.replacement !== null) {
      const words = await listWords(store);
      checkedCallout(input.replacement.callout, words, "replacement.callout", "invalid-body");
    }
    const write = checked(writeSchema, request.query, "invalid-query");
    const saved = await saveIdentification(store, id, input, now(), write);
    response.json(savedOrRefused(saved, "part"));
  });

  return router;
}
