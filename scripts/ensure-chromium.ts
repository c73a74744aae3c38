import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { run } from "./run";

const DEBIAN_CHROMIUM = "/usr/bin/chromium";

function mayInstall(): boolean {
  const isRoot = process.getuid?.() === 0;
  return isRoot && spawnSync("apt-get", ["--version"], { stdio: "ignore" }).status === 0;
}

/**
 * Makes sure that there is a Chromium for the end-to-end tests: CHROMIUM's, else Debian's, installed when it is
 * missing and this user may.
 * @returns the path of the browser
 */
export async function ensureChromium(): Promise<string> {
  const named = process.env.CHROMIUM;
  if (named !== undefined) {
    if (existsSync(named)) return named;
    throw new Error(`CHROMIUM names ${named}, which is not there.`);
  }
  if (existsSync(DEBIAN_CHROMIUM)) return DEBIAN_CHROMIUM;
  if (mayInstall()) {
    process.stdout.write("Installing Debian's Chromium for the end-to-end tests.\n");
    const updated = await run("apt-get", ["update", "-qq"]);
    const env = { DEBIAN_FRONTEND: "noninteractive" };
    const options = ["install", "-y", "-qq", "--no-install-recommends", "chromium"];
    if (updated === 0 && (await run("apt-get", options, { env })) === 0) return DEBIAN_CHROMIUM;
  }
  throw new Error(
    "The end-to-end tests need Chromium: run `apt-get install chromium` as root, or name one with CHROMIUM=/path/to/chromium.",
  );
}
