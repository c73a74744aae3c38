import { seededRandom } from "@root-gauge/core/random";
import type { AddressInfo } from "node:net";
import { pino } from "pino";
import { StartupError, type Config } from "./config";
import { createApp } from "./create-app";
import { listen, stopListening } from "./listen";
import { openPictures, type PictureFolder } from "./pictures/picture-folder";
import { sweepPictures } from "./pictures/sweep-pictures";
import { createPrinter } from "./print/printer";
import { simulatedCaliper } from "./simulators/caliper/simulated-caliper";
import { startSupplier } from "./simulators/supplier/simulated-supplier";
import { checkpoint, closeStore, openStore, type Store } from "./store/database";
import { httpSupplier } from "./supply/http-supplier";
import type { Supplier } from "./supply/supplier";

export interface RunningServer {
  readonly address: string;
  readonly store: Store;
  readonly pictures: PictureFolder;
  stop(): Promise<void>;
}

const CALIPER_SEED = 1968;

/** How often what the log holds is written into the file itself, ms. */
const CHECKPOINT_MS = 60_000;

/** Who is asked what parts cost: nobody, or the service at an address. */
function supplierAt(address: string): Supplier | undefined {
  return address === "none" ? undefined : httpSupplier({ address, now: () => new Date() });
}

/**
 * Opens the database, starts the server and waits until it listens.
 * @throws StartupError when the database or the port cannot be used
 */
export async function startServer(config: Config): Promise<RunningServer> {
  const logger = pino({ level: config.logLevel });
  const store = await openStore(config.databaseFile);
  const pictures = openPictures(config.databaseFile);
  // Before anyone is answered: a picture stands as a file for a moment before its note names it.
  const swept = await sweepPictures(store, pictures, new Date());
  if (Object.values(swept).some((count) => count > 0)) logger.info(swept, "photographs swept");
  const printer = createPrinter(config.printFonts);
  const simulated =
    config.supplier === "simulated" ? await startSupplier(config.supplierMoods) : undefined;
  const app = createApp({
    store,
    webRoot: config.webRoot,
    printer,
    pictures,
    hostNames: [config.host, ...config.hostNames],
    logger,
    now: () => new Date(),
    supplier: supplierAt(simulated?.address ?? config.supplier),
    caliper:
      config.caliper === "simulated" ? simulatedCaliper(seededRandom(CALIPER_SEED)) : undefined,
  });
  const server = await listen(app, config.host, config.port).catch(async (error: unknown) => {
    await simulated?.stop();
    await store.destroy();
    throw error;
  });
  const checkpoints = setInterval(() => {
    void checkpoint(store).catch((error: unknown) => logger.warn({ err: error }, "no checkpoint"));
  }, CHECKPOINT_MS).unref();
  const { port } = server.address() as AddressInfo;
  return {
    address: `http://${config.host}:${port}`,
    store,
    pictures,
    stop: async () => {
      clearInterval(checkpoints);
      await stopListening(server);
      await simulated?.stop();
      await printer.close();
      await closeStore(store);
    },
  };
}

/** Runs a start-up and ends the process with one clear sentence when it fails for a reason the user can mend. */
export async function orExplain<T>(start: () => Promise<T>): Promise<T> {
  try {
    return await start();
  } catch (error) {
    if (!(error instanceof StartupError)) throw error;
    process.stderr.write(`${error.message}\n`);
    return process.exit(1);
  }
}

/** Stops the server once on Ctrl-C or on being told to end. */
export function stopOnSignal(server: RunningServer): void {
  for (const signal of ["SIGINT", "SIGTERM"] as const) {
    process.once(signal, () => {
      void server.stop().then(() => process.exit(0));
    });
  }
}
