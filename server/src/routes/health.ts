import type { Health } from "@root-gauge/contract";
import { catalogue } from "@root-gauge/core";
import { Router } from "express";
import { sql } from "kysely";
import type { Store } from "../store/database";

/** GET /api/health: whether the server and its database answer. */
export function healthRoutes(store: Store): Router {
  const router = Router();
  router.get("/health", async (_request, response) => {
    await sql`select 1`.execute(store);
    const body: Health = { status: "ok", threads: catalogue().length, database: "ok" };
    response.json(body);
  });
  return router;
}
