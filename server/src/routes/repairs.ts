import { planPaperSchema, repairInputSchema, writeSchema } from "@root-gauge/contract";
import { Router } from "express";
import { z } from "zod/mini";
import { ApiFailure, checked } from "../http/api-failure";
import { checkRepair } from "../http/checked-repair";
import { savedOrRefused } from "../http/saved-or-refused";
import { sendPdf } from "../http/send-pdf";
import type { Printer } from "../print/printer";
import type { Store } from "../store/database";
import { findRepair, saveRepair } from "../store/repairs";

const idSchema = z.uuid();

/** GET and PUT /api/repairs/:id, POST /api/work-plan.pdf. */
export function repairRoutes(store: Store, printer: Printer, now: () => Date): Router {
  const router = Router();

  router.get("/repairs/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const found = await findRepair(store, id);
    if (found === undefined) throw new ApiFailure("repair-not-found", "There is no such repair.");
    response.json(found);
  });

  router.put("/repairs/:id", async (request, response) => {
    const id = checked(idSchema, request.params.id, "invalid-id");
    const input = checked(repairInputSchema, request.body, "invalid-body");
    checkRepair(input.record);
    const write = checked(writeSchema, request.query, "invalid-query");
    response.json(savedOrRefused(await saveRepair(store, id, input, now(), write), "repair"));
  });

  router.post("/work-plan.pdf", async (request, response) => {
    const { record, units, title } = checked(planPaperSchema, request.body, "invalid-body");
    checkRepair(record);
    const printedOn = now();
    sendPdf(response, await printer.print({ kind: "work-plan", record, units, title, printedOn }));
  });

  return router;
}
