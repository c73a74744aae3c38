import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { startSupplier, type SimulatedSupplier } from "../simulators/supplier/simulated-supplier";
import type { SupplierMood } from "../simulators/supplier/moods";
import { httpSupplier } from "./http-supplier";
import type { Supplier } from "./supplier";

const BOLT = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b01";
const ODD = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b02";
const OLD = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b03";
const ASKED = {
  lines: [
    { id: BOLT, callout: "M8 x 40 hex bolt, 8.8, zinc", quantity: 60 },
    { id: ODD, callout: "M8 x 37 hex bolt, 8.8", quantity: 4 },
    { id: OLD, callout: "a wibble as before", quantity: 1 },
  ],
};
const AT = new Date("2026-03-02T08:30:00Z");

let supplier: SimulatedSupplier | undefined;

/** The supplier as the server asks it, while it is in these moods. */
async function inMoods(...moods: readonly SupplierMood[]): Promise<Supplier> {
  supplier = await startSupplier(moods);
  return httpSupplier({
    address: supplier.address,
    now: () => AT,
    patienceMs: 400,
    pauseMs: 5,
  });
}

afterEach(async () => {
  await supplier?.stop();
  supplier = undefined;
});

describe("a supplier that is asked", () => {
  it("says of each line whether it is in stock, in what packs, for how much and when it is here", async () => {
    const quotation = await (await inMoods("well")).quote(ASKED);
    expect(quotation).toMatchObject({ at: AT.toISOString() });
    expect(quotation.lines).toMatchObject([
      { id: BOLT, state: "stocked", pack: 50, packs: 2 },
      { id: ODD, state: "out", packs: 0 },
      { id: OLD, state: "not-sold" },
    ]);
    expect(quotation.lines[0]?.price).toBeGreaterThan(0);
    expect(quotation.lines[1]?.days ?? 0).toBeGreaterThan(quotation.lines[0]?.days ?? 0);
  });

  it.each([
    ["1/2-13 UNC x 1-3/4 hex cap screw, grade 5, zinc", "stocked"],
    ["M8 hex nut, 8", "stocked"],
    ["M10 washer, zinc", "stocked"],
    ["1/2-12 BSW x 2 hex bolt", "out"],
    ["M8 x 1 x 30 hex bolt, 8.8", "out"],
    ["M8 x 30 hex bolt, 5.8", "out"],
    ["M52 x 200 hex bolt, 8.8", "not-sold"],
    ["6 x 20 dowel pin", "not-sold"],
  ])("has %s: %s", async (callout, state) => {
    const asked = { lines: [{ id: BOLT, callout, quantity: 4 }] };
    expect((await (await inMoods("well")).quote(asked)).lines).toMatchObject([{ state }]);
  });

  it("asks the same for the same, whenever it is asked", async () => {
    const asked = await inMoods("well");
    const [one, other] = [await asked.quote(ASKED), await asked.quote(ASKED)];
    expect(one.lines).toEqual(other.lines);
    expect(one.reference).not.toBe(other.reference);
  });

  it.each([
    ["fails", "fails"],
    ["never answers", "silent"],
    ["answers nonsense", "nonsense"],
  ] as const)("is asked again when it %s, and answers then", async (_what, mood) => {
    const quotation = await (await inMoods(mood, mood, "well")).quote(ASKED);
    expect(quotation.lines).toHaveLength(3);
  });

  it.each([
    ["fails", "away"],
    ["silent", "slow"],
    ["nonsense", "nonsense"],
  ] as const)("is given up after three tries: %s is %s", async (mood, fault) => {
    await expect((await inMoods(mood)).quote(ASKED)).rejects.toMatchObject({ fault });
  });

  it("is away where nobody listens", async () => {
    const asked = await inMoods("well");
    await supplier?.stop();
    await expect(asked.quote(ASKED)).rejects.toMatchObject({ fault: "away" });
  });
});

describe("a supplier that does as it should not", () => {
  const served = (answer: Parameters<typeof createServer>[1]) => {
    const server = createServer(answer);
    return new Promise<Server>((resolve) => {
      server.listen(0, "127.0.0.1", () => resolve(server));
    });
  };
  const asking = (server: Server, patienceMs = 60_000) => {
    const { port } = server.address() as AddressInfo;
    const address = `http://127.0.0.1:${port}`;
    return httpSupplier({ address, now: () => AT, patienceMs, tries: 1 }).quote(ASKED);
  };

  it("never ends its answer: no more than a megabyte of it is taken", async () => {
    let sent = 0;
    const server = await served((_request, response) => {
      const more = () => {
        while (!response.destroyed) {
          sent += 65_536;
          if (!response.write("x".repeat(65_536))) return;
        }
      };
      response.on("drain", more);
      more();
    });
    await expect(asking(server)).rejects.toMatchObject({ fault: "nonsense" });
    expect(sent).toBeLessThan(20_000_000);
    server.closeAllConnections();
    server.close();
  });

  it("sends on to another address: nothing is asked there", async () => {
    let asked = 0;
    const other = await served((_request, response) => {
      asked += 1;
      response.end("{}");
    });
    const { port } = other.address() as AddressInfo;
    const server = await served((_request, response) => {
      response.writeHead(307, { location: `http://127.0.0.1:${port}/quotations` }).end();
    });
    await expect(asking(server)).rejects.toMatchObject({ fault: "away" });
    expect(asked).toBe(0);
    for (const one of [server, other]) one.close();
  });
});

describe("what is no quotation", () => {
  const item = (line: string, change: object = {}) => ({
    line,
    availability: "in stock",
    unitsPerPack: 50,
    packs: 2,
    pricePerPack: 3.1,
    leadTimeDays: 2,
    ...change,
  });
  const items = [item(BOLT), item(ODD), item(OLD)];
  const answers: readonly (readonly [what: string, answer: unknown])[] = [
    ["a line left out", { number: "Q-1", items: items.slice(1) }],
    ["a line twice", { number: "Q-1", items: [item(BOLT), item(BOLT), item(OLD)] }],
    ["a line nobody asked for", { number: "Q-1", items: [...items, item("another")] }],
    [
      "a price under nothing",
      { number: "Q-1", items: [item(BOLT, { pricePerPack: -3 }), ...items.slice(1)] },
    ],
    ["half a pack", { number: "Q-1", items: [item(BOLT, { packs: 1.5 }), ...items.slice(1)] }],
    [
      "fewer than were asked for",
      { number: "Q-1", items: [item(BOLT, { packs: 1 }), ...items.slice(1)] },
    ],
    [
      "a price in words",
      { number: "Q-1", items: [item(BOLT, { pricePerPack: "three" }), ...items.slice(1)] },
    ],
    ["a page", "<html>Welcome</html>"],
    ["nothing", null],
  ];

  /** A service that always answers the same. */
  function answering(answer: unknown): Promise<Server> {
    const server = createServer((_request, response) => {
      response.end(typeof answer === "string" ? answer : JSON.stringify(answer));
    });
    return new Promise((resolve) => {
      server.listen(0, "127.0.0.1", () => resolve(server));
    });
  }

  it.each(answers)("has %s", async (_what, answer) => {
    const server = await answering(answer);
    const { port } = server.address() as AddressInfo;
    const asked = httpSupplier({ address: `http://127.0.0.1:${port}`, now: () => AT, tries: 1 });
    await expect(asked.quote(ASKED)).rejects.toMatchObject({ fault: "nonsense" });
    server.closeAllConnections();
    server.close();
  });
});
