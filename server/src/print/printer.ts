import path from "node:path";
import { Worker } from "node:worker_threads";
import type { PrintAnswer, PrintRequest } from "./print-request";

/** A sheet takes under a second; a worker that is silent for so long is ended. */
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
 * Starts the worker with the first sheet, which reads the fonts once, and anew when it failed.
 * @param fonts folder of the fonts, which stands beside the worker
 */
export function createPrinter(fonts: string): Printer {
  const waiting = new Map<number, Waiting>();
  let worker: Worker | undefined;
  let printed = 0;

  const fail = (error: Error) => {
    for (const { reject } of waiting.values()) reject(error);
    waiting.clear();
    worker = undefined;
  };

  function started(): Worker {
    const file = path.resolve(fonts, "..", "pdf-worker.mjs");
    const made = new Worker(file, {
      workerData: path.resolve(fonts),
      execArgv: [],
    });
    made.on("message", (answer: PrintAnswer) => {
      const one = waiting.get(answer.id);
      waiting.delete(answer.id);
      if ("pdf" in answer) one?.resolve(answer.pdf);
      else one?.reject(new Error(answer.fault));
    });
    made.on("error", fail);
    made.on("exit", () => {
      if (worker === made) fail(new Error("the printing ended before the sheet was done"));
    });
    // A sheet that is being printed does not keep a server alive that was told to stop.
    made.unref();
    return made;
  }

  return {
    print: (request) =>
      new Promise((resolve, reject) => {
        worker ??= started();
        const id = (printed += 1);
        const silent = setTimeout(() => {
          void worker?.terminate();
          fail(new Error("the printing took too long"));
        }, LONGEST_MS);
        const settled = <Value>(then: (value: Value) => void) => {
          return (value: Value) => {
            clearTimeout(silent);
            then(value);
          };
        };
        waiting.set(id, { resolve: settled(resolve), reject: settled(reject) });
        worker.postMessage({ id, request });
      }),
    close: async () => {
      const ending = worker;
      worker = undefined;
      fail(new Error("the server stops"));
      await ending?.terminate();
    },
  };
}
