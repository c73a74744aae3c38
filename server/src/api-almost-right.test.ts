import { randomUUID } from "node:crypto";
import { apiErrorSchema } from "@root-gauge/contract";
import { OPERATIONS, type Operation } from "@root-gauge/contract/operations";
import * as fc from "fast-check";
import { refusalsOf } from "./api-document/document";
import { MACHINE, OTHER, RECORD, RIGHT_BODIES } from "./test-bodies";
import { serverForTests } from "./test-server";

const SEED = 20261202;
const RUNS = 600;

const server = serverForTests();

/** Everything that takes a body, but for what only makes a sheet of paper. */
const WRITES = OPERATIONS.filter(({ id, body }) => body !== undefined && id !== "printWorkPlan");

type Path = readonly (string | number)[];

/** The way to everything that a body holds, itself too. */
function pathsIn(value: unknown, at: Path = []): readonly Path[] {
  if (typeof value !== "object" || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([key, inner]) => pathsIn(inner, [...at, key]))];
}

/** A body with what stands at a place made something else; undefined leaves it out. */
function changedAt(value: unknown, [key, ...rest]: Path, to: unknown): unknown {
  if (key === undefined) return to;
  if (Array.isArray(value)) {
    return value.map((inner, at) => (String(at) === key ? changedAt(inner, rest, to) : inner));
  }
  const held = value as Readonly<Record<string, unknown>>;
  return { ...held, [key]: changedAt(held[key], rest, to) };
}

/** What may stand where something else is wanted: nothing, too much, too long, the wrong kind, or nearly it. */
const odd = fc.oneof(
  fc.constantFrom<unknown>(
    undefined,
    null,
    "",
    " ",
    true,
    [],
    {},
    -1,
    0,
    1e308,
    0.5,
    2_147_483_648,
  ),
  fc.constantFrom<unknown>(MACHINE, RECORD, OTHER, "00000000-0000-4000-8000-000000000000"),
  fc.constantFrom<unknown>(
    "2026-02-30",
    "2026-03-02T25:00:00Z",
    "x".repeat(5000),
    "\u0000",
    "__proto__",
  ),
  fc.string(),
  fc.integer(),
  fc.array(fc.jsonValue({ maxDepth: 1 }), { maxLength: 3 }),
);

const query = fc.record(
  {
    saw: fc.constantFrom("0", "1", "2", "-1", "x", "1e9"),
    touched: fc.constantFrom(
      "name",
      "notes,removed",
      "lines",
      "positions",
      "removed",
      "nothing",
      ",",
    ),
    device: fc.constantFrom(MACHINE, "phone", ""),
    who: fc.string({ maxLength: 80 }),
  },
  { requiredKeys: [] },
);

const almostRight = fc.constantFrom(...WRITES).chain((operation) =>
  fc.record({
    operation: fc.constant(operation),
    at: fc.constantFrom(...pathsIn(RIGHT_BODIES[operation.id])),
    to: odd,
    query,
    // One that is there, or a new one.
    isNew: fc.boolean(),
  }),
);

const idOf = ({ path }: Operation) => (path.startsWith("/machines") ? MACHINE : RECORD);

async function send(operation: Operation, id: string, body: unknown, asked: object) {
  const address = operation.path.replace("{id}", id);
  return fetch(
    `${server.address()}/api${address}?${new URLSearchParams({ ...asked }).toString()}`,
    {
      method: operation.method.toUpperCase(),
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body) ?? "",
    },
  );
}

beforeAll(async () => {
  await server.put(`/machines/${MACHINE}`, RIGHT_BODIES.saveMachine);
  for (const id of [RECORD, OTHER]) {
    await server.put(`/positions/${id}`, RIGHT_BODIES.savePosition);
  }
});

it(`answers bodies that are almost right as its document says, ${RUNS} of them (seed ${SEED})`, async () => {
  const met = new Set<string>();
  await fc.assert(
    fc.asyncProperty(almostRight, async ({ operation, at, to, query: asked, isNew }) => {
      const body = changedAt(RIGHT_BODIES[operation.id], at, to);
      const id = isNew ? randomUUID() : idOf(operation);
      const answer = await send(operation, id, body, asked);
      const said: unknown = await answer.json();
      if (answer.ok) {
        if (operation.answer.as !== "json") throw new Error("writes answer with what was written");
        expect(operation.answer.schema.safeParse(said).success).toBe(true);
        met.add(`${operation.id} taken`);
        return;
      }
      const { error } = apiErrorSchema.parse(said);
      expect(refusalsOf(operation)).toContain(error.code);
      expect(error.code).not.toBe("internal");
      expect(error.message).not.toBe("");
      met.add(`${operation.id} refused`);
    }),
    { seed: SEED, numRuns: RUNS },
  );
  // Each was taken where it still was right, and refused where it was not.
  for (const { id } of WRITES) expect(met).toContain(`${id} refused`);
  for (const id of ["saveMachine", "savePosition", "saveJob", "saveOrder", "saveRepair"]) {
    expect(met).toContain(`${id} taken`);
  }
});

it("has its lists readable after that", async () => {
  for (const operation of OPERATIONS.filter(({ id }) => id.startsWith("list"))) {
    const answer = await server.get(operation.path.replace("{id}", idOf(operation)));
    if (operation.answer.as !== "json") continue;
    expect([operation.id, answer.status]).toEqual([operation.id, 200]);
    expect(operation.answer.schema.safeParse(await answer.json()).success).toBe(true);
  }
});
