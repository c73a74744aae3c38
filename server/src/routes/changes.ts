import { pageQuerySchema } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { changesOf } from "../store/history";

const idSchema = z.uuid();

/** GET /api/changes/:id: the history of a record, whatever kind it is. */
export function changeRoutes(store: Store): Router {
  const router = Router();
  router.get("/changes/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await changesOf(store, id, after);
    response.json({ changes: items, next });
  });
  return router;
}
