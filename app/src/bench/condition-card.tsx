import { testKey, type ConditionTest } from "@root-gauge/core";
import { doubtTestWords } from "@root-gauge/core/identify/doubts";
import { changeBench } from "../data/drafts/bench";
import { ActionButton } from "../kit/action-button";
import type { NextCardProps } from "./next-props";
import { MANY_ANSWERS_WIDTH, StepCard } from "./step-card";

/** A size that fits badly: whether a coat or wear accounts for it is asked before it is doubted. */
export function ConditionCard({ test, units }: NextCardProps & { readonly test: ConditionTest }) {
  const { title, meaning, answers } = doubtTestWords(test, units);
  const conditions = [...test.conditions, "sound"] as const;
  return (
    <StepCard
      title={title}
      text={meaning}
      onSkip={() => changeBench({ type: "skip-test", test: testKey(test) })}
    >
      {conditions.map((condition, i) => (
        <ActionButton
          key={condition}
          flex={1}
          minWidth={MANY_ANSWERS_WIDTH}
          label={answers[i] ?? ""}
          onPress={() => changeBench({ type: "say-condition", at: test.at, condition })}
        />
      ))}
    </StepCard>
  );
}
