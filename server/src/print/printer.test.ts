import path from "node:path";
import { createPrinter } from "./printer";
import type { PrintRequest } from "./print-request";

const FONTS = path.resolve("server/src/print/fonts");

const sheet = (lengthMm: number): PrintRequest => ({
  kind: "fastener-sheet",
  callout: `M8 x ${lengthMm}`,
  circumstances: { duty: "ordinary", environment: "indoor", metal: "steel" },
  units: "mm",
  title: "",
  printedOn: new Date("2026-03-02T08:30:00Z"),
});

describe("the printer", () => {
  it("gives each sheet its time from when it is begun, however many are asked for at once", async () => {
    const first = createPrinter(FONTS);
    await first.print(sheet(20));
    const from = Date.now();
    await first.print(sheet(25));
    const one = Date.now() - from;
    await first.close();
    // Together they take far longer than any one of them may.
    const printer = createPrinter(FONTS, 5 * one + 2000);
    const sheets = await Promise.all(Array.from({ length: 16 }, () => printer.print(sheet(30))));
    expect(sheets.map((bytes) => bytes.length > 1000)).toEqual(sheets.map(() => true));
    await printer.close();
  });

  it("says what failed of one sheet, and makes the next", async () => {
    const printer = createPrinter(FONTS);
    const wrong = { ...sheet(30), callout: "a wibble" } as PrintRequest;
    const [failed, made] = await Promise.allSettled([
      printer.print(wrong),
      printer.print(sheet(30)),
    ]);
    expect([failed.status, made.status]).toEqual(["rejected", "fulfilled"]);
    await printer.close();
    await expect(printer.print(sheet(30))).rejects.toThrow("the server stops");
  });
});
