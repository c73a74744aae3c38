import { mkdir } from "node:fs/promises";
import path from "node:path";
import { seedDemo } from "../server/src";
import { CACHE } from "./paths";
import { serve } from "./serve";

await mkdir(CACHE, { recursive: true });
await serve(path.join(CACHE, "demo.db"), ({ store, pictures }) => seedDemo(store, pictures), {
  CALIPER: "simulated",
  SUPPLIER: "simulated",
  SUPPLIER_MOODS: "late,fails,well",
});
