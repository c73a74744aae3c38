import { readConfig, startServer, stopOnSignal, type RunningServer } from "../server/src";
import { buildWeb } from "./build-web";
import { orExplain } from "./explain";
import { WEB_ROOT } from "./paths";

/** Builds what is missing, then serves app and API from one address until told to stop. */
export async function serve(
  databaseFile: string,
  prepare: (server: RunningServer) => Promise<void> = () => Promise.resolve(),
  settings: Readonly<Record<string, string>> = {},
): Promise<void> {
  await orExplain(async () => {
    const config = readConfig({
      DATABASE_FILE: databaseFile,
      WEB_ROOT,
      ...settings,
      ...process.env,
    });
    await buildWeb();
    const server = await startServer(config);
    stopOnSignal(server);
    await prepare(server);
    process.stdout.write(`\nRoot Gauge is at ${server.address}  (Ctrl-C stops it)\n`);
  });
}
