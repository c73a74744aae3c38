import { machineInputSchema, type Machine, type SearchHit } from "@root-gauge/contract";
import {
  POSITION_SENTENCES,
  RECORD_SENTENCES,
  REMOVED_SENTENCES,
  madeWords,
  partsWords,
  stateCountsWords,
} from "@root-gauge/core/record-words";
import { newMachineWords } from "@root-gauge/core/sheet-words";
import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import { useState } from "react";
import { FlatList } from "react-native";
import { v4 as uuid } from "uuid";
import { useDraft, writeDraft } from "../data/drafts";
import { useMachineSearch, usePositionSearch } from "../data/machine-queries";
import { saveMachine } from "../data/saving";
import type { Kept } from "../data/waiting";
import { ActionButton } from "../kit/action-button";
import { PlainRow } from "../kit/plain-row";
import { useKeptScroll } from "../kit/use-kept-scroll";
import { Pressable } from "../kit/pressable";
import { SearchField } from "../kit/search-field";
import { Body, Figure, Heading } from "../kit/text";
import { StateMark } from "../positions/state-mark";
import { PAGE_WIDTH, PageHead } from "../shell/page";
import { MachinesByChoice, useMachinesBy } from "./machines-by";
import { OpenJobs } from "./open-jobs";

interface MachineRowProps {
  readonly machine: Kept<Machine>;
  /** Whether it is the one that stands beside the list. */
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function MachineRow({ machine, chosen, onPress }: MachineRowProps) {
  const theme = useTheme();
  const states = stateCountsWords(machine.states);
  const made = madeWords(machine.origin, machine.year);
  return (
    <PlainRow
      chosen={chosen}
      onPress={onPress}
      lines={[
        ["large", machine.name],
        ["small", [made, machine.stands].filter(Boolean).join(" · ")],
        ["body", states === "" ? partsWords(machine.identifications) : states],
        ["small", machine.waiting ? RECORD_SENTENCES.notOnServer : ""],
      ]}
      aside={<ChevronRight size={20} color={theme.quiet.val} aria-hidden />}
    />
  );
}

interface MachinesEmptyProps {
  readonly message: string | undefined;
  /** What was searched for. */
  readonly text: string;
  /** Whether only some of them are listed. */
  readonly filtered: boolean;
}

/** A position that was found by a search: what it holds, where it stands, and on which machine. */
function HitRow({ hit, onPress }: { hit: SearchHit; onPress: () => void }) {
  return (
    <PlainRow
      onPress={onPress}
      lines={[
        ["figure", hit.place],
        ["body", hit.holds],
        ["small", hit.machine],
      ]}
      aside={hit.state === null ? null : <StateMark state={hit.state} />}
    />
  );
}

/** As many as are seen at first; a phone draws no more within a moment. */
const SHOWN = 6;

/** The positions that hold what is searched for, under the machines that do. */
function FoundPositions({ text }: { text: string }) {
  const router = useRouter();
  const { hits, query, more } = usePositionSearch(text);
  const [all, setAll] = useState<string>();
  if (text.trim() === "") return null;
  if (query.isError) return <Body role="status">{query.error.message}</Body>;
  if (hits.length === 0) return null;
  const whole = all === text;
  const shown = whole ? hits : hits.slice(0, SHOWN);
  return (
    <View role="region" aria-label="Positions" marginTop={8}>
      <Heading marginBottom={8}>Positions</Heading>
      {shown.map((hit) => (
        <HitRow key={hit.id} hit={hit} onPress={() => router.push(`/position/${hit.id}`)} />
      ))}
      {shown.length < hits.length || query.hasNextPage ? (
        <ActionButton label="More positions" onPress={() => (whole ? more() : setAll(text))} />
      ) : null}
    </View>
  );
}

/** The way to what is in no list any more, under all that is. */
function WayToRemoved() {
  const router = useRouter();
  return (
    <Pressable
      alignSelf="flex-start"
      paddingHorizontal={4}
      aria-label={`Taken out: ${REMOVED_SENTENCES.open}`}
      onPress={() => router.push("/removed")}
    >
      <Figure textDecorationLine="underline">Taken out</Figure>
    </Pressable>
  );
}

function MachinesEmpty({ message, text, filtered }: MachinesEmptyProps) {
  const router = useRouter();
  if (message !== undefined) return <Body role="status">{message}</Body>;
  if (filtered) return <Body role="status">{POSITION_SENTENCES.noMachineSo}</Body>;
  if (text !== "") return <Body role="status">{POSITION_SENTENCES.noneFound}</Body>;
  return (
    <View gap={12}>
      <Body>{RECORD_SENTENCES.noMachine}</Body>
      <ActionButton primary label="Go to the Bench" onPress={() => router.push("/")} />
    </View>
  );
}

const FIND = "machine.find";

interface MachinesColumnProps {
  /** The machine that stands beside the list, where one does: the list is then no page of its own. */
  readonly beside?: string;
}

/** Machines, the last touched first: found by a few letters, or made by their name. */
export function MachinesColumn({ beside }: MachinesColumnProps) {
  const router = useRouter();
  const text = useDraft(FIND) ?? "";
  const by = useMachinesBy();
  const scroll = useKeptScroll<Kept<Machine>>("machines");
  const { machines, query, all, more } = useMachineSearch(text, text === "" ? by : undefined);
  const message = query.isPending ? "Fetching the machines." : query.error?.message;
  const name = text.trim();
  const isNew =
    name !== "" && !all.some((machine) => machine.name.toLowerCase() === name.toLowerCase());
  const make = () => {
    const id = uuid();
    saveMachine(id, machineInputSchema.parse({ name }));
    writeDraft(FIND, "");
    router.push(`/machine/${id}`);
  };
  return (
    <>
      <PageHead title="Jobs" beside={beside !== undefined} />
      <View padding={12} paddingBottom={0} gap={8} width="100%" maxWidth={PAGE_WIDTH}>
        <View flexDirection="row">
          <SearchField
            name="Find a machine"
            value={text}
            placeholder={POSITION_SENTENCES.findOrName}
            onChange={(typed) => writeDraft(FIND, typed)}
          />
        </View>
        {isNew ? <ActionButton label={newMachineWords(name)} onPress={make} /> : null}
        {text === "" ? (
          <View flexDirection="row" gap={8}>
            <ActionButton flex={1} label="Order list" onPress={() => router.push("/order")} />
            <ActionButton flex={1} label="Order a part" onPress={() => router.push("/fastener")} />
          </View>
        ) : null}
      </View>
      <FlatList
        ref={scroll}
        data={machines}
        keyExtractor={({ id }) => id}
        onEndReached={more}
        renderItem={({ item }) => (
          <MachineRow
            machine={item}
            chosen={item.id === beside}
            onPress={() => router.push(`/machine/${item.id}`)}
          />
        )}
        ListHeaderComponent={
          text !== "" ? null : (
            <>
              {beside === undefined ? <OpenJobs /> : null}
              {all.length > 1 || by.sort !== "changed" || by.state !== undefined ? (
                <MachinesByChoice />
              ) : null}
            </>
          )
        }
        ListEmptyComponent={
          <MachinesEmpty message={message} text={name} filtered={by.state !== undefined} />
        }
        ListFooterComponent={
          text === "" && beside === undefined ? <WayToRemoved /> : <FoundPositions text={text} />
        }
        contentContainerStyle={{ padding: 12, width: "100%", maxWidth: PAGE_WIDTH }}
      />
    </>
  );
}
