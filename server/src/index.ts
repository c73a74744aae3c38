export { readConfig } from "./config";
export { seedDemo } from "./demo/seed-demo";
export { startServer, stopOnSignal } from "./start-server";
export type { RunningServer } from "./start-server";
