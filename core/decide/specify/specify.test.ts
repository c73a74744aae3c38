import { formatCallout } from "../../callout";
import { specProblems } from "../replace";
import { lengthAdviceWords } from "../../say/sheet";
import { named } from "../../testing";
import {
  lookedAt,
  nearestThatWorks,
  readHoleSize,
  specify,
  threadsForHole,
  type HoleToFill,
} from "./index";

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
    const looked = lookedAt(hole(), found);
    expect(looked?.works).toBe(true);
    expect(looked && formatCallout(looked.spec)).toBe(
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

  it("is offered only where it satisfies every check, and else the nearest that does", () => {
    let refused = 0;
    for (const room of ["spanner", "key", "flush"] as const) {
      for (const thread of ["M8", "7/16-14", "M12"]) {
        for (let gripMm = 4; gripMm <= 40; gripMm += 3) {
          for (const depthMm of [14, 20, 27.43, 34]) {
            const asked = hole({ room, thread: named(thread), gripMm, depthMm });
            const found = specify(asked);
            const looked = found && lookedAt(asked, found);
            if (found === undefined || looked === undefined) continue;
            if (looked.works) {
              const { lengthMm } = looked.seating;
              expect(lengthMm).toBeGreaterThanOrEqual(found.window.leastMm - 1e-6);
              expect(lengthMm).toBeLessThanOrEqual(found.window.mostMm + 1e-6);
              expect(specProblems(looked.spec)).toEqual([]);
              continue;
            }
            refused += 1;
            const other = nearestThatWorks(asked);
            expect(other === undefined || other.looked.works).toBe(true);
          }
        }
      }
    }
    expect(refused).toBeGreaterThan(20);
  });

  it("is led to a bottoming tap where only that leaves thread enough", () => {
    const asked = hole({ material: "steel", tap: "taper", depthMm: 18, gripMm: 12 });
    expect(specify(asked)?.advice.kind).toBe("hole-too-shallow");
    expect(nearestThatWorks(asked)?.change).toEqual({ tap: "bottoming" });
  });

  it("never says too shallow with figures that read the other way", () => {
    let told = 0;
    for (let depthMm = 14; depthMm < 24; depthMm += 0.01) {
      const asked = hole({ depthMm });
      const found = specify(asked);
      if (found?.advice.kind !== "hole-too-shallow") continue;
      const words = lengthAdviceWords(found.advice, found.joint, asked.thread, "mm");
      const [, wanted, usable] =
        /([\d.]+) mm of full thread is wanted, ([\d.]+) mm can/.exec(words) ?? [];
      expect([depthMm, Number(wanted) > Number(usable)]).toEqual([depthMm, true]);
      told += 1;
    }
    expect(told).toBeGreaterThan(100);
  });

  it("is nothing while the depth of a tapped hole is not known", () => {
    const { depthMm: _depth, ...unknown } = hole();
    expect(specify(unknown)).toBeUndefined();
    expect(specify({ ...unknown, kind: "clear" })).toBeDefined();
  });
});
