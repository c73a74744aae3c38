import { buildWeb } from "./build-web";
import { ensureChromium } from "./ensure-chromium";
import { orExplain } from "./explain";
import { run } from "./run";

async function stage(name: string, script: string): Promise<void> {
  process.stdout.write(`\n== ${name}\n`);
  const code = await run("npm", ["run", "--silent", script]);
  if (code !== 0) throw new Error(`${name} failed.`);
}

// Types, lint, unit, end to end; the first that fails ends the run.
await orExplain(async () => {
  const chromium = await ensureChromium();
  await stage("Types", "types");
  await stage("Lint", "lint");
  await stage("Unit tests", "unit");
  process.stdout.write("\n== End to end\n");
  await buildWeb();
  const code = await run("npm", ["run", "--silent", "e2e:run", "-w", "e2e"], {
    env: { CHROMIUM: chromium },
  });
  if (code !== 0) throw new Error("End to end failed.");
});
