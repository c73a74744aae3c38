import type { Response } from "express";

/** Answers with a PDF that is shown, and kept by nobody on the way. */
export function sendPdf(response: Response, pdf: Uint8Array): void {
  response
    .type("application/pdf")
    .set("Content-Disposition", "inline")
    .set("Cache-Control", "no-store")
    .send(Buffer.from(pdf));
}
