import { jobInputSchema, pageQuerySchema, writeSchema, type Job } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import type { Store } from "../store/database";
import { findJob, listJobs, placesOfJob, saveJob, type SavedJob } from "../store/jobs";

const idSchema = z.uuid();

function savedOrRefused(saved: SavedJob): Job {
  switch (saved.kind) {
    case "saved":
      return saved.record;
    case "conflict":
      throw changedElsewhere("job");
    case "no-position":
      throw new ApiFailure(
        "position-not-found",
        "One of its positions is not here. Save the positions first.",
      );
  }
}

/** GET /api/jobs, GET and PUT /api/jobs/:id: pieces of work over positions. */
export function jobRoutes(store: Store, now: () => Date): Router {
  const router = Router();

  router.get("/jobs", async (request, response) => {
    const { after } = checked(pageQuerySchema, request.query, "invalid-query");
    const { items, next } = await listJobs(store, after);
    response.json({ jobs: items, next });
  });

  router.get("/jobs/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const job = await findJob(store, id);
    if (job === undefined) throw new ApiFailure("job-not-found", "There is no such job.");
    response.json({ ...job, places: await placesOfJob(store, id) });
  });

  router.put("/jobs/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const input = checked(jobInputSchema, request.body, "invalid-body");
    const write = checked(writeSchema, request.query, "invalid-query");
    response.json(savedOrRefused(await saveJob(store, id, input, now(), write)));
  });

  return router;
}
