import { createHash } from "node:crypto";
import { existsSync } from "node:fs";
import { mkdir, readdir, readFile, writeFile } from "node:fs/promises";
import path from "node:path";
import { CACHE, ROOT, WEB_ROOT } from "./paths";
import { precompress } from "./precompress";
import { run } from "./run";

/** Everything the web build is made from. */
const SOURCES = ["core", "contract", "app", "scripts/precompress.ts", "package-lock.json"];
const NOT_SOURCES = /(?:^|\/)(?:node_modules|dist|\.expo)(?:\/|$)|\.test\.tsx?$/;

async function filesUnder(entry: string): Promise<string[]> {
  const full = path.join(ROOT, entry);
  if (path.extname(entry) !== "") return [full];
  const found = await readdir(full, { recursive: true, withFileTypes: true });
  return found
    .filter((file) => file.isFile())
    .map((file) => path.join(file.parentPath, file.name))
    .filter((file) => !NOT_SOURCES.test(path.relative(ROOT, file)));
}

async function fingerprint(): Promise<string> {
  const files = (await Promise.all(SOURCES.map(filesUnder))).flat().sort();
  const hash = createHash("sha256");
  for (const file of files) {
    hash
      .update(path.relative(ROOT, file))
      .update("\0")
      .update(await readFile(file));
  }
  return hash.digest("hex");
}

/** Exports and precompresses the web app, unless the last build was made from the very same sources. */
export async function buildWeb(): Promise<void> {
  const marker = path.join(CACHE, "web-build");
  const wanted = await fingerprint();
  const upToDate =
    existsSync(path.join(WEB_ROOT, "index.html")) &&
    existsSync(marker) &&
    (await readFile(marker, "utf8")) === wanted;
  if (upToDate) {
    process.stdout.write("The web app is built already; its sources have not changed.\n");
    return;
  }
  process.stdout.write("Building the web app (a minute or two the first time).\n");
  const code = await run("npx", ["expo", "export", "-p", "web"], {
    cwd: path.join(ROOT, "app"),
    env: { EXPO_OFFLINE: "1", EXPO_NO_TELEMETRY: "1", CI: "1" },
  });
  if (code !== 0) throw new Error("expo export failed; see its message above");
  await precompress(WEB_ROOT);
  await mkdir(CACHE, { recursive: true });
  await writeFile(marker, wanted);
}
