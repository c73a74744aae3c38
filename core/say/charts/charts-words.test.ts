import { confusedWith } from "../../identify/look-alikes";
import { sizeNotes, threadUses } from "../../catalogue/notes";
import {
  pairOutcomeWords,
  pairWords,
  tellApartWords,
  sizeNoteWords,
  threadColumnHeads,
  threadRow,
  threadUseWords,
  understandingWords,
} from ".";
import { judgePair } from "../../identify/mating";
import { searchThreads } from "../../identify/search";
import { named } from "../../testing";
import { catalogue } from "../../catalogue/threads";

const MEDIUM = { units: "mm", side: "external", quality: "medium" } as const;

describe("a row of the thread table", () => {
  it("holds the figures of M10 in both units", () => {
    expect(threadRow(named("M10"), MEDIUM)).toEqual({
      designation: "M10 x 1.5",
      major: "10.000",
      pitch: "1.500",
      tpi: "16.9",
      drill: "8.5",
      clearance: "11",
      spanner: "16 mm",
      limits: "9.732–9.968 6g",
    });
    expect(threadRow(named("M10"), { ...MEDIUM, units: "in" })).toMatchObject({
      major: "0.3937",
      limits: "0.3831–0.3924 6g",
    });
  });

  it("marks number drills and limits that are an estimate", () => {
    expect(threadRow(named("1/4-20"), MEDIUM)).toMatchObject({ drill: "#7", tpi: "20" });
    expect(threadRow(named("1/4-26 cycle"), MEDIUM).limits).toMatch(/estimated\*$/);
    expect(threadRow(named("Rp 1/2"), MEDIUM).limits).toBe("–");
  });

  it("can be made for every thread, each cell filled", () => {
    for (const thread of catalogue()) {
      for (const side of ["external", "internal"] as const) {
        const cells = Object.values(threadRow(thread, { ...MEDIUM, side }));
        expect(cells.every((cell) => cell !== "" && !cell.includes("NaN"))).toBe(true);
      }
    }
  });

  it("names its columns with their units", () => {
    expect(threadColumnHeads({ units: "in", side: "internal" })).toMatchObject({
      major: "Major, in",
      limits: "Nut minor limits, in",
    });
  });
});

describe("sentences of the charts", () => {
  const went = (male: string, female: string, units: "mm" | "in" = "mm") =>
    pairWords(judgePair(named(male), named(female)), units);

  it("say how a screw and a nut take each other", () => {
    expect(went("3/8-16", "M10")).toBe(
      "3/8-16 UNC in M10 x 1.5 binds after about 4 turns: over ten threads the pitches part by 0.87 mm.",
    );
    expect(went("3/8-16", "M10", "in")).toContain("part by 0.0344 in");
    expect(went("M8", "M10")).toBe(
      "M8 x 1.25 in M10 x 1.5 slides through without touching the thread.",
    );
    expect(pairOutcomeWords(judgePair(named("M8"), named("M10")))).toBe("Slides through");
    expect(pairOutcomeWords(judgePair(named("M10"), named("M10")))).toBe("Goes");
  });

  it("have one for every pair that may be looked up, and no gap in it", () => {
    const some = catalogue().filter((_, i) => i % 17 === 0);
    for (const male of some) {
      for (const female of some) {
        const sentence = pairWords(judgePair(male, female), "mm");
        expect(sentence).toMatch(/^\S.*\.$/);
        expect(sentence).not.toMatch(/NaN|undefined|Infinity/);
      }
    }
  });

  it("say how to tell look-alikes apart, with both figures", () => {
    const thread = named("1/4-20");
    const sentences = confusedWith(thread).map((alike) => tellApartWords(alike, thread, "mm"));
    expect(sentences).toContain("By the flank angle: 60° here, 55° there.");
    const taper = confusedWith(named("G 1/2")).find(({ told }) => told === "taper");
    expect(taper && tellApartWords(taper, named("G 1/2"), "mm")).toMatch(
      /^By the taper: .* grows 1 in 16, the other is parallel\.$/,
    );
  });

  it("say that the name is the bore", () => {
    const thread = named("G 1/2");
    const [note] = sizeNotes(thread);
    expect(note && sizeNoteWords(note, thread, "mm")).toBe(
      "The name is the bore, not the outside: G 1/2 measures 20.67–20.95 mm over the crests.",
    );
  });

  it("say what every thread is for", () => {
    for (const thread of catalogue()) {
      for (const use of threadUses(thread)) expect(threadUseWords(use)).toMatch(/\.$/);
    }
  });

  it.each([
    ["zz", /^Read “zz”: neither a thread, a diameter nor a pitch\. Accepted: /],
    ["M13", /^Read “M13”: no such size is held\. Nearest: M12 x 1\.75, M14 x 2\.$/],
    ["M10x2", /^Read “M10x2”: not a pitch or series of that size\. Held: M10 x 1\.5, /],
    ["9.5 mm", /^Read as a diameter: 9\.50 mm over the crests/],
    ["500", /outside every thread held: they run from 0\.\d\d–1\d\d\.\d\d mm over the crests\.$/],
    ["20 tpi", /^20 TPI is a standard pitch\.$/],
    [
      "1.3 pitch",
      /^1\.300 mm is no standard pitch; it lies between 20 TPI \(ten threads 0\.30 mm longer than that\) and 19 TPI \(ten threads 0\.37 mm shorter than that\)\.$/,
    ],
  ])("answer %j with what was understood", (text, sentence) => {
    const [understanding] = searchThreads(text, { units: "mm" }).understood;
    expect(understanding && understandingWords(understanding, "mm")).toMatch(sentence);
  });
});
