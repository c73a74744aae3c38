import path from "node:path";
import { ROOT } from "./paths";
import { serve } from "./serve";

await serve(path.join(ROOT, "root-gauge.db"));
