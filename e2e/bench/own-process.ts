import { execFile } from "node:child_process";
import path from "node:path";
import { fileURLToPath } from "node:url";
import { promisify } from "node:util";

const HERE = path.dirname(fileURLToPath(import.meta.url));

/** Runs a script of this folder in a process of its own, so that several share the machine's cores: an order in, figures out. */
export async function inOwnProcess<Result>(script: string, order: object): Promise<Result> {
  const { stdout } = await promisify(execFile)(
    process.execPath,
    ["--import", "tsx", path.join(HERE, script), JSON.stringify(order)],
    { maxBuffer: 1e8 },
  );
  return JSON.parse(stdout) as Result;
}
