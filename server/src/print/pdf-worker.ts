import { isCalloutProblem, parseCallout } from "@root-gauge/core/callout";
import { fastenerSheet, partSheet } from "@root-gauge/core/decide/sheet";
import { parentPort, workerData } from "node:worker_threads";
import { fastenerSheetPdf } from "./fastener-sheet-pdf";
import { orderPdf } from "./order-pdf";
import { readFonts } from "./paper";
import type { PrintAnswer, PrintRequest, SheetRequest } from "./print-request";
import { workPlanPdf } from "./work-plan-pdf";

const fonts = readFonts(String(workerData));

function sheetOf({ callout, circumstances, units, title, printedOn }: SheetRequest) {
  const spec = parseCallout(callout);
  if (isCalloutProblem(spec)) throw new TypeError(`not the call-out of a part: ${callout}`);
  const sheet =
    spec.part === "screw"
      ? fastenerSheet(spec, { circumstances })
      : partSheet(spec, { circumstances });
  return fastenerSheetPdf({ sheet, units, title, fonts, printedOn });
}

async function print(request: PrintRequest): Promise<Uint8Array> {
  switch (request.kind) {
    case "fastener-sheet":
      return sheetOf(request);
    case "work-plan":
      return workPlanPdf({ ...request, fonts });
    case "order":
      return orderPdf(request, fonts);
  }
}

parentPort?.on("message", (request: PrintRequest) => {
  void print(request).then(
    (pdf) => parentPort?.postMessage({ pdf } satisfies PrintAnswer),
    (error: unknown) => {
      const fault = error instanceof Error ? (error.stack ?? error.message) : String(error);
      parentPort?.postMessage({ fault } satisfies PrintAnswer);
    },
  );
});
