import path from "node:path";
import { Worker } from "node:worker_threads";
import type { PrintAnswer, PrintRequest } from "./print-request";

/** A sheet takes under a second; a worker that is silent over one for so long is ended. */
const LONGEST_MS = 30_000;

interface Waiting {
  readonly resolve: (pdf: Uint8Array) => void;
  readonly reject: (error: Error) => void;
}

export interface Printer {
  /** The bytes of a sheet on paper. Made beside the server's own thread, so that nobody else waits for it. */
  print(request: PrintRequest): Promise<Uint8Array>;
  close(): Promise<void>;
}

/**
 * Starts the worker with the first sheet, which reads the fonts once, and anew when it failed. Sheets are made one after the
 * other, and each has its time from when it is begun.
 * @param fonts folder of the fonts, which stands beside the worker
 * @param longestMs how long a sheet may take
 */
export function createPrinter(fonts: string, longestMs = LONGEST_MS): Printer {
  let inHand: Waiting | undefined;
  let worker: Worker | undefined;
  let turn: Promise<unknown> = Promise.resolve();
  let closed = false;

  const fail = (error: Error) => {
    inHand?.reject(error);
    inHand = undefined;
    worker = undefined;
  };

  function started(): Worker {
    const file = path.resolve(fonts, "..", "pdf-worker.mjs");
    const made = new Worker(file, {
      workerData: path.resolve(fonts),
      execArgv: [],
    });
    made.on("message", (answer: PrintAnswer) => {
      if ("pdf" in answer) inHand?.resolve(answer.pdf);
      else inHand?.reject(new Error(answer.fault));
      inHand = undefined;
    });
    made.on("error", (error) => {
      if (worker === made) fail(error);
    });
    made.on("exit", () => {
      if (worker === made) fail(new Error("the printing ended before the sheet was done"));
    });
    // A sheet that is being printed does not keep a server alive that was told to stop.
    made.unref();
    return made;
  }

  async function printNow(request: PrintRequest): Promise<Uint8Array> {
    if (closed) throw new Error("the server stops");
    const ready = (worker ??= started());
    let silent: NodeJS.Timeout | undefined;
    try {
      return await new Promise<Uint8Array>((resolve, reject) => {
        inHand = { resolve, reject };
        ready.postMessage(request);
        silent = setTimeout(() => {
          fail(new Error("the printing took too long"));
          void ready.terminate();
        }, longestMs);
      });
    } finally {
      clearTimeout(silent);
    }
  }

  return {
    print: (request) => {
      const printed = turn.then(() => printNow(request));
      turn = printed.catch(() => undefined);
      return printed;
    },
    close: async () => {
      closed = true;
      const ending = worker;
      fail(new Error("the server stops"));
      await ending?.terminate();
    },
  };
}
