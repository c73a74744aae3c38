import { angleTest } from "./form-tests";
import type { InformativeTest, OpeningTest } from "./next-test";
import type { TestSetting } from "./test-setting";
import { crestTest } from "./tests-on-offer";
import type { Reading } from "./reading";

const taken = (readings: readonly Reading[], kind: Reading["kind"]) =>
  readings.filter((reading) => reading.kind === kind).length;

/** The flank angle judged a second time: a look that was wrong once is seldom wrong twice. */
function secondAngle(setting: TestSetting): InformativeTest[] {
  if (taken(setting.readings, "flank-angle") !== 1) return [];
  return angleTest(setting).map((test) => ({ ...test, beside: true }));
}

/** Ten pitches, where five were spanned and left doubt. */
function moreCrests(setting: TestSetting): InformativeTest[] {
  return taken(setting.readings, "crest-to-crest") === 1 ? crestTest(setting) : [];
}

/** The size at another place, with jaws: the widest counts, and what one hold has skewed the other shows. */
function secondSize({ readings, owns, side }: TestSetting): OpeningTest[] {
  const kind = side === "internal" ? "internal-diameter" : "external-diameter";
  const micrometer = side === "external" && owns.has("micrometer") && !owns.has("caliper");
  const tool = micrometer ? "micrometer" : "caliper";
  if (!owns.has(tool) || taken(readings, kind) !== 1) return [];
  return [{ kind, tool, beside: true }];
}

/** What was read once and may be read once more beside the first, where nothing else is left to ask: each once. */
export function secondLooks(setting: TestSetting): {
  readonly telling: readonly InformativeTest[];
  readonly size: readonly OpeningTest[];
} {
  return {
    telling: [...secondAngle(setting), ...moreCrests(setting)],
    size: secondSize(setting),
  };
}
