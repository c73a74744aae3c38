import { run } from "./run";

/** How long random workshops are tried; the seed is told, and may be given as the one argument. */
const MINUTES = 10;

const seed = process.argv[2] ?? String(Date.now() % 1_000_000_000);
process.stdout.write(`Random workshops for ${MINUTES} minutes, seed ${seed}.\n`);
const args = ["jest", "--selectProjects", "server", "--testPathPattern", "model/model"];
const code = await run("npx", [...args, `--testTimeout=${2 * MINUTES * 60_000}`], {
  env: { MODEL_MINUTES: String(MINUTES), MODEL_SEED: seed },
});
process.exit(code);
