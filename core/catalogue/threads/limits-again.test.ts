import { MM_PER_INCH } from "../../measure";
import { catalogue, limits, toleranceClasses, type Thread, type ThreadFamily } from "./index";

// Every family's limits once more: straight from the standards' formulas, without their tables and without rounding on
// the way, so that what is rounded twice, or taken from another row, stands out by more than the last figure.

const inches = (mm = Number.NaN) => mm / MM_PER_INCH;
const pitchIn = ({ pitchMm }: Thread) => pitchMm / MM_PER_INCH;
const majorIn = ({ majorMm }: Thread) => majorMm / MM_PER_INCH;

const ofFamily = (family: ThreadFamily) => catalogue().filter((one) => one.family === family);

const width = ({ min = Number.NaN, max = Number.NaN }: { min?: number; max?: number }) => max - min;

/** One unit of the last figure printed, and half of the two roundings that led to it. */
const INCH_LAST = 0.000151;

describe("unified limits by ASME B1.1 clause 5", () => {
  const oneDiameter = new Set(["UNC", "UNF", "4-UN", "6-UN", "8-UN"]);
  const tolerance2A = (thread: Thread) =>
    (15 * majorIn(thread) ** (1 / 3) +
      15 * (oneDiameter.has(thread.series) ? majorIn(thread) : 9 * pitchIn(thread)) ** 0.5 +
      150 * pitchIn(thread) ** (2 / 3)) /
    10_000;

  it.each([
    ["external", "2A", 1],
    ["external", "3A", 0.75],
    ["internal", "2B", 1.3],
    ["internal", "3B", 0.975],
  ] as const)("%s %s: the pitch diameter's tolerance", (side, toleranceClass, share) => {
    const off = ofFamily("unified").filter((thread) => {
      const own = inches(width(limits(thread, side, toleranceClass).pitch));
      return Math.abs(own - share * tolerance2A(thread)) > INCH_LAST;
    });
    expect(off.map(({ designation }) => designation)).toEqual([]);
  });

  it("lie the allowance under the basic size, rounded once, but for one printed otherwise", () => {
    const off = ofFamily("unified").filter((thread) => {
      const below = majorIn(thread) - inches(limits(thread, "external", "2A").major.max);
      return Math.abs(below - 0.3 * tolerance2A(thread)) > 0.00005 + 1e-9;
    });
    expect(off.map(({ designation }) => designation)).toEqual(["5/8-11 UNC"]);
  });

  it("give the crests of a bolt 0.06 of the pitch to the two thirds", () => {
    const off = ofFamily("unified").filter((thread) => {
      const own = inches(width(limits(thread, "external", "2A").major));
      return Math.abs(own - 0.06 * pitchIn(thread) ** (2 / 3)) > INCH_LAST;
    });
    expect(off).toEqual([]);
  });
});

describe("metric limits by ISO 965-1, within the step of preferred numbers they are rounded to", () => {
  // R40: a figure and the next are 6 % apart; the smallest are whole micrometres.
  const near = (mm: number, micrometres: number) =>
    Math.abs(mm * 1000 - micrometres) <= Math.max(1.5, 0.06 * micrometres);
  const STEPS = [0.99, 1.4, 2.8, 5.6, 11.2, 22.4, 45, 90, 180];
  const meanDiameter = (major: number) => {
    const upper = STEPS.find((end) => major <= end) ?? 180;
    const lower = STEPS[STEPS.indexOf(upper) - 1] ?? 0.99;
    return (lower * upper) ** 0.5;
  };
  const medium = ofFamily("iso-metric").filter(
    (thread) =>
      toleranceClasses(thread, "external").includes("6g") &&
      toleranceClasses(thread, "internal").includes("6H"),
  );

  it("of bolts 6g", () => {
    const off = medium.filter((thread) => {
      const { pitchMm: p, majorMm } = thread;
      const { major, pitch } = limits(thread, "external", "6g");
      const td = 180 * p ** (2 / 3) - 3.15 / p ** 0.5;
      const td2 = 90 * p ** 0.4 * meanDiameter(majorMm) ** 0.1;
      return !near(width(major), td) || !near(width(pitch), td2);
    });
    expect(off.map(({ designation }) => designation)).toEqual([]);
  });

  it("of nuts 6H", () => {
    const off = medium.filter((thread) => {
      const { pitchMm: p, majorMm } = thread;
      const { minor, pitch } = limits(thread, "internal", "6H");
      const td1 = p >= 1 ? 230 * p ** 0.7 : 433 * p - 190 * p ** 1.22;
      const td2 = 1.32 * 90 * p ** 0.4 * meanDiameter(majorMm) ** 0.1;
      return !near(width(minor), td1) || !near(width(pitch), td2);
    });
    expect(off.map(({ designation }) => designation)).toEqual([]);
  });
});

describe("Whitworth limits by BS 84", () => {
  it("give the effective diameter of a medium bolt and nut the same tolerance T", () => {
    const off = ofFamily("whitworth").filter((thread) => {
      const d = majorIn(thread);
      const t = (2 * d ** (1 / 3) + 3 * d ** 0.5 + 5 * pitchIn(thread) ** 0.5) / 1000;
      const bolt = inches(width(limits(thread, "external", "medium").pitch));
      const nut = inches(width(limits(thread, "internal", "medium").pitch));
      return Math.abs(bolt - t) > INCH_LAST || Math.abs(nut - t) > INCH_LAST;
    });
    expect(off.map(({ designation }) => designation)).toEqual([]);
  });
});

describe("the usual classes of every family", () => {
  const both = catalogue().filter(({ only, taper }) => only === undefined && taper === undefined);

  it("leave a bolt room in its nut", () => {
    const tight = both.filter((thread) => {
      const bolt = limits(thread, "external");
      const nut = limits(thread, "internal");
      const over = (outer = Number.NaN, inner = Number.NaN) => outer - inner > 0.0005;
      return over(bolt.pitch.max, nut.pitch.min) || over(bolt.major.max, nut.major.min);
    });
    expect(tight.map(({ designation }) => designation)).toEqual([]);
  });

  it("leave the flanks of the loosest pair half their height and more", () => {
    const shallow = both.filter((thread) => {
      const crest = limits(thread, "external").major.min ?? thread.majorMm;
      const bore = limits(thread, "internal").minor.max ?? 0;
      return crest - bore < 0.3 * thread.pitchMm;
    });
    expect(shallow.map(({ designation }) => designation)).toEqual([]);
  });
});
