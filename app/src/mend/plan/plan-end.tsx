import { LONGEST } from "@root-gauge/core/record";
import type { Damage, RepairWork } from "@root-gauge/core/mend/repair";
import { MEND_SENTENCES, OUTCOME_CHOICES } from "@root-gauge/core/say/mend";
import { useRouter } from "expo-router";
import { useState } from "react";
import { leavePlan, writePlan, type MendState } from "../../data/kept/mend-state";
import { LabelledChips } from "../../kit/labelled-chips";
import { Card } from "../../kit/surface";
import { Heading } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { WhereCard } from "../../shared/where-card";
import { plannedTools, recordOf, storeRepair } from "./repair-record";

export interface PlanEndProps {
  readonly state: MendState;
  readonly damage: Damage;
  readonly work: RepairWork;
}

export const isFinished = ({ state, work }: PlanEndProps) => state.done.length >= work.steps.length;

/** Saves what was done under its machine, or says what is missing for it. */
export function usePlanSaving(props: PlanEndProps) {
  const { state, damage, work } = props;
  const router = useRouter();
  const [problem, setProblem] = useState<string>();
  const save = () => {
    if (state.machineId === null) return setProblem(MEND_SENTENCES.chooseMachine);
    if (isFinished(props) && state.outcome === null) return setProblem(MEND_SENTENCES.sayOutcome);
    const id = storeRepair(state, state.machineId, recordOf(state, damage, work));
    leavePlan();
    return router.push(`/repair/${id}`);
  };
  return { save, problem };
}

/** What was really used, how it was at the end, and where it belongs. */
export function PlanEnd(props: PlanEndProps) {
  const { state, work } = props;
  return (
    <>
      <Card gap={12}>
        <Heading>{isFinished(props) ? "How it came out" : "Half done"}</Heading>
        <TextEntry
          label="Really used"
          value={state.used ?? plannedTools(work)}
          lines={3}
          longest={LONGEST.remark}
          onChange={(used) => writePlan({ used })}
        />
        <LabelledChips
          name="How it was at the end"
          all="Not done yet"
          value={state.outcome ?? undefined}
          choices={OUTCOME_CHOICES}
          onChange={(outcome) => writePlan({ outcome: outcome ?? null })}
        />
        <TextEntry
          label="Notes on it"
          value={state.notes}
          lines={3}
          longest={LONGEST.notes}
          onChange={(notes) => writePlan({ notes })}
        />
      </Card>
      <WhereCard where={state} placeholder="Side cover, rear" onChange={writePlan} />
    </>
  );
}
