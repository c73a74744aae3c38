import { scaleWords, type Units } from "@root-gauge/core";
import { tappingPlan, type TappingRequest } from "@root-gauge/core/holes";
import {
  damageProblems,
  repairOptions,
  tappingSteps,
  workPlan,
  type Damage,
  type RepairOption,
  type Symptom,
  type WorkStep,
} from "@root-gauge/core/repair";
import { holeDrawing } from "@root-gauge/core/repair-outline";
import {
  MEND_SENTENCES,
  SYMPTOM_WORDS,
  refusalWords,
  repairTitleWords,
  tappingPlanWords,
} from "@root-gauge/core/repair-words";
import { View } from "@tamagui/core";
import { useSettings } from "../data/settings";
import {
  beginPlan,
  changeDamage,
  resumePlan,
  startMend,
  useMendState,
  type MendState,
} from "../data/mend-state";
import { Plate } from "../drawing/plate";
import { ActionButton } from "../kit/action-button";
import { Facts } from "../kit/facts";
import { Card } from "../kit/surface";
import { Body, Heading, Label } from "../kit/text";
import { UnitsSwitch } from "../kit/units-switch";
import { CautionsCard } from "../sheet/cautions-card";
import { PageActions, PageColumns, PageHead } from "../shell/page";
import { AroundCard, DamageCard } from "./damage-card";
import { damageOf, namedThread } from "./damage-of";
import { optionKey } from "./option-key";
import { OptionsList } from "./options-list";
import { PlanScreen } from "./plan-screen";
import { SymptomPlates } from "./symptom-plates";

const HEIGHT = 280;

/** What may be done about it, and the plan of what was chosen. */
interface Worked {
  readonly options: readonly RepairOption[];
  readonly chosen: RepairOption | undefined;
  readonly title: string;
  readonly steps: readonly WorkStep[];
}

const NOTHING: Worked = { options: [], chosen: undefined, title: "", steps: [] };

function requestOf({ thread, material, hole, depthMm }: Damage): TappingRequest {
  return { thread, material, hole, depthMm };
}

function workOut(damage: Damage | undefined, state: MendState): Worked {
  if (damage === undefined || damageProblems(damage).length > 0) return NOTHING;
  if (damage.symptom === "new") {
    const request = requestOf(damage);
    const plan = tappingPlan(request);
    const steps = plan.kind === "plan" ? tappingSteps(plan, request) : [];
    return { ...NOTHING, title: `New ${damage.thread.designation}`, steps };
  }
  const options = repairOptions(damage);
  const offered = options.filter(({ verdict }) => verdict !== "refused");
  const chosen = offered.find((option) => optionKey(option) === state.chosen) ?? offered[0];
  return {
    options,
    chosen,
    title: chosen === undefined ? "" : repairTitleWords(chosen),
    steps: chosen === undefined ? [] : workPlan(chosen, damage),
  };
}

function Picture({
  damage,
  chosen,
  units,
}: {
  damage: Damage;
  chosen: RepairOption | undefined;
  units: Units;
}) {
  if (damage.part === "screw" || damage.symptom === "leaks") return null;
  return (
    <Plate
      says={`The hole cut open: ${damage.thread.designation}`}
      height={HEIGHT}
      draw={(width) => holeDrawing(damage, chosen, { width, height: HEIGHT }, units)}
    >
      {(drawing) => (
        <Label position="absolute" right={12} bottom={8} color="$scribe">
          {drawing === undefined ? "" : scaleWords(drawing.scale)}
        </Label>
      )}
    </Plate>
  );
}

function missing(state: MendState): string {
  return namedThread(state.thread).thread === undefined
    ? MEND_SENTENCES.giveThread
    : MEND_SENTENCES.giveDepth;
}

function Result({
  damage,
  worked,
  state,
  units,
}: {
  damage: Damage | undefined;
  worked: Worked;
  state: MendState;
  units: Units;
}) {
  if (damage === undefined) {
    return (
      <Card>
        <Body role="status">{missing(state)}</Body>
      </Card>
    );
  }
  const problems = damageProblems(damage);
  if (problems.length > 0) {
    return (
      <Card gap={6}>
        {problems.map((problem) => (
          <Body key={problem.code} role="alert" color="$clash">
            {refusalWords(problem, units)}
          </Body>
        ))}
      </Card>
    );
  }
  if (damage.symptom === "new") {
    return (
      <Card gap={8}>
        <Heading>Tapping plan</Heading>
        <Facts facts={tappingPlanWords(tappingPlan(requestOf(damage)), units)} />
      </Card>
    );
  }
  return <OptionsList options={worked.options} chosen={worked.chosen} units={units} />;
}

function Actions({ worked, state }: { worked: Worked; state: MendState }) {
  const under = state.done.length > 0;
  return (
    <PageActions>
      <View flexDirection="row" gap={8}>
        <ActionButton flex={1} label="Something else" onPress={startMend} />
        {worked.steps.length === 0 ? null : (
          <ActionButton
            flex={1}
            primary
            label={under ? "Go on with the plan" : "Plan it"}
            onPress={under ? resumePlan : beginPlan}
          />
        )}
      </View>
    </PageActions>
  );
}

function DamageScreen({
  state,
  symptom,
  units,
}: {
  state: MendState;
  symptom: Symptom;
  units: Units;
}) {
  const damage = damageOf(state, units);
  const worked = workOut(damage, state);
  if (state.planning && worked.steps.length > 0) {
    return <PlanScreen title={worked.title} steps={worked.steps} state={state} units={units} />;
  }
  const grave = state.duty === "safety-critical";
  return (
    <View flex={1} render="main">
      <PageHead title={SYMPTOM_WORDS[symptom]} aside={<UnitsSwitch />} />
      <PageColumns
        first={
          <>
            {damage === undefined ? null : (
              <Picture damage={damage} chosen={worked.chosen} units={units} />
            )}
            <DamageCard state={state} symptom={symptom} units={units} />
          </>
        }
        second={
          <>
            {grave ? (
              <CautionsCard
                cautions={[MEND_SENTENCES.estimates]}
                acknowledgement={{
                  given: state.acknowledged,
                  onGive: () => changeDamage({ acknowledged: true }),
                }}
              />
            ) : null}
            <Result damage={damage} worked={worked} state={state} units={units} />
            <AroundCard state={state} symptom={symptom} thread={namedThread(state.thread).thread} />
          </>
        }
      />
      <Actions worked={worked} state={state} />
    </View>
  );
}

/** Mend: from what is wrong to what may be done about it, and the plan of what was chosen. */
export function MendScreen() {
  const { units } = useSettings();
  const state = useMendState();
  if (state.symptom === undefined) {
    return (
      <View flex={1} render="main">
        <PageHead title="Mend" />
        <SymptomPlates />
      </View>
    );
  }
  return <DamageScreen state={state} symptom={state.symptom} units={units} />;
}
