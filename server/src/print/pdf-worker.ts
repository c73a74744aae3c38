import { isCalloutProblem, parseCallout } from "@root-gauge/core/callout";
import { fastenerSheet } from "@root-gauge/core/sheet";
import { parentPort, workerData } from "node:worker_threads";
import { fastenerSheetPdf, readFonts } from "./fastener-sheet-pdf";
import type { PrintAnswer, PrintRequest } from "./print-request";

const fonts = readFonts(String(workerData));

async function print(request: PrintRequest): Promise<Uint8Array> {
  const spec = parseCallout(request.callout);
  if (isCalloutProblem(spec) || spec.part !== "screw") {
    throw new TypeError(`not the call-out of a screw: ${request.callout}`);
  }
  const { circumstances, units, title, printedOn } = request;
  const sheet = fastenerSheet(spec, { circumstances });
  return fastenerSheetPdf({ sheet, units, title, fonts, printedOn });
}

parentPort?.on("message", ({ id, request }: { id: number; request: PrintRequest }) => {
  void print(request).then(
    (pdf) => parentPort?.postMessage({ id, pdf } satisfies PrintAnswer),
    (error: unknown) => {
      const fault = error instanceof Error ? (error.stack ?? error.message) : String(error);
      parentPort?.postMessage({ id, fault } satisfies PrintAnswer);
    },
  );
});
