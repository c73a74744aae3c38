// Runs before anything is installed, so it uses only what Node itself brings.
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import process from "node:process";
import { fileURLToPath } from "node:url";

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "..");
const marker = path.join(root, "node_modules", ".installed-lock");
const lock = createHash("sha256")
  .update(readFileSync(path.join(root, "package-lock.json")))
  .digest("hex");
const npmMarker = path.join(root, "node_modules", ".package-lock.json");

const installed =
  existsSync(npmMarker) && existsSync(marker) && readFileSync(marker, "utf8") === lock;

if (!installed) {
  process.stdout.write("Installing what is missing (a few minutes the first time).\n");
  const { status } = spawnSync("npm", ["ci", "--no-progress"], { cwd: root, stdio: "inherit" });
  if (status !== 0) {
    process.stderr.write("npm ci failed; see its message above. Nothing else was started.\n");
    process.exit(status ?? 1);
  }
  writeFileSync(marker, lock);
}
