import { leftShare } from "./hand-evidence";
import type { InformativeTest } from "./next-test";
import { functionChance, isOnlyOnOnePart, partMostlyOn } from "./origin-evidence";
import type { PartFunction } from "./reading";
import { taken, withAnswers, type TestSetting } from "./test-setting";
import { worthOf } from "./test-worth";

/** A share under which nobody is asked about a part. */
const LEAST_SHARE = 0.02;

const metOf = ({ standing }: TestSetting) =>
  standing.filter(({ probability }) => probability >= LEAST_SHARE).map(({ thread }) => thread);

/** What it is off, where only that tells a thread from its twin: a pedal or a grinder's spindle from a bolt. */
export function useTest(setting: TestSetting): InformativeTest[] {
  const parts = new Set(metOf(setting).flatMap((thread) => partMostlyOn(thread) ?? []));
  if (parts.size === 0) return [];
  const uses: readonly PartFunction[] = [...parts, "bolt"];
  const worth = worthOf(uses, setting.standing, (use, thread) => {
    const all = uses.reduce((sum, one) => sum + functionChance(one, thread), 0);
    return functionChance(use, thread) / all;
  });
  return [{ kind: "function", ...withAnswers(worth, (what) => taken({ kind: "function", what })) }];
}

/** Which way it turns, where parts of a thread come in pairs of both hands. */
export function handTest(setting: TestSetting): InformativeTest[] {
  if (!metOf(setting).some(isOnlyOnOnePart)) return [];
  const worth = worthOf(["left", "right"] as const, setting.standing, (hand, thread) =>
    hand === "left" ? leftShare(thread) : 1 - leftShare(thread),
  );
  return [{ kind: "hand", ...withAnswers(worth, (hand) => taken({ kind: "hand", hand })) }];
}
