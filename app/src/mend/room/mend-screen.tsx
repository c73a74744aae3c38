import { threadName, type Units } from "@root-gauge/core";
import type { DrillQuestion } from "@root-gauge/core/mend/holes";
import {
  countedClass,
  repairWork,
  takesMetal,
  type Damage,
  type RepairWork,
  type Symptom,
} from "@root-gauge/core/mend/repair";
import {
  MEND_SENTENCES,
  SYMPTOM_WORDS,
  countedClassWords,
  refusalWords,
  repairTitleWords,
  tappingPlanWords,
  whoMayWords,
} from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import { useMemo, useState } from "react";
import { useSettings } from "../../data/kept/settings";
import { changeDamage, useMendState, workAt, type MendState } from "../../data/kept/mend-state";
import { useTools } from "../../data/kept/tools-state";
import { ActionButton } from "../../kit/action-button";
import { Facts } from "../../kit/facts";
import { Card } from "../../kit/surface";
import { Body, Heading } from "../../kit/text";
import { useLayout } from "../../kit/wide";
import { UnitsSwitch } from "../../kit/units-switch";
import { CautionsCard } from "../../shared/cautions-card";
import { PageActions, PageColumns, PageHead } from "../../shell/page";
import { AroundCard } from "./around-card";
import { CompareOptions } from "./compare-options";
import { DamageCard } from "./damage-card";
import { damageOf, damagedThread, typedProblems } from "./damage-of";
import { DrillSlider } from "./drill-slider";
import { HolePicture } from "./hole-picture";
import { MendTools } from "./mend-tools";
import { isThrough } from "./mend-lengths";
import { OptionsList } from "./options-list";
import { PlanPdf } from "../plan/plan-pdf";
import { PlanScreen } from "../plan/plan-screen";
import { planKey, recordOf } from "../plan/repair-record";
import { SymptomPicture } from "./symptom-picture";
import { SymptomPlates } from "./symptom-plates";

interface WorkProps {
  readonly damage: Damage;
  readonly work: RepairWork;
  readonly state: MendState;
  readonly units: Units;
}

function titleOf({ chosen, tapping }: RepairWork, damage: Damage | undefined): string {
  if (chosen !== undefined) return repairTitleWords(chosen);
  return tapping === undefined
    ? ""
    : `New ${damage === undefined ? "hole" : threadName(damage.thread)}`;
}

function missing(state: MendState, units: Units): string {
  if (state.symptom === "bruised" && state.odd) return MEND_SENTENCES.giveOdd;
  if (state.symptom === "leaks") return MEND_SENTENCES.giveDetails;
  if (damagedThread(state, units) === undefined) return MEND_SENTENCES.giveThread;
  return isThrough(state) ? MEND_SENTENCES.giveThickness : MEND_SENTENCES.giveDepth;
}

/** The slider through the drills on hand, where the thread is tapped by an ordinary drill. */
function Drills({ damage, work, units }: WorkProps) {
  const { chosen, tapping } = work;
  const { material, gradeId, tools, engagementMm } = damage;
  const plan = tapping?.kind === "plan" ? tapping : undefined;
  const larger = chosen?.kind === "oversize" ? chosen : undefined;
  const planned = plan?.drill.drill ?? larger?.drill;
  const thread = plan === undefined ? larger?.thread : damage.thread;
  if (planned === undefined || thread === undefined) return null;
  const question: DrillQuestion = {
    thread,
    material,
    engagementMm: plan?.fullThreadMm ?? engagementMm ?? thread.majorMm,
    ...(gradeId === undefined || thread !== damage.thread ? {} : { gradeId }),
    ...(tools === undefined ? {} : { tools }),
  };
  return (
    <DrillSlider
      key={`${thread.id} ${planned.mark}`}
      question={question}
      planned={planned}
      units={units}
    />
  );
}

/** Which class the loads of the options are held against, where none was said. */
function countedUnsaid(damage: Damage, options: RepairWork["options"]): string | undefined {
  const counted = countedClass(damage);
  const held = options.some(({ holdN }) => holdN !== undefined);
  return counted === undefined || counted.said || !held ? undefined : countedClassWords(counted);
}

function Result({ damage, work, state, units, comparing }: WorkProps & { comparing: boolean }) {
  const { problems, options, chosen, lost, tapping } = work;
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
  return (
    <>
      {comparing && chosen !== undefined ? (
        <CompareOptions damage={damage} options={options} chosen={chosen} units={units} />
      ) : null}
      {tapping === undefined ? (
        <OptionsList
          options={options}
          chosen={chosen}
          lost={lost}
          counted={countedUnsaid(damage, options)}
          units={units}
        />
      ) : (
        <Card gap={8}>
          <Heading>Tapping plan</Heading>
          <Facts facts={tappingPlanWords(tapping, units)} />
        </Card>
      )}
      <Drills damage={damage} work={work} state={state} units={units} />
      {work.steps.length === 0 ? null : (
        <PlanPdf record={recordOf(state, damage, work)} units={units} title={state.position} />
      )}
    </>
  );
}

interface ActionsProps {
  readonly work: RepairWork | undefined;
  readonly state: MendState;
  /** Shows what may be done, where that stands below on a phone. */
  readonly onLook: (() => void) | undefined;
  readonly comparing: boolean;
  readonly onCompare: () => void;
}

/** Whether there are two repairs to be held against each other. */
function comparable({ options, chosen }: RepairWork): boolean {
  return chosen !== undefined && options.filter(({ verdict }) => verdict !== "refused").length > 1;
}

function Actions({ work, state, onLook, comparing, onCompare }: ActionsProps) {
  const key = work === undefined ? undefined : planKey(work);
  const under = state.begun === key && state.done.length > 0;
  return (
    <PageActions>
      <View flexDirection="row" gap={8}>
        {work !== undefined && onLook === undefined && comparable(work) ? (
          <ActionButton
            flex={1}
            label={comparing ? "Compare no more" : "Compare two"}
            onPress={onCompare}
          />
        ) : (
          <ActionButton
            flex={1}
            label="Something else"
            onPress={() => changeDamage({ choosing: true })}
          />
        )}
        {work === undefined || key === undefined || work.steps.length === 0 ? null : onLook !==
          undefined ? (
          <ActionButton flex={1} primary label="What may be done" onPress={onLook} />
        ) : (
          <ActionButton
            flex={1}
            primary
            label={under ? "Go on with the plan" : "Plan it"}
            onPress={() => workAt(key)}
          />
        )}
      </View>
    </PageActions>
  );
}

/** What the duty asks to be read first. */
function DutyCaution({ state, damage }: { state: MendState; damage: Damage | undefined }) {
  if (state.duty === "safety-critical") {
    return (
      <CautionsCard
        cautions={[MEND_SENTENCES.whoMay, MEND_SENTENCES.estimates]}
        acknowledgement={{
          given: state.acknowledged,
          onGive: () => changeDamage({ acknowledged: true }),
        }}
      />
    );
  }
  const { duty, structural, symptom = "strips" } = state;
  const who = whoMayWords(damage ?? { duty, structural, symptom });
  return who === undefined ? null : <CautionsCard cautions={[who]} />;
}

interface DamageScreenProps {
  readonly state: MendState;
  readonly symptom: Symptom;
  readonly units: Units;
}

function DamageScreen({ state, symptom, units }: DamageScreenProps) {
  const tools = useTools();
  const damage = useMemo(() => damageOf(state, units, tools), [state, units, tools]);
  const { chosen, drill } = state;
  const work = useMemo(
    () =>
      damage === undefined
        ? undefined
        : repairWork(damage, {
            ...(chosen === undefined ? {} : { option: chosen }),
            ...(drill === undefined ? {} : { drill }),
          }),
    [damage, chosen, drill],
  );
  // On a phone what may be done comes first once everything is said: nothing moves while it is being said.
  const { wide } = useLayout();
  const [looked, setLooking] = useState(damage !== undefined);
  const looking = looked && !wide;
  const [comparing, setComparing] = useState(false);
  const unread = typedProblems(state, units);
  const shown =
    damage === undefined || work === undefined || unread.length > 0 ? undefined : { damage, work };
  if (state.planning && shown !== undefined && shown.work.steps.length > 0) {
    const title = titleOf(shown.work, damage);
    return <PlanScreen title={title} {...shown} state={state} units={units} />;
  }
  const said = (
    <>
      <DamageCard state={state} symptom={symptom} units={units} />
      <AroundCard state={state} symptom={symptom} />
      <MendTools />
    </>
  );
  const isCut = damage !== undefined && takesMetal(damage);
  const plan = work?.tapping?.kind === "plan" ? work.tapping : undefined;
  return (
    <View flex={1} render="main">
      <PageHead
        title={SYMPTOM_WORDS[symptom]}
        aside={<UnitsSwitch />}
        onBack={() => changeDamage({ choosing: true })}
      />
      <PageColumns
        key={looking ? "look" : "say"}
        first={
          <>
            {isCut ? (
              <HolePicture
                damage={damage}
                state={state}
                after={work?.chosen ?? plan}
                units={units}
              />
            ) : wide || looking ? (
              <SymptomPicture symptom={symptom} />
            ) : null}
            {looking ? null : said}
          </>
        }
        second={
          <>
            <DutyCaution state={state} damage={damage} />
            {shown === undefined ? (
              <Card>
                {unread.length === 0 ? (
                  <Body role="status">{missing(state, units)}</Body>
                ) : (
                  unread.map((problem) => (
                    <Body key={problem} role="alert" color="$clash">
                      {problem}
                    </Body>
                  ))
                )}
              </Card>
            ) : (
              <Result {...shown} state={state} units={units} comparing={comparing} />
            )}
            {looking ? said : null}
          </>
        }
      />
      <Actions
        work={shown?.work}
        state={state}
        onLook={wide || looking ? undefined : () => setLooking(true)}
        comparing={comparing}
        onCompare={() => setComparing(!comparing)}
      />
    </View>
  );
}

/** Mend: from what is wrong to what may be done about it, and the plan of what was chosen. */
export function MendScreen() {
  const { units } = useSettings();
  const state = useMendState();
  if (state.symptom === undefined || state.choosing) {
    return (
      <View flex={1} render="main">
        <PageHead title="Mend" />
        <SymptomPlates state={state} units={units} />
      </View>
    );
  }
  return <DamageScreen state={state} symptom={state.symptom} units={units} />;
}
