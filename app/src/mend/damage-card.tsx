import { DUTIES, upperFirst, type Thread, type Units } from "@root-gauge/core";
import { stockedGrades } from "@root-gauge/core/grades";
import { ACCESSES, MEDIA, type Symptom } from "@root-gauge/core/repair";
import { ACCESS_WORDS, MEDIUM_NAMES, WORK_MATERIAL_CHOICES } from "@root-gauge/core/repair-words";
import { DUTY_WORDS } from "@root-gauge/core/sheet-words";
import type { AskedFigure } from "@root-gauge/core/holes";
import { View } from "@tamagui/core";
import {
  changeDamage,
  changeLength,
  mendUnits,
  MEND_LENGTHS,
  type MendLength,
  type MendState,
} from "../data/mend-state";
import { ChoiceRow } from "../kit/choice-row";
import { LabelledChips } from "../kit/labelled-chips";
import { LengthField } from "../kit/length-field";
import { Card } from "../kit/surface";
import { Heading } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { lengthRange, namedThread, partOf } from "./damage-of";

const HOLES = [
  { value: "blind", label: "Blind" },
  { value: "through", label: "Through" },
] as const;

const YES_NO = [
  { value: "no", label: "No" },
  { value: "yes", label: "Yes" },
] as const;

const DUTY_CHOICES = DUTIES.map((value) => ({ value, label: upperFirst(DUTY_WORDS[value]) }));
const ACCESS_CHOICES = ACCESSES.map((value) => ({ value, label: ACCESS_WORDS[value] }));
const MEDIUM_CHOICES = MEDIA.map((value) => ({ value, label: MEDIUM_NAMES[value] }));

interface FieldFacts {
  readonly label: string;
  readonly figure: AskedFigure;
  readonly placeholder: string;
}

const FIELDS: Readonly<Record<MendLength, FieldFacts>> = {
  depth: { label: "Depth", figure: "depth", placeholder: "24" },
  edge: { label: "To the edge", figure: "edge", placeholder: "12" },
  bore: { label: "Torn to", figure: "bore", placeholder: "8.1" },
  engaged: { label: "Screw held over", figure: "engagement", placeholder: "12" },
};

function YesNo({
  name,
  value,
  onChange,
}: {
  name: string;
  value: boolean;
  onChange: (yes: boolean) => void;
}) {
  return (
    <LabelledChips
      name={name}
      value={value ? "yes" : "no"}
      choices={YES_NO}
      onChange={(chosen) => onChange(chosen === "yes")}
    />
  );
}

export interface DamageCardProps {
  readonly state: MendState;
  readonly symptom: Symptom;
  readonly thread: Thread | undefined;
  readonly units: Units;
}

/** What is known of the damage, each figure as it is read at the part. */
export function DamageCard({ state, symptom, units }: Omit<DamageCardProps, "thread">) {
  const hole = partOf(symptom) === "hole";
  const isNew = symptom === "new";
  const typedIn = mendUnits(state, units);
  const fields = !hole || symptom === "leaks" ? [] : isNew ? (["depth"] as const) : MEND_LENGTHS;
  return (
    <Card gap={12}>
      <Heading>{hole ? "The hole" : "The screw"}</Heading>
      <TextEntry
        label="Thread"
        value={state.thread}
        placeholder="M8, 3/8-16, G 1/2"
        longest={40}
        problem={namedThread(state.thread).problem}
        onChange={(text) => changeDamage({ thread: text })}
      />
      {hole && symptom !== "leaks" ? (
        <ChoiceRow
          name="The hole is"
          value={state.hole}
          choices={HOLES}
          onChange={(kind) => changeDamage({ hole: kind })}
        />
      ) : null}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {fields.map((key) => (
          <View key={key} flex={1} minWidth={150}>
            <LengthField
              label={`${FIELDS[key].label}, ${typedIn}`}
              value={state[key]}
              units={typedIn}
              accepted={lengthRange(FIELDS[key].figure)}
              placeholder={FIELDS[key].placeholder}
              onChange={(text) => changeLength(key, text, units)}
            />
          </View>
        ))}
      </View>
      <LabelledChips
        name="Metal of the part"
        value={state.material}
        choices={WORK_MATERIAL_CHOICES}
        onChange={(material = state.material) => changeDamage({ material })}
      />
    </Card>
  );
}

/** What stands round it: how strong the screw is, what hangs on it, and how it can be reached. */
export function AroundCard({ state, symptom, thread }: Omit<DamageCardProps, "units">) {
  const hole = partOf(symptom) === "hole";
  if (symptom === "new") return null;
  return (
    <Card gap={12}>
      <Heading>Round about it</Heading>
      {thread === undefined ? null : (
        <LabelledChips
          name="Class of the screw"
          all="Not known"
          value={state.grade === "" ? undefined : state.grade}
          choices={stockedGrades(thread).map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(grade = "") => changeDamage({ grade })}
        />
      )}
      <LabelledChips
        name="What hangs on it"
        value={state.duty}
        choices={DUTY_CHOICES}
        onChange={(duty = state.duty) => changeDamage({ duty, acknowledged: false })}
      />
      {symptom === "leaks" ? (
        <LabelledChips
          name="What it holds in"
          value={state.medium}
          choices={MEDIUM_CHOICES}
          onChange={(medium = state.medium) => changeDamage({ medium })}
        />
      ) : null}
      {hole && symptom !== "leaks" ? (
        <>
          <LabelledChips
            name="Room over it"
            value={state.access}
            choices={ACCESS_CHOICES}
            onChange={(access = state.access) => changeDamage({ access })}
          />
          <YesNo
            name="Undone often"
            value={state.often}
            onChange={(often) => changeDamage({ often })}
          />
          <YesNo
            name="Oil, a bearing or wires behind"
            value={state.behind}
            onChange={(behind) => changeDamage({ behind })}
          />
        </>
      ) : null}
    </Card>
  );
}
