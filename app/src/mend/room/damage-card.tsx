import type { Units } from "@root-gauge/core";
import { MEND_SENTENCES, WORK_MATERIAL_CHOICES } from "@root-gauge/core/say/mend";
import { SYMPTOM_FACTS, type Symptom } from "@root-gauge/core/mend/repair";
import { useState } from "react";
import { changeDamage, mendUnits, type MendState } from "../../data/kept/mend-state";
import { ActionButton } from "../../kit/action-button";
import { ChoiceRow } from "../../kit/choice-row";
import { LabelledChips } from "../../kit/labelled-chips";
import { Card } from "../../kit/surface";
import { Heading, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { damagedThread, namedThread, partOf, pitchProblem } from "./damage-of";
import { ClassOfScrew, HoldsIn, OwnQuestions, asksPurpose } from "./damage-questions";
import { MendFields, YesNo } from "./mend-fields";
import { fieldsOf } from "./mend-lengths";
import { ThreadFromBench } from "./thread-from-bench";

const HOLES = [
  { value: "blind", label: "Blind" },
  { value: "through", label: "Through" },
] as const;

const PURPOSES = [
  { value: "screw", label: "A screw" },
  { value: "plug", label: "A plug or a cup" },
] as const;

const LONGEST_NAME = 40;

interface DamageCardProps {
  readonly state: MendState;
  readonly symptom: Symptom;
  readonly units: Units;
}

function ThreadName({
  label,
  value,
  placeholder,
  onChange,
}: {
  label: string;
  value: string;
  placeholder: string;
  onChange: (text: string) => void;
}) {
  return (
    <TextEntry
      label={label}
      value={value}
      placeholder={placeholder}
      longest={LONGEST_NAME}
      problem={namedThread(value).problem}
      onChange={onChange}
    />
  );
}

/** The thread by its name; of a screw of no standard, its pitch, which is all that a file asks for. */
function Threads({ state, symptom, units }: DamageCardProps) {
  const typedIn = mendUnits(state, units);
  const byPitch = symptom === "bruised" && state.odd;
  return (
    <>
      {symptom === "bruised" ? (
        <YesNo
          name="Of no standard size"
          value={state.odd}
          onChange={(odd) => changeDamage({ odd })}
        />
      ) : null}
      {byPitch ? (
        <TextEntry
          label={typedIn === "mm" ? "Pitch, mm or TPI" : "Threads per inch"}
          value={state.pitch}
          placeholder="1.25, 20 tpi"
          longest={LONGEST_NAME}
          problem={pitchProblem(state.pitch, typedIn)}
          onChange={(pitch) => changeDamage({ pitch })}
        />
      ) : (
        <ThreadName
          label={symptom === "leaks" ? "Thread of the port" : "Thread"}
          value={state.thread}
          placeholder="M8, 3/8-16, G 1/2"
          onChange={(thread) => changeDamage({ thread })}
        />
      )}
      {!byPitch && state.thread.trim() === "" ? <ThreadFromBench /> : null}
      {symptom === "leaks" ? (
        <ThreadName
          label="Thread that is screwed in"
          value={state.male}
          placeholder="1/2 NPT"
          onChange={(male) => changeDamage({ male })}
        />
      ) : null}
    </>
  );
}

/** What is known of the damage, each figure as it is read at the part. */
export function DamageCard(props: DamageCardProps) {
  const { state, symptom, units } = props;
  const [more, setMore] = useState(false);
  const hole = partOf(symptom) === "hole";
  const { cuts: cut, ...always } = SYMPTOM_FACTS[symptom];
  const thread = damagedThread(state, units);
  const fields = fieldsOf(state);
  const moreGiven = more || fields.more.some((name) => state[name] !== "");
  return (
    <Card gap={12}>
      <Heading>{hole ? "The hole" : "The screw"}</Heading>
      <Threads {...props} />
      <HoldsIn state={state} symptom={symptom} thread={thread} />
      <ClassOfScrew state={state} symptom={symptom} thread={thread} />
      <OwnQuestions state={state} symptom={symptom} />
      {cut && always.hole === undefined ? (
        <ChoiceRow
          name="The hole is"
          value={state.hole}
          choices={HOLES}
          onChange={(kind) => changeDamage({ hole: kind })}
        />
      ) : null}
      {asksPurpose(symptom, thread) ? (
        <LabelledChips
          name="What goes in"
          value={state.purpose}
          choices={PURPOSES}
          onChange={(purpose = state.purpose) => changeDamage({ purpose })}
        />
      ) : null}
      <MendFields names={fields.first} state={state} units={units} />
      {fields.more.length === 0 ? null : moreGiven ? (
        <MendFields names={fields.more} state={state} units={units} />
      ) : (
        <ActionButton label="More about the part" onPress={() => setMore(true)} />
      )}
      {hole && symptom !== "leaks" && always.material === undefined ? (
        <LabelledChips
          name="Metal of the part"
          value={state.material}
          choices={WORK_MATERIAL_CHOICES}
          onChange={(material = state.material) => changeDamage({ material })}
        />
      ) : null}
      {symptom === "leaks" ? <Small>{MEND_SENTENCES.twoThreads}</Small> : null}
      {symptom === "bruised" ? <Small>{MEND_SENTENCES.noDie}</Small> : null}
    </Card>
  );
}
