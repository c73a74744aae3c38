import { inInches, named } from "../../testing";
import { INSERT_LENGTHS, leastDepthForInsert, stiMinor, wireInsert } from "./index";

/** The tapped hole of a wire insert: thread, major and minor diameter (mm, or inches for UNC and UNF), drill (ASME B18.29.1 and DIN 8140, by their formula; drills by the charts' rule). */
type Row = readonly [thread: string, major: number, minor: number, drill: string];

const METRIC_COARSE: readonly Row[] = [
  ["M2", 2.52, 2.087, "2.1"],
  ["M2.5", 3.085, 2.597, "2.6"],
  ["M3", 3.65, 3.108, "3.2"],
  ["M4", 4.909, 4.152, "4.2"],
  ["M5", 6.039, 5.173, "5.2"],
  ["M6", 7.299, 6.217, "6.3"],
  ["M8", 9.624, 8.271, "8.4"],
  ["M10", 11.949, 10.325, "10.4"],
  ["M12", 14.273, 12.379, "12.5"],
  ["M14", 16.598, 14.433, "14.6"],
  ["M16", 18.598, 16.433, "16.6"],
  ["M18", 21.248, 18.541, "18.7"],
  ["M20", 23.248, 20.541, "20.5"],
  ["M22", 25.248, 22.541, "22.5"],
  ["M24", 27.897, 24.65, "25"],
];

const METRIC_FINE: readonly Row[] = [
  ["M8x1", 9.299, 8.217, "8.3"],
  ["M10x1.25", 11.624, 10.271, "10.4"],
  ["M10x1", 11.299, 10.217, "10.3"],
  ["M12x1.5", 13.949, 12.325, "12.4"],
  ["M12x1.25", 13.624, 12.271, "12.4"],
  ["M14x1.5", 15.949, 14.325, "14.4"],
  ["M14x1.25", 15.624, 14.271, "14.4"],
  ["M16x1.5", 17.949, 16.325, "16.4"],
  ["M18x2", 20.598, 18.433, "18.6"],
  ["M18x1.5", 19.949, 18.325, "18.4"],
  ["M20x2", 22.598, 20.433, "20.5"],
  ["M20x1.5", 21.949, 20.325, "20.5"],
  ["M22x2", 24.598, 22.433, "22.5"],
  ["M22x1.5", 23.949, 22.325, "22.5"],
  ["M24x2", 26.598, 24.433, "24.5"],
  ["M24x1.5", 25.949, 24.325, "24.5"],
];

const UNC: readonly Row[] = [
  ["#4-40 unc", 0.1445, 0.1174, "31"],
  ["#6-32 unc", 0.1786, 0.1448, "25"],
  ["#8-32 unc", 0.2046, 0.1708, "17"],
  ["#10-24 unc", 0.2441, 0.199, "6"],
  ["1/4-20 unc", 0.315, 0.2608, "17/64"],
  ["5/16-18 unc", 0.3847, 0.3245, "Q"],
  ["3/8-16 unc", 0.4562, 0.3885, "X"],
  ["7/16-14 unc", 0.5303, 0.453, "29/64"],
  ["1/2-13 unc", 0.5999, 0.5167, "17/32"],
  ["9/16-12 unc", 0.6708, 0.5805, "19/32"],
  ["5/8-11 unc", 0.7431, 0.6447, "21/32"],
  ["3/4-10 unc", 0.8799, 0.7717, "25/32"],
  ["7/8-9 unc", 1.0193, 0.8991, "29/32"],
  ["1-8 unc", 1.1624, 1.0271, "1 1/32"],
];

const UNF: readonly Row[] = [
  ["#4-48 unf", 0.1391, 0.1165, "31"],
  ["#6-40 unf", 0.1705, 0.1434, "26"],
  ["#8-36 unf", 0.2001, 0.17, "17"],
  ["#10-32 unf", 0.2306, 0.1968, "7"],
  ["1/4-28 unf", 0.2964, 0.2577, "G"],
  ["5/16-24 unf", 0.3666, 0.3215, "21/64"],
  ["3/8-24 unf", 0.4291, 0.384, "25/64"],
  ["7/16-20 unf", 0.5025, 0.4483, "29/64"],
  ["1/2-20 unf", 0.565, 0.5108, "33/64"],
  ["9/16-18 unf", 0.6347, 0.5745, "37/64"],
  ["5/8-18 unf", 0.6972, 0.637, "41/64"],
  ["3/4-16 unf", 0.8312, 0.7635, "49/64"],
  ["7/8-14 unf", 0.9678, 0.8905, "57/64"],
  ["1-12 unf", 1.1083, 1.018, "1 1/32"],
];

describe("the hole of a wire insert", () => {
  it.each([...METRIC_COARSE, ...METRIC_FINE])(
    "%s: %d, %d, drill %s",
    (name, major, minor, mark) => {
      const made = wireInsert(named(name), 1.5)!;
      expect(made.sti.major).toBeCloseTo(major, 2);
      expect(made.sti.minor).toBeCloseTo(minor, 2);
      expect(made.drill.mark).toBe(mark);
    },
  );

  it.each([...UNC, ...UNF])("%s: %d in, %d in, drill %s", (name, major, minor, mark) => {
    const made = wireInsert(named(name), 1.5)!;
    expect(inInches(made.sti.major)).toBeCloseTo(major, 3);
    expect(inInches(made.sti.minor)).toBeCloseTo(minor, 3);
    expect(made.drill.mark).toBe(mark);
  });

  it("is drilled inside its limits, which leave the insert's thread room", () => {
    for (const [name] of [...METRIC_COARSE, ...METRIC_FINE, ...UNC, ...UNF]) {
      const thread = named(name);
      const { min, max } = stiMinor(thread)!;
      const { drill, sti } = wireInsert(thread, 1)!;
      expect(drill.mm).toBeGreaterThanOrEqual(min - 0.05);
      expect(drill.mm).toBeLessThanOrEqual(max);
      expect(drill.mm).toBeGreaterThan(thread.majorMm - thread.pitchMm);
      expect(sti.pitch).toBeCloseTo((sti.major + sti.minor) / 2 - 0.108253 * thread.pitchMm, 5);
    }
  });

  it("is never asked of a thread that no insert is made for", () => {
    expect(wireInsert(named("3/8 bsw"), 1.5)).toBeUndefined();
    expect(wireInsert(named("G 1/2"), 1.5)).toBeUndefined();
  });

  it("gets deeper with the insert, and a blind one deeper than a through one", () => {
    const thread = named("M8");
    const depths = INSERT_LENGTHS.map((length) => leastDepthForInsert(thread, length, "blind"));
    expect(depths).toEqual([...depths].sort((a, b) => a - b));
    expect(leastDepthForInsert(thread, 1, "through")).toBe(8);
    expect(leastDepthForInsert(thread, 1, "blind")).toBe(11.75);
  });
});
