import { execFileSync } from "node:child_process";
import { mkdtemp, rm, writeFile } from "node:fs/promises";
import os from "node:os";
import path from "node:path";
import { fileURLToPath } from "node:url";
import { build } from "esbuild";
import { catalogue } from "@root-gauge/core";
import { print, quantile } from "./report";

const CORE = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "..", "..", "core");
const STARTS = 15;
const AIM_MS = 50;
const AIM_MB = 2;

/** In a fresh process: how long the threads take to load and build, and what they then hold of the heap. */
const PROBE = `
const before = (globalThis.gc(), process.memoryUsage().heapUsed);
const start = performance.now();
const { catalogue } = await import(process.argv[2]);
const threads = catalogue();
const ms = performance.now() - start;
globalThis.gc();
const bytes = process.memoryUsage().heapUsed - before;
process.stdout.write(JSON.stringify({ ms, bytes, threads: threads.length }));
`;

interface Start {
  readonly ms: number;
  readonly bytes: number;
}

/** Loads the threads package, as the build would ship it, in processes of their own. */
export async function benchCatalogue(): Promise<void> {
  const folder = await mkdtemp(path.join(os.tmpdir(), "root-gauge-bench-"));
  const bundle = path.join(folder, "threads.mjs");
  const probe = path.join(folder, "probe.mjs");
  await build({
    entryPoints: [path.join(CORE, "threads", "index.ts")],
    bundle: true,
    minify: true,
    format: "esm",
    outfile: bundle,
    logLevel: "error",
  });
  await writeFile(probe, PROBE);
  const starts = Array.from({ length: STARTS }, (): Start => {
    const output = execFileSync(process.execPath, ["--expose-gc", probe, bundle]);
    return JSON.parse(output.toString()) as Start;
  });
  await rm(folder, { recursive: true, force: true });
  const ms = starts.map((start) => start.ms);
  const megabytes = starts.map(({ bytes }) => bytes / 1e6);
  print(
    `catalogue, ${catalogue().length} threads, ${STARTS} fresh starts: loaded and built in ${quantile(ms, 0.5).toFixed(1)} ms (median; most ${Math.max(...ms).toFixed(1)}; aim: under ${AIM_MS}), holding ${quantile(megabytes, 0.5).toFixed(2)} MB of heap, its code included (aim: under ${AIM_MB})`,
  );
}
