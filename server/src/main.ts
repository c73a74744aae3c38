import { readConfig } from "./config";
import { orExplain, startServer, stopOnSignal } from "./start-server";

const server = await orExplain(() => startServer(readConfig(process.env)));
stopOnSignal(server);
process.stdout.write(`listening at ${server.address}\n`);
