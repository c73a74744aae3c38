import { named } from "../../testing";
import { identify, seriesMet, type MetThreads, type Reading } from "./index";

const HALF_INCH: readonly Reading[] = [{ kind: "external-diameter", mm: 12.52 }];
const BSW = named("1/2 BSW").id;
const OTHERS = ["1/4 BSW", "3/8 BSW", "5/16 BSW"].map((name) => named(name).id);
const UNC = named("1/2-13 UNC").id;

const shareOf = (id: string, metOnMachine: MetThreads, readings = HALF_INCH, options = {}) =>
  identify(readings, { metOnMachine, ...options }).candidates.find(({ thread }) => thread.id === id)
    ?.probability ?? 0;

/** So many parts of a machine, none of them of the size at hand. */
const machineOf = (ids: readonly string[], each: number) =>
  Object.fromEntries(ids.map((id) => [id, each]));

describe("what was found on the machine at hand", () => {
  it("makes its series likelier, also in sizes that were not found on it, the more parts the more", () => {
    const shares = [0, 1, 3, 10].map((each) => shareOf(BSW, machineOf(OTHERS, each)));
    for (const [at, share] of shares.entries()) {
      if (at > 0) expect(share).toBeGreaterThan(shares[at - 1] ?? 1);
    }
    const nine = { ...machineOf(OTHERS, 2), [BSW]: 1, [named("M6").id]: 2 };
    const { candidates } = identify(HALF_INCH, { metOnMachine: nine });
    expect(candidates[0]?.thread.id).toBe(BSW);
  });

  it("makes the same thread likelier than another size of its series", () => {
    const same = shareOf(BSW, { [BSW]: 4 });
    expect(same).toBeGreaterThan(shareOf(BSW, machineOf(OTHERS.slice(0, 1), 4)));
  });

  it("never outweighs a pitch that was read", () => {
    const read: readonly Reading[] = [
      ...HALF_INCH,
      { kind: "leaf", tpi: 13, outcome: "drops-in" },
      { kind: "count", threads: 13, spanMm: 25.4 },
    ];
    expect(shareOf(UNC, { [BSW]: 40 }, read)).toBeGreaterThan(0.8);
  });

  it("says nothing where nothing was found, of what is not held, and where commonness is not weighed", () => {
    expect(shareOf(BSW, {})).toBeCloseTo(shareOf(BSW, { "no-such-thread": 9 }), 12);
    const alike = { useCommonness: false };
    expect(shareOf(BSW, { [BSW]: 9 }, HALF_INCH, alike)).toBeCloseTo(
      shareOf(BSW, {}, HALF_INCH, alike),
      12,
    );
  });

  it("leaves the whole at one", () => {
    const { candidates, unknown } = identify(HALF_INCH, { metOnMachine: { [BSW]: 7 } });
    const sum = candidates.reduce((total, { probability }) => total + probability, unknown);
    expect(sum).toBeCloseTo(1, 9);
  });

  it("is told by its series, the most first", () => {
    const met = { ...machineOf(OTHERS, 2), [BSW]: 1, [named("M6").id]: 2 };
    expect(seriesMet(met)).toEqual([
      ["BSW", 7],
      ["metric coarse", 2],
    ]);
  });
});
