import { DUTIES } from "../../catalogue/circumstances";
import { WORK_MATERIAL_KINDS, type OwnedTools } from "../holes";
import { seededRandom } from "../../random";
import { stepFigureWords, workStepWords } from "../../say/mend";
import { named } from "../../testing";
import { inHand, isPipeThread } from "../../catalogue/threads";
import {
  CUTTING_STEPS,
  MEDIA,
  SYMPTOMS,
  SYMPTOM_FACTS,
  optionKey,
  repairOptions,
  repairWork,
  workPlan,
  type Damage,
  type RepairOption,
  type WorkStep,
} from "./index";

const THREADS = [
  "M3",
  "M4",
  "M5",
  "M6",
  "M8",
  "M10 x 1.25",
  "M12",
  "M14 x 1.25",
  "M16",
  "M20",
  "#10-32",
  "1/4-20",
  "5/16-24",
  "3/8-16",
  "1/2-13",
  "3/8 BSW",
  "5/16 BSF",
  "2 BA",
  "G 1/4",
  "1/4 NPT",
  "R 1/2",
];

const SETS: readonly OwnedTools[] = [
  {},
  { drillSets: ["metric-halves"], taps: ["taper", "second"] },
  { drillSets: ["fractional", "number"], stiThreads: [], tapThreads: [] },
];

/** A damage as a workshop meets one, drawn at random. */
function drawnDamage(seed: number): Damage {
  const random = seededRandom(seed);
  const of = <Value>(values: readonly Value[]): Value =>
    values[Math.floor(random.even() * values.length)]!;
  const maybe = (chance: number) => random.even() < chance;
  const between = (least: number, most: number) => least + random.even() * (most - least);
  const symptom = SYMPTOMS[seed % SYMPTOMS.length]!;
  const facts = SYMPTOM_FACTS[symptom];
  const thread = inHand(named(of(THREADS)), maybe(0.2) ? "left" : "right");
  const d = thread.majorMm;
  const hole = facts.hole ?? of(["blind", "through"] as const);
  const depthMm = Math.max(2, between(hole === "through" ? 0.3 : 1, 3.5) * d);
  const duty = of(DUTIES);
  return {
    symptom,
    part: facts.part,
    thread,
    material: facts.material ?? of(WORK_MATERIAL_KINDS),
    hole,
    depthMm,
    duty,
    often: maybe(0.5),
    acknowledged: maybe(0.7),
    access: of(["open", "open", "tight"] as const),
    ...(maybe(0.4) && hole === "blind" ? { thicknessMm: depthMm + between(0.2, 1.5) * d } : {}),
    ...(maybe(0.6) ? { behind: maybe(0.5) } : {}),
    ...(maybe(0.5) ? { edgeMm: between(0.8, 2.5) * d } : {}),
    ...(maybe(0.3) ? { boreMm: d * between(0.9, 1.12) } : {}),
    ...(maybe(0.5) ? { engagementMm: between(0.5, 1.6) * d } : {}),
    ...(maybe(0.3) ? { screwLengthMm: between(2, 5) * d } : {}),
    ...(maybe(0.8) ? { medium: of(MEDIA) } : {}),
    ...(maybe(0.3) ? { noFlame: true } : {}),
    ...(symptom === "nut-stripped" ? { nutKind: of(["plain", "weld", "cage"] as const) } : {}),
    ...(symptom === "combustion" ? { space: of(["combustion", "pressure"] as const) } : {}),
    ...(symptom === "off-centre" ? { offMm: between(0, 0.2) * d } : {}),
    ...(symptom === "leaks" ? { male: named(of(["G 1/4", "1/4 NPT", "R 1/2"])) } : {}),
    tools: of(SETS),
  };
}

interface Walked {
  readonly seed: number;
  readonly damage: Damage;
  readonly option: RepairOption;
  readonly steps: readonly WorkStep[];
}

/** Every plan of every repair that is offered on a few hundred damages. */
function walk(): readonly Walked[] {
  return Array.from({ length: 510 }, (_, i) => i + 1).flatMap((seed) => {
    const damage = drawnDamage(seed);
    const { problems, options } = repairWork(damage);
    if (problems.length > 0) return [];
    return options
      .filter(({ verdict }) => verdict !== "refused")
      .map((option) => ({ seed, damage, option, steps: workPlan(option, damage) }));
  });
}

const WALKED = walk();
const CUTTING: ReadonlySet<string> = new Set(CUTTING_STEPS);

/** Holds for every plan; what does not is named by its seed, its repair and its step. */
function holds(test: (walked: Walked) => readonly (string | false)[]): void {
  const wrong = WALKED.flatMap((walked) =>
    test(walked)
      .filter((one) => one !== false)
      .map((one) => `${walked.seed} ${walked.damage.symptom} ${optionKey(walked.option)}: ${one}`),
  );
  expect(wrong).toEqual([]);
}

describe("every plan of a few hundred damages", () => {
  it("is of every damage and of every kind of repair that is ever offered", () => {
    expect(WALKED.length).toBeGreaterThan(800);
    const met = new Set(WALKED.map(({ damage }) => damage.symptom));
    expect(SYMPTOMS.filter((symptom) => !met.has(symptom) && symptom !== "new")).toEqual([]);
  });

  it("says tool, size, depth, speed, lubricant and turn at every step that cuts", () => {
    holds(({ steps }) =>
      steps.flatMap((step) => {
        if (!CUTTING.has(step.code)) return [];
        const { cut } = step;
        if (cut === undefined) return [`${step.code} has no cut`];
        const sized = typeof cut.size === "string" ? cut.size !== "" : cut.size > 0;
        const turns = cut.speed === "by-hand" || cut.speed.rpm > 0;
        const words = workStepWords(step, "mm");
        return [
          !sized && `${step.code} has no size`,
          !(cut.depthMm > 0) && `${step.code} is ${cut.depthMm} deep`,
          !turns && `${step.code} does not turn`,
          !/ On it: /.test(words) && `${step.code} says no lubricant`,
          stepFigureWords(step, "in") === undefined && `${step.code} has no figure`,
        ];
      }),
    );
  });

  it("has a sentence at every step", () => {
    holds(({ steps }) =>
      steps.map((step) => !/^[A-Z#\d].*[.]$/s.test(workStepWords(step, "mm")) && step.code),
    );
  });

  it("never drills nearer to the far side than the floor that has to stay", () => {
    holds(({ damage, steps }) => {
      const { hole, thicknessMm, behind, thread } = damage;
      if (hole !== "blind" || thicknessMm === undefined) return [];
      const floor = Math.max(1, (behind === true ? 0.5 : 0.15) * thread.majorMm);
      return steps
        .filter(({ code }) => code === "drill")
        .map(({ figures }) => {
          // The point of a 118 degree drill: half its width over the tangent of 59 degrees.
          const point = (figures.drillMm ?? 0) / 2 / Math.tan((59 * Math.PI) / 180);
          const left = thicknessMm - (figures.depthMm ?? 0) - point;
          return left < floor - 0.01 && `leaves ${left.toFixed(2)} of ${floor.toFixed(2)}`;
        });
    });
  });

  it("never drills deeper than the old hole without asking how thick the part is", () => {
    holds(({ damage, steps }) => {
      const { hole, thicknessMm, behind, depthMm } = damage;
      if (hole !== "blind" || (thicknessMm !== undefined && behind !== undefined)) return [];
      const asks = steps.findIndex(({ code }) => code === "ask-floor");
      const cuts = steps.findIndex(({ code }) => CUTTING.has(code));
      const deeper = steps.some(
        ({ code, figures }) => code === "drill" && (figures.depthMm ?? 0) > depthMm + 1e-6,
      );
      return [
        deeper && "goes deeper at full width",
        asks >= 0 && asks > cuts && "asks after the first chip",
      ];
    });
  });

  it("puts no tap deeper than its hole", () => {
    holds(({ damage, steps }) => {
      if (damage.hole !== "blind") return [];
      let drilled = Infinity;
      return steps.map(({ code, figures, cut }) => {
        if (code === "drill") drilled = figures.depthMm ?? 0;
        return code === "tap" && cut.depthMm > drilled + 1e-6 && `${cut.depthMm} in ${drilled}`;
      });
    });
  });

  it("turns a left-hand thread the other way, and puts no right-hand part in it", () => {
    holds(({ damage, steps, option }) => {
      if (damage.thread.hand !== "left") return [];
      const said = steps.map((step) => workStepWords(step, "mm")).join(" ");
      return [
        ["wire-insert", "rivet-nut", "heat-set"].includes(option.kind) && "is not made left-hand",
        steps.some(({ code }) => code === "left-drill") && "winds the stump in",
        option.thread.hand !== "left" && "ends right-hand",
        !/LH|[Ll]eft-hand/.test(said) && option.kind !== "replace-part" && "does not say so",
      ];
    });
  });

  it("advises nothing that holds less than is wanted, and offers none where much hangs on it", () => {
    holds(({ option, damage }) => [
      option.weaker === true && option.verdict === "advised" && "advised",
      option.weaker === true && damage.duty !== "ordinary" && `weaker and ${damage.duty}`,
    ]);
  });

  it("tries in the hole of an insert or a bush what stands in it, never the screw", () => {
    holds(({ option, steps }) =>
      steps.map(
        ({ code, figures }) =>
          code === "gauge" &&
          ["wire-insert", "solid-bush", "insert-again"].includes(option.kind) &&
          figures.gauge === "screw" &&
          "tries the screw",
      ),
    );
  });

  it("names the class and the surface with every torque", () => {
    holds(({ steps }) =>
      steps.map(
        ({ code, figures }) =>
          code === "tighten" &&
          figures.leastNm !== undefined &&
          figures.counted === undefined &&
          "a torque of nothing",
      ),
    );
  });

  it("faces after it has cured, and ends with a test for leaks on what holds something in", () => {
    holds(({ damage, steps }) => {
      const codes = steps.map(({ code }) => code);
      const cure = codes.indexOf("cure");
      return [
        cure >= 0 && codes.lastIndexOf("face") < cure && "faces before the cure",
        isPipeThread(damage.thread) && !codes.includes("leak-test") && "is not tested for leaks",
      ];
    });
  });

  it("welds and heats nothing where that burns", () => {
    holds(({ damage, option }) => [
      damage.noFlame === true &&
        ["free-hot", "nut-on", "weld-nut"].includes(option.kind) &&
        "burns",
    ]);
  });
});

describe("what is refused", () => {
  it("never holds enough and stands under what is weaker", () => {
    for (let seed = 1; seed <= 170; seed += 1) {
      const verdicts = repairOptions(drawnDamage(seed)).map(({ verdict, weaker }) =>
        verdict === "refused" ? 2 : weaker === true ? 1 : 0,
      );
      expect([seed, verdicts]).toEqual([seed, [...verdicts].sort()]);
    }
  });
});
