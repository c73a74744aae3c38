import { randomUUID } from "node:crypto";
import {
  jobListSchema,
  jobSchema,
  toOrderListSchema,
  wholeJobSchema,
  type Job,
} from "@root-gauge/contract";
import { machineNamed, serverForTests } from "./test-server";

const server = serverForTests();

const { put } = server;
const get = async (address: string): Promise<unknown> => (await server.get(address)).json();

async function machine(name: string): Promise<string> {
  const id = randomUUID();
  await put(`/machines/${id}`, machineNamed(name));
  return id;
}

async function position(machineId: string, name: string, change: object = {}): Promise<string> {
  const id = randomUUID();
  await put(`/positions/${id}`, { machineId, name, ...change });
  return id;
}

const job = (name: string, change: object = {}) => ({ name, opened: "2026-03-02", ...change });

async function saved(id: string, body: unknown, query = ""): Promise<Job> {
  return jobSchema.parse(await (await put(`/jobs/${id}${query}`, body)).json());
}

const whole = async (id: string) => wholeJobSchema.parse(await get(`/jobs/${id}`));

describe("a job", () => {
  it("is worked at positions of several machines, in its own order, each with where it is", async () => {
    const guillotine = await machine("Union lever guillotine");
    const folder = await machine("Folding machine");
    const bar = await position(guillotine, "Clamp bar");
    const left = await position(guillotine, "Left", { parentId: bar, state: "to-order" });
    const flange = await position(folder, "Drive flange");
    const id = randomUUID();
    await saved(id, job("Spring service", { due: "2026-04-01", positions: [flange, left] }));
    expect(await whole(id)).toMatchObject({
      machines: ["Folding machine", "Union lever guillotine"],
      states: { "to-identify": 1, "to-order": 1 },
      places: [
        { machine: "Folding machine", path: "Drive flange" },
        { machine: "Union lever guillotine", path: "Clamp bar / Left" },
      ],
    });
  });

  it("has each place once, leaves out one that was taken out, and has it again when it is back", async () => {
    const press = await machine("Nipping press");
    const [one, other] = [await position(press, "Nut"), await position(press, "Screw")];
    const id = randomUUID();
    const sent = job("Rebuild", { positions: [one, other, one] });
    expect((await saved(id, sent)).positions).toEqual([one, other]);
    await put(`/positions/${one}?saw=1`, { machineId: press, name: "Nut", removed: true });
    expect((await whole(id)).positions).toEqual([other]);
    await put(`/positions/${one}?saw=2`, { machineId: press, name: "Nut" });
    expect((await whole(id)).positions).toEqual([one, other]);
  });

  it("stands with the soonest due first, and last when it is done", async () => {
    const [late = "", soon = "", whenever = "", done = ""] = [1, 2, 3, 4].map(() =>
      String(randomUUID()),
    );
    await saved(late, job("Late", { due: "2026-09-01" }));
    await saved(whenever, job("Whenever"));
    await saved(soon, job("Soon", { due: "2026-03-05" }));
    await saved(done, job("Done", { due: "2026-01-05", done: "2026-01-04" }));
    const { jobs } = jobListSchema.parse(await get("/jobs"));
    const ids = jobs.map(({ id }) => id).filter((id) => [late, soon, whenever, done].includes(id));
    expect(ids).toEqual([soon, late, whenever, done]);
  });

  it("takes what two devices changed of it where it is not the same, and refuses the later of the same", async () => {
    const id = randomUUID();
    const [phone, desk] = [randomUUID(), randomUUID()];
    await saved(id, job("Service"), `?device=${phone}`);
    await saved(id, job("Spring service"), `?device=${phone}&saw=1&touched=name`);
    const due = job("Service", { due: "2026-05-01" });
    const both = await saved(id, due, `?device=${desk}&saw=1&touched=due`);
    expect(both).toMatchObject({ name: "Spring service", due: "2026-05-01" });
    const again = await put(`/jobs/${id}?device=${desk}&saw=1&touched=name`, job("Service 1"));
    expect(again.status).toBe(409);
    expect((await whole(id)).name).toBe("Spring service");
  });

  it("is refused with a place that nobody knows, and nothing of it is stored", async () => {
    const id = randomUUID();
    const answer = await put(`/jobs/${id}`, job("Service", { positions: [randomUUID()] }));
    expect(answer.status).toBe(404);
    expect((await fetch(`${server.address()}/api/jobs/${id}`)).status).toBe(404);
  });

  it.each([
    ["no name", job(" ")],
    ["a day that is none", job("Service", { due: "2026-02-30" })],
    ["a name of 1,000 letters", job("x".repeat(1000))],
  ])("is refused with %s", async (_what, body) => {
    expect((await put(`/jobs/${randomUUID()}`, body)).status).toBe(400);
  });

  it("has an order list of its own", async () => {
    const folder = await machine("Folding machine");
    const inJob = await position(folder, "In the job", { state: "to-order" });
    await position(folder, "Not in it", { state: "to-order" });
    const id = randomUUID();
    await saved(id, job("Service", { positions: [inJob] }));
    const list = toOrderListSchema.parse(await get(`/to-order?job=${id}`));
    expect(list.positions.map(({ name }) => name)).toEqual(["In the job"]);
  });
});
