import { pageQuerySchema } from "@root-gauge/contract";
import { Router } from "express";
import { checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { searchRecords } from "../store/search";

/** GET /api/search. */
export function searchRoutes(store: Store): Router {
  const router = Router();
  router.get("/search", async (request, response) => {
    const { q = "", after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await searchRecords(store, q, after);
    response.json({ hits: items, next });
  });
  return router;
}
