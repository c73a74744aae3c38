import { existsSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { setTimeout as pause } from "node:timers/promises";

/** How often the server looks whether it was kept from looking, ms. */
const RESOLUTION_MS = 5;

/** What the server under test runs beside its own: it writes down its longest task since it was last asked. */
const WATCH = `
import { monitorEventLoopDelay } from "node:perf_hooks";
import { renameSync, writeFileSync } from "node:fs";
const { LOOP_FILE } = process.env;
const delays = monitorEventLoopDelay({ resolution: ${RESOLUTION_MS} });
delays.enable();
process.on("SIGUSR2", () => {
  writeFileSync(LOOP_FILE + ".making", String(delays.max / 1e6));
  renameSync(LOOP_FILE + ".making", LOOP_FILE);
  delays.reset();
});`;

/** The longest task of a server, seen from within it. */
export interface WatchedLoop {
  /** What the server's process is to be started with. */
  readonly settings: Readonly<Record<string, string>>;
  /** The longest that anything else waited since it was last asked, ms. */
  longest(pid: number | undefined): Promise<number>;
}

export function watchedLoop(): WatchedLoop {
  const folder = mkdtempSync(path.join(os.tmpdir(), "root-gauge-loop-"));
  const file = path.join(folder, "longest");
  return {
    settings: {
      NODE_OPTIONS: `--import=data:text/javascript,${encodeURIComponent(WATCH)}`,
      LOOP_FILE: file,
    },
    longest: async (pid) => {
      rmSync(file, { force: true });
      if (pid === undefined) throw new Error("no server runs");
      process.kill(pid, "SIGUSR2");
      while (!existsSync(file)) await pause(RESOLUTION_MS);
      return Number(readFileSync(file, "utf8")) - RESOLUTION_MS;
    },
  };
}
