import { openStore } from "./database";
import { machineNamed } from "../test-server";
import { saveMachine } from "./machines";

// Saves one machine after the other and says each id once it is stored, until it is killed. For the test of that.
const [file = "", run = "0"] = process.argv.slice(2);
const store = await openStore(file);
for (let at = 0; ; at += 1) {
  const id = `00000000-0000-4000-8${run.padStart(3, "0")}-${String(at).padStart(12, "0")}`;
  await saveMachine(store, id, machineNamed(`Machine ${at}`), new Date());
  process.stdout.write(`${id}\n`);
}
