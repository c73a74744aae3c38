import { upperFirst } from "@root-gauge/core";
import { DUTIES } from "@root-gauge/core/catalogue/circumstances";
import { ACCESSES, SYMPTOM_FACTS, type Symptom } from "@root-gauge/core/mend/repair";
import { ACCESS_WORDS, FLAW_CHOICES, torqueProblemWords } from "@root-gauge/core/say/mend";
import { DUTY_WORDS } from "@root-gauge/core/say/sheet";
import { changeDamage, type MendState } from "../../data/kept/mend-state";
import { LabelledChips } from "../../kit/labelled-chips";
import { Card } from "../../kit/surface";
import { Heading, Label } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { ToggleChips } from "../../kit/toggle-chips";
import { partOf, torqueOf } from "./damage-of";
import { YesNo } from "./mend-fields";

const DUTY_CHOICES = DUTIES.map((value) => ({ value, label: upperFirst(DUTY_WORDS[value]) }));
const ACCESS_CHOICES = ACCESSES.map((value) => ({ value, label: ACCESS_WORDS[value] }));

interface AroundCardProps {
  readonly state: MendState;
  readonly symptom: Symptom;
}

function TorqueField({ state }: { state: MendState }) {
  const wrong = state.torque.trim() !== "" && torqueOf(state) === undefined;
  return (
    <TextEntry
      label="Torque it must take, N m"
      value={state.torque}
      placeholder="25"
      longest={12}
      problem={wrong ? torqueProblemWords(state.torque) : undefined}
      onChange={(torque) => changeDamage({ torque })}
    />
  );
}

function HoleAround({ state }: { state: MendState }) {
  return (
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
      <TorqueField state={state} />
    </>
  );
}

/** What stands round it: how strong the screw is, what hangs on it, and how it can be reached. */
export function AroundCard({ state, symptom }: AroundCardProps) {
  const hole = partOf(symptom) === "hole";
  const { cuts: cut } = SYMPTOM_FACTS[symptom];
  return (
    <Card gap={12}>
      <Heading>Round about it</Heading>
      {hole ? null : (
        <>
          <Label>Seen on it</Label>
          <ToggleChips
            name="Seen on it"
            values={state.flaws}
            choices={FLAW_CHOICES}
            onChange={(flaws) => changeDamage({ flaws: [...flaws] })}
          />
        </>
      )}
      {cut ? (
        <YesNo
          name="Oil, a bearing or wires behind"
          value={state.behind}
          onChange={(behind) => changeDamage({ behind })}
        />
      ) : null}
      {symptom === "new" ? null : (
        <>
          <LabelledChips
            name="What hangs on it"
            value={state.duty}
            choices={DUTY_CHOICES}
            onChange={(duty = state.duty) => changeDamage({ duty, acknowledged: false })}
          />
          <YesNo
            name="It holds a building, a crane or a rack up"
            value={state.structural}
            onChange={(structural) => changeDamage({ structural })}
          />
          {cut ? <HoleAround state={state} /> : null}
        </>
      )}
    </Card>
  );
}
