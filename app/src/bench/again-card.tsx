import { lowerFirst, testKey, type RetakeTest } from "@root-gauge/core";
import { doubtTestWords } from "@root-gauge/core/identify/doubts";
import { changeBench } from "../data/drafts/bench";
import { ActionButton } from "../kit/action-button";
import { useLayout } from "../kit/wide";
import type { NextCardProps } from "./next-props";
import { StepCard } from "./step-card";

/** A reading that speaks against a thread which leads for all that, to be taken once more. */
export function AgainCard({ test, units, onMend }: NextCardProps & { readonly test: RetakeTest }) {
  const { wide } = useLayout();
  const { title, meaning } = doubtTestWords(test, units);
  return (
    <StepCard
      title={wide ? title : `Next: ${lowerFirst(title)}`}
      text={meaning}
      onSkip={() => changeBench({ type: "skip-test", test: testKey(test) })}
    >
      <ActionButton
        flex={1}
        primary
        label="Take it again"
        says={title}
        onPress={() => onMend(test.at)}
      />
    </StepCard>
  );
}
