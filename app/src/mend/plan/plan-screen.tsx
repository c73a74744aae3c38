import type { Units } from "@root-gauge/core";
import type { Damage, RepairWork, WorkStep } from "@root-gauge/core/mend/repair";
import { MEND_SENTENCES, STEP_TITLES, stepCountWords } from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import { useState } from "react";
import { ScrollView } from "react-native";
import {
  chooseRepair,
  leavePlan,
  stepBack,
  stepDone,
  type MendState,
  type StepDone,
} from "../../data/kept/mend-state";
import { ActionButton } from "../../kit/action-button";
import { ShareBar } from "../../kit/share-bar";
import { Body, Figure, Small } from "../../kit/text";
import { useLayout } from "../../kit/wide";
import { PageActions, PageHead } from "../../shell/page";
import { nextRepair } from "./next-repair";
import { useNextKey } from "./next-key";
import { PlanEnd, isFinished, usePlanSaving } from "./plan-end";
import { PlanPdf } from "./plan-pdf";
import { recordOf } from "./repair-record";
import { StepView } from "./step-view";
import { useWakeLock } from "./wake-lock";

const markOf = (done: StepDone | undefined, number: number) =>
  done === undefined ? number : done.skipped ? "–" : "✓";

function StepList({ steps, done }: { steps: readonly WorkStep[]; done: readonly StepDone[] }) {
  const at = done.length;
  return (
    <View role="list" aria-label="Steps" gap={4} width={260}>
      {steps.map((step, i) => (
        <View key={i} role="listitem" flexDirection="row" gap={8}>
          <Figure width={28} color={i === at ? "$brass" : "$quiet"}>
            {markOf(done[i], i + 1)}
          </Figure>
          <View flex={1}>
            <Body color={i === at ? "$ink" : "$quiet"}>{STEP_TITLES[step.code]}</Body>
            {done[i]?.note ? <Small>{done[i].note}</Small> : null}
          </View>
        </View>
      ))}
    </View>
  );
}

export interface PlanScreenProps {
  readonly title: string;
  readonly damage: Damage;
  readonly work: RepairWork;
  readonly state: MendState;
  readonly units: Units;
}

interface BarProps {
  readonly at: number;
  /** The step at hand; undefined where it is written up. */
  readonly step: WorkStep | undefined;
  readonly finished: boolean;
  readonly onDone: () => void;
  readonly onSkip: () => void;
  readonly onSave: () => void;
}

/** The bar under the thumb: its buttons stand where they stood, whatever the step. */
function PlanBar({ at, step, finished, onDone, onSkip, onSave }: BarProps) {
  return (
    <PageActions>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton flex={1} label="Options" says="To the options" onPress={leavePlan} />
        <ActionButton
          flex={1}
          label="Back"
          says="One step back"
          disabled={at === 0}
          onPress={stepBack}
        />
        <ActionButton
          flex={1}
          label="Skip"
          says="Skip this step"
          disabled={step === undefined}
          onPress={onSkip}
        />
      </View>
      {step === undefined ? (
        <ActionButton
          primary
          label={finished ? "Save it to the machine" : "Save it half done"}
          onPress={onSave}
        />
      ) : (
        <ActionButton primary label="Done" onPress={onDone} />
      )}
    </PageActions>
  );
}

/** A plan at work: one step at a time, the next by a button as wide as the screen, by the space bar or by a pedal. */
export function PlanScreen({ title, damage, work, state, units }: PlanScreenProps) {
  const { wide } = useLayout();
  const kept = useWakeLock();
  const [ending, setEnding] = useState(false);
  const [unsaid, setUnsaid] = useState<string>();
  const saving = usePlanSaving({ state, damage, work });
  const { steps } = work;
  const at = Math.min(state.done.length, steps.length);
  const step = ending ? undefined : steps[at];
  const next = () => {
    setUnsaid(undefined);
    if (step !== undefined) stepDone(step.code, new Date());
  };
  const skip = () => {
    if (step === undefined) return;
    if (state.note.trim() === "") return setUnsaid(MEND_SENTENCES.sayWhy);
    setUnsaid(undefined);
    stepDone(step.code, new Date(), true);
  };
  useNextKey(next);
  const problem = step === undefined ? saving.problem : unsaid;
  const following = nextRepair(work);
  return (
    <View flex={1} render="main">
      <PageHead
        title={step === undefined ? title : stepCountWords(at, steps.length)}
        aside={<Small>{step === undefined ? "" : title}</Small>}
      />
      <View paddingHorizontal={12}>
        <ShareBar share={at / steps.length} />
      </View>
      <ScrollView tabIndex={0} keyboardShouldPersistTaps="handled">
        <View flexDirection="row" gap={24} padding={12}>
          {wide ? <StepList steps={steps} done={state.done} /> : null}
          <View flex={1} maxWidth={640} gap={12}>
            {step === undefined ? (
              <>
                {ending ? null : (
                  <Body role="status" fontSize="$heading" lineHeight="$figure">
                    {MEND_SENTENCES.planDone}
                  </Body>
                )}
                <PlanEnd state={state} damage={damage} work={work} />
              </>
            ) : (
              <StepView
                step={step}
                state={state}
                damage={damage}
                units={units}
                onNextRepair={following === undefined ? undefined : () => chooseRepair(following)}
              />
            )}
            {problem === undefined ? null : (
              <Body role="alert" color="$clash">
                {problem}
              </Body>
            )}
            <View flexDirection="row" flexWrap="wrap" gap={8}>
              <PlanPdf
                record={recordOf(state, damage, work)}
                units={units}
                title={state.position}
              />
              {step === undefined && !ending ? null : (
                <ActionButton
                  label={ending ? "Back to the step" : "Write it up as it stands"}
                  onPress={() => setEnding(!ending)}
                />
              )}
            </View>
            {kept === undefined ? null : (
              <Small>{kept ? MEND_SENTENCES.keepsOn : MEND_SENTENCES.mayGoDark}</Small>
            )}
          </View>
        </View>
      </ScrollView>
      <PlanBar
        at={at}
        step={step}
        finished={isFinished({ state, damage, work })}
        onDone={next}
        onSkip={skip}
        onSave={saving.save}
      />
    </View>
  );
}
