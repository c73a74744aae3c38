import { formatCallout } from "../callout";
import { named } from "../testing/named-thread";
import { readHoleSize, specifiedScrew, specify, threadsForHole, type HoleToFill } from "./index";

const hole = (change: Partial<HoleToFill> = {}): HoleToFill => ({
  kind: "blind",
  thread: named("M8"),
  gripMm: 12,
  depthMm: 30,
  material: "cast-iron",
  tap: "bottoming",
  room: "key",
  washer: false,
  ...change,
});

describe("threads for a hole", () => {
  it.each([
    ["clear", 9, "M8 x 1.25"],
    ["clear", 13.5, "M12 x 1.75"],
    ["tapped", 6.75, "M8 x 1.25"],
    ["blind", 10.7, "1/2-13 UNC"],
  ] as const)("%s of %d mm: %s first or second", (kind, mm, name) => {
    const names = threadsForHole(kind, mm).map(({ designation }) => designation);
    expect(names.slice(0, 2)).toContain(name);
  });

  it("are read as a thread or as a diameter", () => {
    expect(readHoleSize("M8", "blind", "mm")).toMatchObject({ kind: "thread" });
    expect(readHoleSize("9", "clear", "mm")).toMatchObject({ kind: "measured", mm: 9 });
    expect(readHoleSize("9/16", "clear", "in")).toMatchObject({ kind: "measured" });
    const [first] = threadsForHole("clear", (9 / 16) * 25.4);
    expect(first?.majorMm).toBe(12.7);
    expect(readHoleSize("banana", "clear", "mm")).toMatchObject({ kind: "problem" });
  });
});

describe("what a hole is led to", () => {
  it("is a socket cap screw that neither bottoms nor holds too little", () => {
    const found = specify(hole());
    if (found?.advice.kind !== "stock") throw new Error("no length");
    const { seating } = found.advice;
    // 30 deep less 2 pitches of tap lead and one clear: 26.25 at the most, 12 at the least in cast iron.
    expect(seating.throughMm).toBeGreaterThanOrEqual(12);
    expect(seating.throughMm).toBeLessThanOrEqual(26.25);
    expect(formatCallout(specifiedScrew(hole(), found, seating.lengthMm))).toBe(
      `M8 x ${seating.lengthMm} socket cap screw, 8.8`,
    );
  });

  it("shows lengths on both sides, too short and too long as such", () => {
    const seats = specify(hole())?.lengths.map(({ seat }) => seat) ?? [];
    expect(seats[0]).toBe("too-short");
    expect(seats.at(-1)).toBe("too-long");
    expect(seats).toContain("sound");
  });

  it("is a hexagon bolt with nut and washers through a clear hole, a countersunk screw when flush", () => {
    const bolt = specify(hole({ kind: "clear", room: "spanner", washer: true, gripMm: 20 }));
    expect(bolt).toMatchObject({ head: "hex", joint: { kind: "through", washersMm: 3.2 } });
    expect(specify(hole({ room: "flush" }))).toMatchObject({ head: "csk" });
  });

  it("is nothing while the depth of a tapped hole is not known", () => {
    const { depthMm: _depth, ...unknown } = hole();
    expect(specify(unknown)).toBeUndefined();
    expect(specify({ ...unknown, kind: "clear" })).toBeDefined();
  });
});
