import { machineInputSchema, type SearchHit } from "@root-gauge/contract";
import { POSITION_SENTENCES, RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { newMachineWords } from "@root-gauge/core/say/sheet";
import { useRouter } from "expo-router";
import { useState, type CSSProperties } from "react";
import { v4 as uuid } from "uuid";
import { useMachineSearch, usePositionSearch } from "../../data/record/machine-queries";
import { useEveryPage, type HasMore } from "../../data/server/paged";
import { saveMachine } from "../../data/outbox/saving";
import { PLAIN_BODY, PLAIN_HEADING } from "../../kit/plain";
import { PlainAction } from "../../kit/plain-action";
import { PlainRow } from "../../kit/plain-row";
import { StateMark } from "../positions/state-mark";
import { PAGE_WIDTH } from "../../shell/page";
import { MachineRow } from "./machine-row";

/** As many as are seen at first; a phone draws no more within a moment. */
const SHOWN = 6;

/** With a ground of its own: a browser that cannot leave out what is hidden still paints the list beneath. */
const SCROLLED: CSSProperties = {
  position: "absolute",
  inset: 0,
  overflowY: "auto",
  backgroundColor: "var(--plate)",
};
const COLUMN: CSSProperties = { padding: 12, maxWidth: PAGE_WIDTH, boxSizing: "border-box" };
const DOWN: CSSProperties = { display: "flex", flexDirection: "column" };
const MAKE: CSSProperties = { ...DOWN, marginBottom: 8 };
const TITLE: CSSProperties = { ...PLAIN_HEADING, marginBottom: 8 };
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
      <PlainAction label={newMachineWords(name)} onPress={make} />
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
        <p role="status" style={PLAIN_BODY}>
          {message ?? POSITION_SENTENCES.noneFound}
        </p>
      )}
      {shown.map((machine) => (
        <MachineRow key={machine.id} machine={machine} chosen={machine.id === beside} />
      ))}
      {next === undefined ? null : <PlainAction label="More machines" onPress={next} />}
    </>
  );
}

const NO_MORE: HasMore = {
  hasNextPage: false,
  isFetchingNextPage: false,
  fetchNextPage: () => Promise.resolve(),
};

function FoundPositions({ text }: { text: string }) {
  const { hits, query, more } = usePositionSearch(text);
  const { shown, next } = useFirst(text, hits, query.hasNextPage, more);
  // Machines that hold the text may fill whole pages before the first position.
  useEveryPage(hits.length === 0 ? query : NO_MORE);
  if (query.isError) {
    return (
      <p role="status" style={PLAIN_BODY}>
        {query.error.message}
      </p>
    );
  }
  if (hits.length === 0) return null;
  return (
    <section aria-label="Positions" style={REGION}>
      <h2 style={TITLE}>Positions</h2>
      {shown.map((hit) => (
        <HitRow key={hit.id} hit={hit} />
      ))}
      {next === undefined ? null : <PlainAction label="More positions" onPress={next} />}
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
