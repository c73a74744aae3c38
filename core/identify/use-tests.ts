import { leftShare } from "./hand-evidence";
import type { InformativeTest } from "./next-test";
import { functionChance, isOnlyOnOnePart } from "./origin-evidence";
import { taken, withAnswers, type TestSetting } from "./test-setting";
import { worthOf } from "./test-worth";

/** Uses that are asked about: that of the one part, and that of all others. */
const USES = ["cycle-part", "bolt"] as const;
/** A share under which nobody is asked about a part. */
const LEAST_SHARE = 0.02;

const isMet = ({ standing }: TestSetting) =>
  standing.some(({ thread, probability }) => probability >= LEAST_SHARE && isOnlyOnOnePart(thread));

/** What it is off, where only that tells a thread from its twin: a pedal from a bolt. */
export function useTest(setting: TestSetting): InformativeTest[] {
  if (!isMet(setting)) return [];
  const worth = worthOf(USES, setting.standing, (use, thread) => {
    const all = USES.reduce((sum, one) => sum + functionChance(one, thread), 0);
    return functionChance(use, thread) / all;
  });
  return [{ kind: "function", ...withAnswers(worth, (what) => taken({ kind: "function", what })) }];
}

/** Which way it turns, where parts of a thread come in pairs of both hands. */
export function handTest(setting: TestSetting): InformativeTest[] {
  if (!isMet(setting)) return [];
  const worth = worthOf(["left", "right"] as const, setting.standing, (hand, thread) =>
    hand === "left" ? leftShare(thread) : 1 - leftShare(thread),
  );
  return [{ kind: "hand", ...withAnswers(worth, (hand) => taken({ kind: "hand", hand })) }];
}
