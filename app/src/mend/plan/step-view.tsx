import { LONGEST } from "@root-gauge/core/record";
import type { Units } from "@root-gauge/core";
import { drillWords } from "@root-gauge/core/say/charts";
import {
  TIMED_STEPS,
  type Damage,
  type StepBranch,
  type WorkStep,
} from "@root-gauge/core/mend/repair";
import {
  MEND_SENTENCES,
  STEP_CAUTION_WORDS,
  STEP_FEEL_WORDS,
  STEP_TITLES,
  stepBranchWords,
  stepFigureWords,
  workStepWords,
} from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import { chooseDrill, feltLike, writePlan, type MendState } from "../../data/kept/mend-state";
import { ActionButton } from "../../kit/action-button";
import { Chip } from "../../kit/chip";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Label } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { StepClock } from "./step-clock";

function Cautions({ step }: { step: WorkStep }) {
  if (step.cautions.length === 0) return null;
  return (
    <Card role="note" aria-label="Caution" borderColor="$clash" gap={4}>
      {step.cautions.map((caution) => (
        <Figure key={caution} color="$clash">
          {STEP_CAUTION_WORDS[caution]}
        </Figure>
      ))}
    </Card>
  );
}

interface BranchProps {
  readonly step: WorkStep;
  readonly branch: StepBranch;
  readonly units: Units;
  /** The repair that comes after this one; undefined where there is none. */
  readonly onNextRepair: (() => void) | undefined;
}

/** What is done when it felt so: said, and done where it can be done here. */
function BranchAdvice({ step, branch, units, onNextRepair }: BranchProps) {
  const { drill, then } = branch;
  return (
    <Card gap={8} role="status">
      <Body>{stepBranchWords(step.code, branch, units)}</Body>
      {drill === undefined ? null : (
        <ActionButton
          label={`Take ${drillWords(drill)} instead`}
          onPress={() => chooseDrill(drill)}
        />
      )}
      {then === "next-option" && onNextRepair !== undefined ? (
        <ActionButton label="Take the next repair" onPress={onNextRepair} />
      ) : null}
    </Card>
  );
}

export interface StepViewProps {
  readonly step: WorkStep;
  readonly state: MendState;
  readonly damage: Damage;
  readonly units: Units;
  readonly onNextRepair: (() => void) | undefined;
}

/** One step: its caution, what is done, what it may feel like, and room for a note. */
export function StepView({ step, state, units, onNextRepair }: StepViewProps) {
  const figure = stepFigureWords(step, units);
  const felt = step.branches.filter(({ feel }) => state.felt.includes(feel));
  return (
    <View gap={12}>
      <Cautions step={step} />
      <Heading fontSize="$figure" lineHeight="$figure">
        {STEP_TITLES[step.code]}
      </Heading>
      {figure === undefined ? null : (
        <Figure fontSize="$verdict" lineHeight="$verdict">
          {figure}
        </Figure>
      )}
      <Body fontSize="$heading" lineHeight="$figure">
        {workStepWords(step, units)}
      </Body>
      {TIMED_STEPS.has(step.code) ? <StepClock clock={state.clock} /> : null}
      {step.branches.length === 0 ? null : (
        <View gap={8}>
          <Label>{MEND_SENTENCES.howWent}</Label>
          <View flexDirection="row" flexWrap="wrap" gap={8} role="group" aria-label="How it went">
            {step.branches.map(({ feel }) => (
              <Chip
                key={feel}
                label={STEP_FEEL_WORDS[feel]}
                chosen={state.felt.includes(feel)}
                aria-pressed={state.felt.includes(feel)}
                onPress={() => feltLike(feel)}
              />
            ))}
          </View>
          {felt.map((branch) => (
            <BranchAdvice
              key={branch.feel}
              step={step}
              branch={branch}
              units={units}
              onNextRepair={onNextRepair}
            />
          ))}
        </View>
      )}
      <TextEntry
        label="Note"
        value={state.note}
        longest={LONGEST.remark}
        placeholder="What was seen, or why it is skipped"
        onChange={(note) => writePlan({ note })}
      />
    </View>
  );
}
