export { readConfig } from "./config";
export type { Config } from "./config";
export { seedDemo } from "./demo/seed-demo";
export { startServer, stopOnSignal } from "./start-server";
export type { RunningServer } from "./start-server";
export { openStore } from "./store/database";
