import { sheetQuerySchema } from "@root-gauge/contract";
import { Router } from "express";
import { ApiFailure, checked } from "../http/api-failure";
import { checkedCallout } from "../http/checked-callout";
import { sendPdf } from "../http/send-pdf";
import type { Printer } from "../print/printer";

/** GET /api/fastener-sheet.pdf: the sheet of a call-out, on paper. */
export function sheetRoutes(printer: Printer, now: () => Date): Router {
  const router = Router();

  router.get("/fastener-sheet.pdf", async (request, response) => {
    const query = checked(sheetQuerySchema, request.query, "invalid-query");
    const { callout, duty, environment, metal, surface, units, title } = query;
    const spec = checkedCallout(callout, "callout", "invalid-query");
    if (spec.part !== "screw") {
      throw new ApiFailure("invalid-query", "Sheets are printed of bolts, screws and studs.");
    }
    const circumstances = { duty, environment, metal, surface };
    const printedOn = now();
    const kind = "fastener-sheet";
    sendPdf(
      response,
      await printer.print({ kind, callout, circumstances, units, title, printedOn }),
    );
  });

  return router;
}
