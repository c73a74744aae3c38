import { Router } from "express";
import type { Store } from "../store/database";
import { threadsMet } from "../store/met";

/** GET /api/met: what this workshop has met, of each thread so many. */
export function metRoutes(store: Store): Router {
  const router = Router();
  router.get("/met", async (_request, response) => {
    response.json({ counts: await threadsMet(store) });
  });
  return router;
}
