import { jobIdSchema, jobInputSchema } from "@root-gauge/contract";
import { Router } from "express";
import { ApiFailure, checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { identificationsOfJob } from "../store/identifications";
import { findJob, listJobs, saveJob } from "../store/jobs";

/** GET /api/jobs, GET and PUT /api/jobs/:id. */
export function jobRoutes(store: Store, now: () => Date): Router {
  const router = Router();

  router.get("/jobs", async (_request, response) => {
    response.json({ jobs: await listJobs(store) });
  });

  router.get("/jobs/:id", async (request, response) => {
    const id = checked(jobIdSchema, request.params.id, "invalid-id");
    const job = await findJob(store, id);
    if (job === undefined) throw new ApiFailure("job-not-found", "There is no such job.");
    response.json({ job, identifications: await identificationsOfJob(store, id) });
  });

  router.put("/jobs/:id", async (request, response) => {
    const id = checked(jobIdSchema, request.params.id, "invalid-id");
    const input = checked(jobInputSchema, request.body, "invalid-body");
    response.json(await saveJob(store, id, input, now()));
  });

  return router;
}
