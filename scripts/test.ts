import { buildWeb } from "./build-web";
import { ensureChromium } from "./ensure-chromium";
import { orExplain } from "./explain";
import { run } from "./run";

async function stage(name: string, ...scripts: readonly string[]): Promise<void> {
  process.stdout.write(`\n== ${name}\n`);
  const codes = await Promise.all(scripts.map((script) => run("npm", ["run", "--silent", script])));
  if (codes.some((code) => code !== 0)) throw new Error(`${name} failed.`);
}

// Types, lint, unit, end to end; the first that fails ends the run. What needs one processor stands beside what needs
// the other.
await orExplain(async () => {
  const chromium = await ensureChromium();
  await stage("Types and lint", "types", "lint");
  await Promise.all([stage("Unit tests", "unit"), buildWeb()]);
  process.stdout.write("\n== End to end\n");
  const code = await run("npm", ["run", "--silent", "e2e:run", "-w", "e2e"], {
    env: { CHROMIUM: chromium },
  });
  if (code !== 0) throw new Error("End to end failed.");
});
