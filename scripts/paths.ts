import path from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "..");
export const WEB_ROOT = path.join(ROOT, "app", "dist");
export const CACHE = path.join(ROOT, ".cache");
