import { pageQuerySchema } from "@root-gauge/contract";
import { Router } from "express";
import { checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { listRemoved } from "../store/removed";

/** GET /api/removed: what was taken out of the lists and is kept. */
export function removedRoutes(store: Store): Router {
  const router = Router();
  router.get("/removed", async (request, response) => {
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await listRemoved(store, after);
    response.json({ removed: items, next });
  });
  return router;
}
