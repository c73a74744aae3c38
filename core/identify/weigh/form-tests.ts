import { CREST_FORMS, FLANK_ANGLES } from "./reading";
import { crestsCalled } from "./crest-form-evidence";
import { angleOutcomes } from "./flank-angle-evidence";
import type { InformativeTest, TestAnswer } from "./next-test";
import { calledTapered, taperMeasuredAs } from "./taper-evidence";
import {
  differentSizes,
  reckonedWith,
  sizeAnswer,
  taken,
  withAnswers,
  type TestSetting,
} from "./test-setting";
import { worthOf } from "./test-worth";
import { bladeReaches, depthDensity, threadDepthMm } from "./thread-depth-evidence";

/** The flank angle, by a gauge for it or a leaf of either form. */
export function angleTest({ standing, owns }: TestSetting): InformativeTest[] {
  if (!owns.has("angle-gauge") && !owns.has("leaves-55")) return [];
  const chances = new Map(standing.map(({ thread }) => [thread.id, angleOutcomes(thread)]));
  const worth = worthOf(
    FLANK_ANGLES,
    standing,
    (angle, { id }) => chances.get(id)?.get(angle) ?? 0,
  );
  const { bits, outcomes } = withAnswers(worth, (degrees) =>
    taken({ kind: "flank-angle", degrees }),
  );
  return [{ kind: "flank-angle", bits, outcomes: reckonedWith(outcomes) }];
}

/** Whether it tapers, by a straight edge. */
export function taperTest({ standing }: TestSetting): InformativeTest[] {
  const worth = worthOf([true, false], standing, (tapered, thread) =>
    tapered ? calledTapered(thread) : 1 - calledTapered(thread),
  );
  return [{ kind: "taper", ...withAnswers(worth, (tapered) => taken({ kind: "taper", tapered })) }];
}

/** Whether the crests are rounded, under a glass: what parts Whitworth form from unified where the angle is in doubt. */
export function crestFormTest({ standing, owns, side }: TestSetting): InformativeTest[] {
  // The crests of a nut are in its bore, where no glass sees them.
  if (!owns.has("glass") || side === "internal") return [];
  const worth = worthOf(CREST_FORMS, standing, crestsCalled);
  return [
    { kind: "crest-form", ...withAnswers(worth, (form) => taken({ kind: "crest-form", form })) },
  ];
}

/** Both ends measured, for who saw a taper or none and is in doubt all the same. */
export function taperMeasuredTest({
  readings,
  standing,
  owns,
  side,
}: TestSetting): InformativeTest[] {
  const seen = readings.some(({ kind }) => kind === "taper");
  if (!owns.has("caliper") || side === "internal" || !seen) return [];
  const worth = worthOf([true, false], standing, taperMeasuredAs);
  const { bits, outcomes } = withAnswers(worth, (tapered): TestAnswer => ({
    kind: "taper",
    tapered,
  }));
  return [{ kind: "taper-measured", bits, outcomes }];
}

/** Depths nearer to each other than this are one outcome, mm. */
const DEPTHS_APART_MM = 0.1;

/** The depth of a trapezoid's thread by the blade, which tells Acme from stub Acme. */
export function depthTest({ standing, owns, side }: TestSetting): InformativeTest[] {
  const flat = standing.filter(({ thread }) => bladeReaches(thread));
  if (!owns.has("caliper") || side === "internal" || flat.length < 2) return [];
  const depths = flat.map(({ thread }) => threadDepthMm(thread));
  const worth = worthOf(differentSizes(depths, DEPTHS_APART_MM), standing, depthDensity);
  const { bits, outcomes } = withAnswers(worth, sizeAnswer);
  return [{ kind: "thread-depth", bits, outcomes: reckonedWith(outcomes) }];
}
