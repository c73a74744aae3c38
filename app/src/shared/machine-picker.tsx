import { LONGEST } from "@root-gauge/core/record";
import { machineInputSchema } from "@root-gauge/contract";
import { madeWords } from "@root-gauge/core/say/record";
import { SHEET_SENTENCES, newMachineWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useState, type CSSProperties } from "react";
import { v4 as uuid } from "uuid";
import { draftOf, useDraft, writeDraft } from "../data/drafts/drafts";
import { useMachineName, useMachineSearch } from "../data/record/machine-queries";
import { saveMachine } from "../data/outbox/saving";
import { ActionButton } from "../kit/action-button";
import { PLAIN_FIGURE, PLAIN_LABEL, PLAIN_PLATE } from "../kit/plain";
import { Radio, RadioGroup } from "../kit/radio-group";
import { Body, Figure, Small } from "../kit/text";
import { TextEntry } from "../kit/text-entry";

const NAME = "machine.name";
const ORIGIN = "machine.origin";
/** As many as are seen without scrolling; typing finds the others. */
const SHOWN = 5;

const MACHINE = {
  ...PLAIN_PLATE,
  flexGrow: 1,
  padding: "6px 12px",
  border: "1px solid var(--line)",
  background: "var(--card)",
} as const satisfies CSSProperties;

interface MachinePickerProps {
  readonly machineId: string | null;
  readonly onChoose: (machineId: string) => void;
  /** Why there is no going on as it stands, said at its field. */
  readonly problem?: string | undefined;
}

/** Makes a machine of the name that was typed, and of where it is from where that was. */
function addMachine(name: string, onAdded: (machineId: string) => void): void {
  const read = machineInputSchema.safeParse({ name, origin: draftOf(ORIGIN) ?? "" });
  if (!read.success) return;
  const id = uuid();
  saveMachine(id, read.data);
  writeDraft(ORIGIN, "");
  onAdded(id);
}

/** A machine that is not there yet, by the name that was typed. */
function NewMachine({
  name,
  asksOrigin,
  onAdded,
}: {
  name: string;
  /** Where no other machine is like it, a new one it will be. */
  asksOrigin: boolean;
  onAdded: (machineId: string) => void;
}) {
  const origin = useDraft(ORIGIN) ?? "";
  const add = () => addMachine(name, onAdded);
  return (
    <View gap={8}>
      {asksOrigin ? (
        <TextEntry
          label="From where and when, if known"
          value={origin}
          longest={LONGEST.name}
          onChange={(text) => writeDraft(ORIGIN, text)}
          onSubmit={add}
        />
      ) : null}
      <ActionButton label={newMachineWords(name)} onPress={add} />
    </View>
  );
}

/** The machines there are, found by a few letters, the last touched first; or a new one of that name. */
function MachineSearch({ machineId, onChoose, problem }: MachinePickerProps) {
  const typed = useDraft(NAME) ?? "";
  const { machines, query, all } = useMachineSearch(typed);
  const [most, setMost] = useState(SHOWN);
  const shown = machines.slice(0, most);
  const name = typed.trim();
  const isNew =
    name !== "" && !machines.some((machine) => machine.name.toLowerCase() === name.toLowerCase());
  const choose = (id: string) => {
    writeDraft(NAME, "");
    onChoose(id);
  };
  return (
    <>
      <TextEntry
        label="Which machine"
        value={typed}
        placeholder="Its name, or a few letters of it"
        longest={LONGEST.name}
        problem={problem}
        onChange={(text) => writeDraft(NAME, text)}
        onSubmit={() => {
          const [only, other] = machines;
          if (name === "") return;
          if (only === undefined) addMachine(name, choose);
          else if (other === undefined) choose(only.id);
        }}
      />
      {query.isError && all.length === 0 ? <Body>{SHEET_SENTENCES.machinesAway}</Body> : null}
      <RadioGroup name="Machine" value={machineId} onChoose={choose} gap={6}>
        {shown.map((machine) => (
          <Radio key={machine.id} value={machine.id}>
            {() => (
              <span style={MACHINE}>
                <span style={PLAIN_FIGURE}>{machine.name}</span>
                <span style={PLAIN_LABEL}>{madeWords(machine.origin, machine.year)}</span>
              </span>
            )}
          </Radio>
        ))}
      </RadioGroup>
      {machines.length > most ? (
        <ActionButton label="More machines" onPress={() => setMost(most + 4 * SHOWN)} />
      ) : null}
      {isNew ? (
        <NewMachine name={name} asksOrigin={machines.length === 0} onAdded={choose} />
      ) : null}
    </>
  );
}

/** Which machine the part belongs to: the one that was chosen, or a search among all of them. */
export function MachinePicker({ machineId, onChoose, problem }: MachinePickerProps) {
  const [searching, setSearching] = useState(false);
  const name = useMachineName(machineId);
  if (machineId !== null && !searching) {
    return (
      <View flexDirection="row" alignItems="center" gap={8}>
        <View flex={1}>
          <Small>Which machine</Small>
          <Figure fontSize="$name" lineHeight="$name">
            {name ?? "…"}
          </Figure>
        </View>
        <ActionButton label="Another machine" onPress={() => setSearching(true)} />
      </View>
    );
  }
  return (
    <View gap={8}>
      <MachineSearch
        machineId={machineId}
        problem={problem}
        onChoose={(id) => {
          setSearching(false);
          onChoose(id);
        }}
      />
    </View>
  );
}
