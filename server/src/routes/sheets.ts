import { sheetQuerySchema } from "@root-gauge/contract";
import { fastenerSheet } from "@root-gauge/core";
import { Router } from "express";
import { ApiFailure, checked } from "../http/api-failure";
import { checkedCallout } from "../http/checked-callout";
import { fastenerSheetPdf } from "../print/fastener-sheet-pdf";

/** GET /api/fastener-sheet.pdf: the sheet of a call-out, on paper. */
export function sheetRoutes(fonts: string, now: () => Date): Router {
  const router = Router();

  router.get("/fastener-sheet.pdf", async (request, response) => {
    const query = checked(sheetQuerySchema, request.query, "invalid-query");
    const { callout, duty, environment, metal, surface, units, title } = query;
    const spec = checkedCallout(callout, "callout", "invalid-query");
    if (spec.part !== "screw") {
      throw new ApiFailure("invalid-query", "Sheets are printed of bolts, screws and studs.");
    }
    const sheet = fastenerSheet(spec, { circumstances: { duty, environment, metal, surface } });
    const pdf = await fastenerSheetPdf({ sheet, units, title, fonts, printedOn: now() });
    response.type("application/pdf").set("Content-Disposition", "inline").send(pdf);
  });

  return router;
}
