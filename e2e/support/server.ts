import { spawn, type ChildProcess } from "node:child_process";
import { copyFile, cp, mkdtemp, rm } from "node:fs/promises";
import { createServer } from "node:net";
import os from "node:os";
import path from "node:path";
import { fileURLToPath } from "node:url";
import { BUNDLE, DEMO_DATABASE } from "./bundle-server";

const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "..", "..");

/** The real server in a process of its own, on a database that outlives its restarts. */
export interface TestServer {
  readonly address: string;
  readonly databaseFile: string;
  /** The process that serves now. */
  pid(): number | undefined;
  stop(): Promise<void>;
  /** Ends it as a cut of the power does. */
  kill(): Promise<void>;
  start(): Promise<void>;
  dispose(): Promise<void>;
}

// Below the ports that a system hands out by itself: those another process may be given
// between the moment one is found free and the moment the server takes it, or while it is stopped.
const FIRST_PORT = 20_000;
const PORTS_PER_WORKER = 1_000;

let portsTried = 0;

function isFree(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(false));
    probe.listen(port, "127.0.0.1", () => probe.close(() => resolve(true)));
  });
}

async function freePort(): Promise<number> {
  const first = FIRST_PORT + Number(process.env.TEST_PARALLEL_INDEX ?? 0) * PORTS_PER_WORKER;
  for (let tries = 0; tries < PORTS_PER_WORKER; tries++) {
    const port = first + (portsTried++ % PORTS_PER_WORKER);
    if (await isFree(port)) return port;
  }
  throw new Error(`no port from ${first} to ${first + PORTS_PER_WORKER - 1} is free`);
}

function launch(env: Readonly<Record<string, string>>): Promise<ChildProcess> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [path.join(BUNDLE, "main.mjs")], {
      cwd: ROOT,
      env: { ...process.env, ...env },
      stdio: ["ignore", "pipe", "pipe"],
    });
    let said = "";
    child.stderr.on("data", (text: Buffer) => {
      said += text.toString();
      process.stderr.write(text);
    });
    child.once("error", reject);
    child.once("close", (code) => reject(new Error(`the server ended with ${code}: ${said}`)));
    child.stdout.on("data", (text: Buffer) => {
      if (text.toString().includes("listening at")) resolve(child);
    });
  });
}

function ended(child: ChildProcess): Promise<void> {
  return new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) resolve();
    else child.once("exit", () => resolve());
  });
}

/**
 * Starts the server on a new database: empty, or filled with the demo scenario.
 * @param settings environment variables besides
 */
export async function startTestServer(
  content: "empty" | "demo" = "empty",
  settings: Readonly<Record<string, string>> = {},
): Promise<TestServer> {
  const folder = await mkdtemp(path.join(os.tmpdir(), "root-gauge-"));
  const port = await freePort();
  const env = {
    PORT: String(port),
    DATABASE_FILE: path.join(folder, "test.db"),
    WEB_ROOT: path.join(ROOT, "app", "dist"),
    LOG_LEVEL: "error",
    CALIPER: "simulated",
    SUPPLIER: "simulated",
    ...settings,
  };
  if (content === "demo") {
    await copyFile(DEMO_DATABASE, env.DATABASE_FILE);
    await cp(`${DEMO_DATABASE}.pictures`, `${env.DATABASE_FILE}.pictures`, { recursive: true });
  }
  let child = await launch(env);
  const stop = async () => {
    child.kill("SIGTERM");
    await ended(child);
  };
  return {
    address: `http://127.0.0.1:${port}`,
    databaseFile: env.DATABASE_FILE,
    pid: () => child.pid,
    stop,
    kill: async () => {
      child.kill("SIGKILL");
      await ended(child);
    },
    start: async () => {
      child = await launch(env);
    },
    dispose: async () => {
      await stop();
      await rm(folder, { recursive: true, force: true });
    },
  };
}
