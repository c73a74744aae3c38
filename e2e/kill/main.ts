import { bundleServer } from "../support/bundle-server";
import { startTestServer } from "../support/server";
import { killCycles } from "./kill-cycles";

/** How often the server is killed; the seed is told, and may be given as the one argument. */
const CYCLES = 200;
const TOLD_EVERY = 20;

const seed = Number(process.argv[2] ?? Date.now() % 1_000_000_000);
process.stdout.write(`A server that saves photographs is killed ${CYCLES} times, seed ${seed}.\n`);
await bundleServer();
const server = await startTestServer("empty");
const { acknowledged, photographs, lost, leftOver } = await killCycles(
  server,
  CYCLES,
  seed,
  (cycle) => {
    if (cycle % TOLD_EVERY === 0) process.stdout.write(`${cycle} times\n`);
  },
);
await server.dispose();
process.stdout.write(
  `${acknowledged} notes were acknowledged, ${photographs} of them with a photograph; ${lost.length} lost, ${leftOver.length} files left over.\n`,
);
process.exit(lost.length + leftOver.length === 0 ? 0 : 1);
