import { identificationInputSchema, writeSchema } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { ApiFailure, changedElsewhere, checked } from "../http/api-failure";
import { checkedCallout } from "../http/checked-callout";
import type { Store } from "../store/database";
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
      checkedCallout(input.replacement.callout, "replacement.callout", "invalid-body");
    }
    const write = checked(writeSchema, request.query, "invalid-query");
    const saved = await saveIdentification(store, id, input, now(), write);
    switch (saved.kind) {
      case "saved":
        response.json(saved.record);
        return;
      case "conflict":
        throw changedElsewhere("part");
      case "no-job":
        throw new ApiFailure(
          "job-not-found",
          "The job it belongs to is not here. Save the job first.",
        );
    }
  });

  return router;
}
