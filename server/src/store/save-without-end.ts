import { openStore } from "./database";
import { saveJob } from "./jobs";

// Saves one job after the other and says each id once it is stored, until it is killed. For the test of that.
const [file = "", run = "0"] = process.argv.slice(2);
const store = await openStore(file);
for (let at = 0; ; at += 1) {
  const id = `00000000-0000-4000-8${run.padStart(3, "0")}-${String(at).padStart(12, "0")}`;
  await saveJob(store, id, { name: `Job ${at}`, origin: "" }, new Date());
  process.stdout.write(`${id}\n`);
}
