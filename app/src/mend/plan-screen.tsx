import type { Units } from "@root-gauge/core";
import type { WorkStep } from "@root-gauge/core/repair";
import {
  MEND_SENTENCES,
  STEP_CAUTION_WORDS,
  STEP_TITLES,
  stepBranchWords,
  stepCountWords,
  workStepWords,
} from "@root-gauge/core/repair-words";
import { View } from "@tamagui/core";
import { useEffect } from "react";
import { ScrollView } from "react-native";
import { leavePlan, stepBack, stepDone, type MendState } from "../data/mend-state";
import { ActionButton } from "../kit/action-button";
import { isTyping } from "../kit/is-typing";
import { ShareBar } from "../kit/share-bar";
import { Card } from "../kit/surface";
import { Body, Figure, Heading, Small } from "../kit/text";
import { useLayout } from "../kit/wide";
import { PageActions, PageHead } from "../shell/page";

/** The keys that go on, a foot pedal's among them. */
const NEXT_KEYS = new Set([" ", "PageDown", "ArrowRight"]);

function useNextKey(next: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!NEXT_KEYS.has(event.key) || isTyping(event.target)) return;
      if (event.key === " " && event.target instanceof HTMLButtonElement) return;
      event.preventDefault();
      next();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [next]);
}

function StepView({ step, units }: { step: WorkStep; units: Units }) {
  const { drillMm, drillMark } = step.figures;
  return (
    <View gap={12}>
      {step.cautions.length === 0 ? null : (
        <Card role="note" aria-label="Caution" borderColor="$clash" gap={4}>
          {step.cautions.map((caution) => (
            <Figure key={caution} color="$clash">
              {STEP_CAUTION_WORDS[caution]}
            </Figure>
          ))}
        </Card>
      )}
      <Heading fontSize={24} lineHeight={28}>
        {STEP_TITLES[step.code]}
      </Heading>
      {drillMm === undefined || drillMark === undefined ? null : (
        <Figure fontSize={44} lineHeight={48}>
          {drillMark.includes("/") || /^[A-Z]$/.test(drillMark) ? drillMark : `${drillMark} mm`}
        </Figure>
      )}
      <Body fontSize={20} lineHeight={28}>
        {workStepWords(step, units)}
      </Body>
      {step.branches.map((branch) => (
        <Small key={branch.feel} color="$ink">
          {stepBranchWords(branch)}
        </Small>
      ))}
    </View>
  );
}

function StepList({ steps, at }: { steps: readonly WorkStep[]; at: number }) {
  return (
    <View role="list" aria-label="Steps" gap={4} width={260}>
      {steps.map((step, i) => (
        <View key={i} role="listitem" flexDirection="row" gap={8}>
          <Figure width={28} color={i === at ? "$brass" : "$quiet"}>
            {i < at ? "✓" : i + 1}
          </Figure>
          <Body color={i === at ? "$ink" : "$quiet"}>{STEP_TITLES[step.code]}</Body>
        </View>
      ))}
    </View>
  );
}

export interface PlanScreenProps {
  readonly title: string;
  readonly steps: readonly WorkStep[];
  readonly state: MendState;
  readonly units: Units;
}

/** A plan at work: one step at a time, the next by a button as wide as the screen, by the space bar or by a pedal. */
export function PlanScreen({ title, steps, state, units }: PlanScreenProps) {
  const { wide } = useLayout();
  const at = state.done.length;
  const step = steps[at];
  const next = () => {
    if (at < steps.length) stepDone("", new Date());
  };
  useNextKey(next);
  return (
    <View flex={1} render="main">
      <PageHead
        title={step === undefined ? title : stepCountWords(at, steps.length)}
        aside={<Small>{step === undefined ? "" : title}</Small>}
      />
      <View paddingHorizontal={12}>
        <ShareBar share={at / steps.length} />
      </View>
      <ScrollView tabIndex={0}>
        <View flexDirection="row" gap={24} padding={12}>
          {wide ? <StepList steps={steps} at={at} /> : null}
          <View flex={1} maxWidth={640}>
            {step === undefined ? (
              <Body role="status" fontSize={20} lineHeight={28}>
                {MEND_SENTENCES.planDone}
              </Body>
            ) : (
              <StepView step={step} units={units} />
            )}
          </View>
        </View>
      </ScrollView>
      <PageActions>
        <View flexDirection="row" gap={8}>
          <ActionButton flex={1} label="To the options" onPress={leavePlan} />
          {at === 0 ? null : <ActionButton flex={1} label="One step back" onPress={stepBack} />}
        </View>
        {step === undefined ? null : <ActionButton primary label="Done" onPress={next} />}
      </PageActions>
    </View>
  );
}
