import { machineInputSchema, type SearchHit } from "@root-gauge/contract";
import { POSITION_SENTENCES, RECORD_SENTENCES } from "@root-gauge/core/record-words";
import { newMachineWords } from "@root-gauge/core/sheet-words";
import { useRouter } from "expo-router";
import { useState, type CSSProperties } from "react";
import { v4 as uuid } from "uuid";
import { useMachineSearch, usePositionSearch } from "../data/machine-queries";
import { saveMachine } from "../data/saving";
import { ActionButton } from "../kit/action-button";
import { PlainRow } from "../kit/plain-row";
import { Body, Heading } from "../kit/text";
import { StateMark } from "../positions/state-mark";
import { PAGE_WIDTH } from "../shell/page";
import { MachineRow } from "./machine-row";

/** As many as are seen at first; a phone draws no more within a moment. */
const SHOWN = 6;

const SCROLLED: CSSProperties = { position: "absolute", inset: 0, overflowY: "auto" };
const COLUMN: CSSProperties = { padding: 12, maxWidth: PAGE_WIDTH, boxSizing: "border-box" };
const DOWN: CSSProperties = { display: "flex", flexDirection: "column" };
const MAKE: CSSProperties = { ...DOWN, marginBottom: 8 };
const REGION: CSSProperties = { ...DOWN, marginTop: 8 };

/** A position that was found: what it holds, where it stands, and on which machine. */
function HitRow({ hit }: { hit: SearchHit }) {
  const router = useRouter();
  return (
    <PlainRow
      onPress={() => router.push(`/position/${hit.id}`)}
      lines={[
        ["figure", hit.place],
        ["body", hit.holds],
        ["small", hit.machine],
      ]}
      aside={hit.state === null ? null : <StateMark state={hit.state} />}
    />
  );
}

/** The first of what is found; behind a touch the others that are here, behind the next those of the server. */
function useFirst<Item>(text: string, found: readonly Item[], hasNext: boolean, more: () => void) {
  const [all, setAll] = useState<string>();
  const whole = all === text;
  const shown = whole ? found : found.slice(0, SHOWN);
  const next = () => (whole ? more() : setAll(text));
  return { shown, next: shown.length < found.length || hasNext ? next : undefined };
}

/** Makes a machine of the name that was searched for. */
function NewMachine({ name, onMade }: { readonly name: string; readonly onMade: () => void }) {
  const router = useRouter();
  const make = () => {
    const id = uuid();
    saveMachine(id, machineInputSchema.parse({ name }));
    onMade();
    router.push(`/machine/${id}`);
  };
  return (
    <div style={MAKE}>
      <ActionButton label={newMachineWords(name)} onPress={make} />
    </div>
  );
}

function FoundMachines({ text, beside, onMade }: FoundByTextProps) {
  const name = text.trim();
  const { machines, query, search, more } = useMachineSearch(text);
  const { shown, next } = useFirst(text, machines, search.hasNextPage, more);
  const isNew =
    name !== "" && !machines.some((one) => one.name.toLowerCase() === name.toLowerCase());
  const message = query.isPending ? RECORD_SENTENCES.fetchingMachines : query.error?.message;
  return (
    <>
      {isNew ? <NewMachine name={name} onMade={onMade} /> : null}
      {machines.length > 0 ? null : (
        <Body role="status">{message ?? POSITION_SENTENCES.noneFound}</Body>
      )}
      {shown.map((machine) => (
        <MachineRow key={machine.id} machine={machine} chosen={machine.id === beside} />
      ))}
      {next === undefined ? null : <ActionButton label="More machines" onPress={next} />}
    </>
  );
}

function FoundPositions({ text }: { text: string }) {
  const { hits, query, more } = usePositionSearch(text);
  const { shown, next } = useFirst(text, hits, query.hasNextPage, more);
  if (query.isError) return <Body role="status">{query.error.message}</Body>;
  if (hits.length === 0) return null;
  return (
    <section aria-label="Positions" style={REGION}>
      <Heading marginBottom={8}>Positions</Heading>
      {shown.map((hit) => (
        <HitRow key={hit.id} hit={hit} />
      ))}
      {next === undefined ? null : <ActionButton label="More positions" onPress={next} />}
    </section>
  );
}

interface FoundByTextProps {
  readonly text: string;
  /** The machine that stands beside the list, where one does. */
  readonly beside: string | undefined;
  /** What follows when a machine of that name was made. */
  readonly onMade: () => void;
}

/** The machines that hold a text, and under them the positions that do: laid over the list of all, which stays as it was. */
export function FoundByText({ text, beside, onMade }: FoundByTextProps) {
  return (
    <div style={SCROLLED}>
      <div style={COLUMN}>
        <FoundMachines text={text} beside={beside} onMade={onMade} />
        {text.trim() === "" ? null : <FoundPositions text={text} />}
      </div>
    </div>
  );
}
