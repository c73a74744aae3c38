import { NUT_STYLES, WASHER_STYLES, stockLengths } from "../catalogue/fasteners";
import { HARDNESS_CLASSES, NUT_CLASSES, gradesFor } from "../catalogue/grades";
import { DRIVES, FINISHES, HEAD_STYLES, POINTS, drivesOf } from "../catalogue/looks";
import { seededRandom, type SeededRandom } from "../random";
import { named } from "../testing";
import {
  formatCallout,
  isCalloutProblem,
  parseCallout,
  pieceChoices,
  type FastenerSpec,
  type OwnWord,
} from "./index";

function parsed(text: string): FastenerSpec {
  const result = parseCallout(text);
  if (isCalloutProblem(result)) throw new Error(`${text}: ${result.code}`);
  return result;
}

/** A spec in a line, so that a row of the table can hold it. */
function inShort(spec: FastenerSpec): string {
  if (spec.part === "pin") return formatCallout(spec);
  const { thread, quantity, finish } = spec;
  const hand = thread.hand === "left" ? "LH" : undefined;
  const own =
    spec.part === "screw"
      ? [
          ...[spec.lengthMm, spec.head, spec.drive, spec.point, spec.gradeId, spec.hardnessClass],
          spec.nut && `with ${inShort(spec.nut)}`,
        ]
      : spec.part === "plug"
        ? ["plug", spec.drive]
        : spec.part === "washer"
          ? [spec.style, spec.outsideMm, spec.thickMm, spec.hardnessHv]
          : [spec.style, spec.part === "nut" ? spec.nutClassId : undefined];
  const washers = "washers" in spec ? spec.washers : undefined;
  own.push(...(washers ?? []).map((washer) => `with ${inShort(washer)}`));
  return [quantity, thread.designation, hand, ...own, finish]
    .filter((part) => part !== undefined)
    .join(" | ");
}

describe("a washer by its size alone", () => {
  it.each([
    ["1/4 flat washer", "1/4-20 UNC"],
    ["#10 washer", "#10-24 UNC"],
    ["5/8 spring washer qty 20", "5/8-11 UNC"],
  ])("%s goes over any thread of it", (text, designation) => {
    const result = parseCallout(text);
    if (isCalloutProblem(result)) throw new Error(result.code);
    expect(result).toMatchObject({ part: "washer", thread: { designation } });
  });

  it("asks which thread of a nut, and of a washer that was said to have more", () => {
    for (const text of ["1/4 nut", "1/2 x 13/16 x 2 washer"]) {
      const result = parseCallout(text);
      expect(isCalloutProblem(result) && result.code).toBe("callout-which-thread");
    }
  });
});

describe("call-outs as shops and drawings write them", () => {
  it.each([
    ["7/16-14 x 2-1/4 gr 5 zinc", "7/16-14 UNC | 57.15 | sae-5 | zinc"],
    ["1/2-13-1-1/2", "1/2-13 UNC | 38.1"],
    ['1/2"-13 x 1.5" long, Grade 8', "1/2-13 UNC | 38.1 | sae-8"],
    ["1/2 x 2 UNC gr 8 hcs", "1/2-13 UNC | 50.8 | hex | sae-8"],
    ["grade 5 hex bolt 3/8-16 x 2", "3/8-16 UNC | 50.8 | hex | sae-5"],
    ["5/16-18-1 gr.8 yellow zinc", "5/16-18 UNC | 25.4 | sae-8 | zinc-yellow"],
    ["M8x30 12.9 socket cap", "M8 x 1.25 | 30 | socket-cap | 12.9"],
    ["M10-1.25x40", "M10 x 1.25 | 40"],
    ["m10 × 1,25 × 40", "M10 x 1.25 | 40"],
    ["M8 30mm long csk A2", "M8 x 1.25 | 30 | csk | A2-70 | stainless"],
    ["10 off M10 x 40 LH hex bolt 8.8", "10 | M10 x 1.5 | LH | 40 | hex | 8.8"],
    ["qty 12 M6x16 button head 10.9 black", "12 | M6 x 1 | 16 | button | 10.9 | plain"],
    ["#10-32 x 3/4 slotted pan head ss", "#10-32 UNF | 19.05 | pan | slot | stainless"],
    ["M8 grub screw x 10 cup point", "M8 x 1.25 | 10 | set | cup"],
    ["3/8 bsw x 1-1/4 grade R", "3/8-16 BSW | 31.75 | letter-R"],
    ["2 BA x 1/2 cheese head brass", "2 BA | 12.7 | cheese | brass"],
    ["A325 3/4-10 x 3", "3/4-10 UNC | 76.2 | a325"],
    ["M16 x 60 HDG 8.8", "M16 x 2 | 60 | 8.8 | galvanised"],
    ["M6 nylon insert nut class 8", "M6 x 1 | nylon-insert | nut-8"],
    ["1/2-13 nut grade 8", "1/2-13 UNC | hex | nut-sae-8"],
    ["M10 spring washer zinc", "M10 x 1.5 | spring | zinc"],
  ])("%s", (text, expected) => {
    expect(inShort(parsed(text))).toBe(expected);
  });

  it("may come with their nut, of their own thread or another", () => {
    const own = parsed("M16x60 8.8 with nut class 8");
    const other = parsed("1/2-13 x 2 gr 8 with M12 nut class 8");
    expect(own).toMatchObject({ nut: { thread: { designation: "M16 x 2" }, nutClassId: "nut-8" } });
    expect(other).toMatchObject({ nut: { thread: { designation: "M12 x 1.75" } } });
  });
});

describe("what goes with a screw", () => {
  it.each([
    ["M8x40 8.8 with nut and washer", "M8 x 40, 8.8", ["M8 hex nut", "M8 flat washer"]],
    ["M8x40 c/w 2 spring washers", "M8 x 40", ["2 off M8 spring washer"]],
    ["M8 x 40 hex bolt/nut/washer", "M8 x 40 hex bolt", ["M8 hex nut", "M8 flat washer"]],
    [
      "3/8-16 x 2 gr 5 & nylon insert nut, zinc + flat washer, zinc",
      "3/8-16 UNC x 2, grade 5",
      ["3/8-16 UNC nylon insert nut, zinc", "3/8-16 UNC flat washer, zinc"],
    ],
    ["M10x40 with flat and spring washers", "M10 x 40", ["M10 flat washer", "M10 spring washer"]],
    ["M10x40 8.8 bolt with M12 washer", "M10 x 40, 8.8", ["M12 flat washer"]],
  ])("%s", (text, screw, together) => {
    const spec = parsed(text);
    if (spec.part !== "screw") throw new Error(`${text} is no screw`);
    const { nut, washers = [], ...own } = spec;
    expect(formatCallout(own)).toBe(screw);
    expect([...(nut === undefined ? [] : [nut]), ...washers].map(formatCallout)).toEqual(together);
  });

  it.each([
    ["M10 nuts and washers", "M10 hex nut with M10 flat washer"],
    ["nuts and washers M10", "M10 hex nut with M10 flat washer"],
    ["M10 nut, washer and spring washer", "M10 hex nut with M10 flat washer and M10 spring washer"],
    ["M14 x 1.5 sump plug with copper washer", "M14 x 1.5 plug with M14 x 1.5 copper washer"],
    ["G 3/8 plug with bonded seal", "G 3/8 plug with G 3/8 bonded seal washer"],
  ])("goes with a nut or a plug too: %s", (text, written) => {
    expect(formatCallout(parsed(text))).toBe(written);
    expect(formatCallout(parsed(written))).toBe(written);
  });

  it("is asked back where a nut is to go with a plug", () => {
    const result = parseCallout("G 3/8 plug with thin nut");
    if (!isCalloutProblem(result) || result.code !== "callout-not-understood")
      throw new Error("was taken");
    expect(result.words.join(" ")).toBe("with thin nut");
  });

  it("may be called by the shop's own words", () => {
    const words: OwnWord[] = [{ word: "wibble", means: { kind: "nut", style: "nylon-insert" } }];
    expect(parseCallout("M10x40 with wibble nut and washer", words)).toMatchObject({
      nut: { style: "nylon-insert" },
      washers: [{ style: "flat" }],
    });
  });

  it("is asked back where it is none of both, or a second nut", () => {
    expect(parseCallout("M10x40 with nut and clip")).toMatchObject({ words: ["clip"] });
    expect(parseCallout("M10x40 with thin nut and hex nut")).toMatchObject({ words: ["hex nut"] });
  });

  it("has its thread put right with the screw's, and keeps another", () => {
    const spec = parsed("M10x40 with nut and M12 washer");
    if (spec.part !== "screw") throw new Error("a screw was called");
    const [fine] = pieceChoices(spec, "thread").filter(({ written }) =>
      /x 1\.25/.test(written ?? ""),
    );
    expect(fine && formatCallout(fine.spec)).toBe(
      "M10 x 1.25 x 40 with M10 x 1.25 hex nut and M12 flat washer",
    );
  });
});

describe("call-outs that are not taken", () => {
  it("say which word was not understood, and what was read of the rest", () => {
    const result = parseCallout("M10x40 purple 8.8");
    expect(result).toMatchObject({
      code: "callout-not-understood",
      words: ["purple"],
      understood: { lengthMm: 40, gradeId: "8.8" },
    });
  });

  it("say what a bare size may mean, a grade narrowing it", () => {
    const threads = (text: string) => {
      const result = parseCallout(text);
      return isCalloutProblem(result) && result.code === "callout-which-thread"
        ? result.threads.map(({ family }) => family)
        : [];
    };
    expect(threads("1/2 x 2")).toContain("whitworth");
    expect(new Set(threads("1/2 x 2 gr 5"))).toEqual(new Set(["unified"]));
  });

  it.each([
    ["", "callout-empty"],
    ["bolt", "callout-thread"],
    ["M11.3 x 20", "callout-thread"],
    ["M10 x banana", "callout-not-understood"],
    ["M10 x 1/0", "callout-length"],
    ["M10x20 grade 9", "callout-grade"],
  ])("%s: %s", (text, code) => {
    expect(parseCallout(text)).toMatchObject({ code });
  });

  it("never throw, whatever is typed", () => {
    const random = seededRandom(7);
    const signs = [..."Mx10./-#\"' gr5zincnut()½,@\u0000é"];
    for (let at = 0; at < 1500; at += 1) {
      const length = 1 + Math.floor(random.even() * 24);
      const text = Array.from({ length }, () => pick(signs, random)).join("");
      expect(() => parseCallout(text)).not.toThrow();
    }
  });
});

function pick<Item>(items: readonly Item[], random: SeededRandom): Item {
  const item = items[Math.floor(random.even() * items.length)];
  if (item === undefined) throw new Error("nothing to pick from");
  return item;
}

const THREADS = ["M6", "M10x1.25", "M24", "1/4-20", "1/2-13", "#10-32", "3/8 bsf", "2 BA"];

/** Any part that may be asked for, drawn at random. */
function anySpec(random: SeededRandom): FastenerSpec {
  const right = named(pick(THREADS, random));
  const thread = random.even() < 0.2 ? ({ ...right, hand: "left" } as const) : right;
  const some = <Item>(item: Item): Item | undefined => (random.even() < 0.6 ? item : undefined);
  const rarely = <Item>(item: Item): Item | undefined => (random.even() < 0.2 ? item : undefined);
  const given = (parts: Record<string, unknown>) =>
    Object.fromEntries(Object.entries(parts).filter(([, value]) => value !== undefined));
  const common = given({
    quantity: some(1 + Math.floor(random.even() * 99)),
    finish: some(pick(FINISHES, random)),
  });
  if (random.even() < 0.15) {
    const wide = Math.round(thread.majorMm * (2 + random.even()));
    return {
      part: "washer",
      thread,
      style: pick(WASHER_STYLES, random),
      ...common,
      ...given({
        outsideMm: rarely(wide),
        thickMm: rarely(2),
        hardnessHv: rarely(pick([100, 140, 200, 300], random)),
      }),
    };
  }
  if (random.even() < 0.2) {
    const system = thread.family === "iso-metric" ? "metric" : "inch";
    const made = NUT_CLASSES.filter((nut) => nut.system === system);
    const nutClassId = some(pick(made, random).id);
    return {
      part: "nut",
      thread,
      style: pick(NUT_STYLES, random),
      ...common,
      ...given({
        nutClassId,
        washers: rarely([{ part: "washer", thread, style: pick(WASHER_STYLES, random) }]),
      }),
    };
  }
  const head = some(pick(HEAD_STYLES, random));
  const lengths = stockLengths(head ?? "hex", thread);
  const grade = some(
    pick(
      gradesFor(thread).filter(({ system }) => system !== "stainless"),
      random,
    ).id,
  );
  return {
    part: "screw",
    thread,
    ...common,
    ...given({
      head,
      lengthMm: lengths.length > 0 ? some(pick(lengths, random)) : undefined,
      point: head === "set" ? some(pick(POINTS, random)) : undefined,
      ...(head === "set"
        ? { hardnessClass: some(pick(HARDNESS_CLASSES, random)) }
        : { gradeId: grade }),
      nut: rarely({ part: "nut", thread, style: pick(NUT_STYLES, random) }),
      washers: rarely([
        { part: "washer", thread, style: pick(WASHER_STYLES, random), quantity: 2 },
        { part: "washer", thread, style: "spring", finish: pick(FINISHES, random) },
      ]),
    }),
  };
}

describe("what is written is read back", () => {
  it("the same, for 2000 parts drawn at random", () => {
    const random = seededRandom(20261125);
    for (let at = 0; at < 2000; at += 1) {
      const spec = anySpec(random);
      const written = formatCallout(spec);
      const back = parseCallout(written);
      if (isCalloutProblem(back)) throw new Error(`${written}: ${JSON.stringify(back)}`);
      expect([written, inShort(back)]).toEqual([written, inShort(spec)]);
    }
  });

  it("the same for every drive a head is made with", () => {
    for (const head of HEAD_STYLES) {
      for (const drive of drivesOf(head).filter((one) => DRIVES.includes(one))) {
        const spec: FastenerSpec = {
          part: "screw",
          thread: named("M6"),
          lengthMm: 20,
          head,
          drive,
        };
        const back = parsed(formatCallout(spec));
        const usual = drivesOf(head)[0];
        // The usual drive of a head goes without saying.
        expect(back.part === "screw" ? (back.drive ?? usual) : undefined).toBe(drive);
      }
    }
  });
});
