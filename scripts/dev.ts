import { mkdir } from "node:fs/promises";
import path from "node:path";
import { orExplain } from "./explain";
import { CACHE, ROOT } from "./paths";
import { run } from "./run";

const API_PORT = 4780;

// The server restarts when its sources change; Metro serves the app and passes /api on to it.
await orExplain(async () => {
  await mkdir(CACHE, { recursive: true });
  await Promise.race([
    run("npx", ["tsx", "watch", "server/src/main.ts"], {
      env: { PORT: String(API_PORT), DATABASE_FILE: path.join(CACHE, "dev.db") },
    }),
    run("npx", ["expo", "start", "--web"], {
      cwd: path.join(ROOT, "app"),
      env: { EXPO_NO_TELEMETRY: "1", API_ORIGIN: `http://127.0.0.1:${API_PORT}` },
    }),
  ]);
});
