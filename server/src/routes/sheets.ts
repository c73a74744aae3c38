import { sheetQuerySchema } from "@root-gauge/contract";
import { formatCallout } from "@root-gauge/core/callout";
import { Router } from "express";
import { ApiFailure, checked } from "../http/api-failure";
import { checkedCallout } from "../http/checked-callout";
import { sendPdf } from "../http/send-pdf";
import type { Printer } from "../print/printer";
import type { Store } from "../store/database";
import { listWords } from "../store/own-words";

/** GET /api/fastener-sheet.pdf: the sheet of a call-out, on paper. */
export function sheetRoutes(store: Store, printer: Printer, now: () => Date): Router {
  const router = Router();

  router.get("/fastener-sheet.pdf", async (request, response) => {
    const query = checked(sheetQuerySchema, request.query, "invalid-query");
    const { callout, duty, environment, metal, surface, units, title } = query;
    const words = await listWords(store);
    const spec = checkedCallout(callout, words, "callout", "invalid-query");
    if (spec.part === "pin") {
      throw new ApiFailure(
        "invalid-query",
        "Sheets are printed of bolts, screws, studs, nuts, washers, plugs and fittings.",
      );
    }
    const circumstances = { duty, environment, metal, surface };
    const printedOn = now();
    const kind = "fastener-sheet";
    sendPdf(
      response,
      // Written as every reader knows it: the shop's own words end here.
      await printer.print({
        kind,
        callout: formatCallout(spec),
        circumstances,
        units,
        title,
        printedOn,
      }),
    );
  });

  return router;
}
