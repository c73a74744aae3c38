import { expect, test } from "../support/test";
import { killCycles } from "../kill/kill-cycles";

const CYCLES = 4;
const SEED = 20261202;

test("a server that is killed while it saves photographs has all that it acknowledged, and nothing half", async ({
  server,
}) => {
  const { acknowledged, photographs, lost, leftOver } = await killCycles(server, CYCLES, SEED);
  expect(acknowledged).toBeGreaterThan(4);
  expect(photographs).toBeGreaterThan(0);
  expect(lost).toEqual([]);
  expect(leftOver).toEqual([]);
});
