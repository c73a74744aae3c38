import { jobIdSchema, jobInputSchema, pageQuerySchema, writeSchema } from "@root-gauge/contract";
import { Router } from "express";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { identificationsOfJob } from "../store/identifications";
import { findJob, listJobs, saveJob } from "../store/jobs";

/** GET /api/jobs, GET and PUT /api/jobs/:id. */
export function jobRoutes(store: Store, now: () => Date): Router {
  const router = Router();

  router.get("/jobs", async (request, response) => {
    const { after, q } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await listJobs(store, after, q);
    response.json({ jobs: items, next });
  });

  router.get("/jobs/:id", async (request, response) => {
    const id = checked(jobIdSchema, request.params.id, "invalid-id");
    const job = await findJob(store, id);
    if (job === undefined) throw new ApiFailure("job-not-found", "There is no such job.");
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await identificationsOfJob(store, id, after);
    response.json({ job, identifications: items, next });
  });

  router.put("/jobs/:id", async (request, response) => {
    const id = checked(jobIdSchema, request.params.id, "invalid-id");
    const input = checked(jobInputSchema, request.body, "invalid-body");
    const write = checked(writeSchema, request.query, "invalid-query");
    const saved = await saveJob(store, id, input, now(), write);
    if (saved === undefined) throw changedElsewhere("job");
    response.json(saved);
  });

  return router;
}
