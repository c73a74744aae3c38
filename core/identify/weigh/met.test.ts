import { named } from "../../testing";
import { identify, LEAST_MET, type MetThreads, type Reading } from "./index";

const HALF_INCH: readonly Reading[] = [{ kind: "external-diameter", mm: 12.52 }];
const BSW = named("1/2 BSW").id;

const share = (met: MetThreads | undefined, id: string, options = {}) =>
  identify(HALF_INCH, { ...options, ...(met === undefined ? {} : { met }) }).candidates.find(
    ({ thread }) => thread.id === id,
  )?.probability ?? 0;

describe("what a workshop has met", () => {
  it("moves the shares towards itself, the more it has counted", () => {
    const some = { [BSW]: LEAST_MET };
    const many = { [BSW]: 20 * LEAST_MET };
    expect(share(some, BSW)).toBeGreaterThan(1.5 * share(undefined, BSW));
    expect(share(many, BSW)).toBeGreaterThan(share(some, BSW));
    expect(identify(HALF_INCH, { met: many }).candidates[0]?.thread.id).toBe(BSW);
  });

  it("says nothing before it is worth something, nor where commonness is not weighed", () => {
    expect(share({ [BSW]: LEAST_MET - 1 }, BSW)).toBeCloseTo(share(undefined, BSW), 12);
    expect(share({ "no-such-thread": 500 }, BSW)).toBeCloseTo(share(undefined, BSW), 12);
    const alike = { useCommonness: false };
    expect(share({ [BSW]: 500 }, BSW, alike)).toBeCloseTo(share(undefined, BSW, alike), 12);
  });

  it("leaves the whole at one, and a thread of pipes off a bolt", () => {
    const met = { [named("G 1/8").id]: 300 };
    const { candidates, unknown } = identify([{ kind: "external-diameter", mm: 9.62 }], {
      met,
      part: "bolt",
    });
    const sum = candidates.reduce((total, { probability }) => total + probability, unknown);
    expect(sum).toBeCloseTo(1, 9);
    const onPipe = identify([{ kind: "external-diameter", mm: 9.62 }], { met, part: "pipe-male" });
    const of = (all: typeof candidates) =>
      all.find(({ thread }) => thread.designation === "G 1/8")?.probability ?? 0;
    expect(of(onPipe.candidates)).toBeGreaterThan(of(candidates));
  });
});
