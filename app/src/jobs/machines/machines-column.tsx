import type { MachineRow as Row } from "@root-gauge/contract";
import {
  POSITION_SENTENCES,
  RECORD_SENTENCES,
  REMOVED_SENTENCES,
} from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { memo } from "react";
import { FlatList } from "react-native";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { askSearch, useMachines } from "../../data/record/machine-queries";
import type { Kept } from "../../data/outbox/waiting";
import { ActionButton } from "../../kit/action-button";
import { useKeptScroll } from "../../kit/use-kept-scroll";
import { Pressable } from "../../kit/pressable";
import { SearchField } from "../../kit/search-field";
import { Body, Figure } from "../../kit/text";
import { PAGE_WIDTH, PageHead } from "../../shell/page";
import { FoundByText } from "./found-by-text";
import { MachineRow } from "./machine-row";
import { MachinesByChoice, useMachinesBy } from "./machines-by";
import { OpenJobs } from "../jobs/open-jobs";

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

interface MachinesEmptyProps {
  readonly message: string | undefined;
  /** Whether only some of them are listed. */
  readonly filtered: boolean;
}

function MachinesEmpty({ message, filtered }: MachinesEmptyProps) {
  const router = useRouter();
  if (message !== undefined) return <Body role="status">{message}</Body>;
  if (filtered) return <Body role="status">{POSITION_SENTENCES.noMachineSo}</Body>;
  return (
    <View gap={12}>
      <Body>{RECORD_SENTENCES.noMachine}</Body>
      <ActionButton primary label="Go to the Bench" onPress={() => router.push("/")} />
    </View>
  );
}

const FIND = "machine.find";

/** The positions are asked for before anything is drawn anew, which a slow phone takes longer for than the server answers. */
function find(text: string): void {
  askSearch(text);
  writeDraft(FIND, text);
}

const empty = () => writeDraft(FIND, "");

function WaysToOrder() {
  const router = useRouter();
  return (
    <View flexDirection="row" gap={8}>
      <ActionButton flex={1} label="Order list" onPress={() => router.push("/order")} />
      <ActionButton flex={1} label="Order a part" onPress={() => router.push("/fastener")} />
    </View>
  );
}

/** All machines, the jobs over them, and the order they are in. */
const AllMachines = memo(function AllMachines({ beside }: MachinesColumnProps) {
  const by = useMachinesBy();
  const scroll = useKeptScroll<Kept<Row>>("machines");
  const { machines, query, more } = useMachines(by);
  const message = query.isPending ? RECORD_SENTENCES.fetchingMachines : query.error?.message;
  return (
    <FlatList
      ref={scroll}
      data={machines}
      keyExtractor={({ id }) => id}
      onEndReached={more}
      renderItem={({ item }) => <MachineRow machine={item} chosen={item.id === beside} />}
      ListHeaderComponent={
        <>
          {beside === undefined ? <OpenJobs /> : null}
          {machines.length > 1 || by.sort !== "changed" || by.state !== undefined ? (
            <MachinesByChoice />
          ) : null}
        </>
      }
      ListEmptyComponent={<MachinesEmpty message={message} filtered={by.state !== undefined} />}
      ListFooterComponent={beside === undefined ? <WayToRemoved /> : null}
      contentContainerStyle={{ padding: 12, width: "100%", maxWidth: PAGE_WIDTH }}
    />
  );
});

const Head = memo(PageHead);

interface MachinesColumnProps {
  /** The machine that stands beside the list, where one does: the list is then no page of its own. */
  readonly beside?: string;
}

/** Machines, the last touched first: found by a few letters, or made by their name. */
export function MachinesColumn({ beside }: MachinesColumnProps) {
  const text = useDraft(FIND) ?? "";
  return (
    <>
      <Head title="Jobs" beside={beside !== undefined} />
      <View padding={12} paddingBottom={0} gap={8} width="100%" maxWidth={PAGE_WIDTH}>
        <View flexDirection="row">
          <SearchField
            name="Find a machine"
            value={text}
            placeholder={POSITION_SENTENCES.findOrName}
            onChange={find}
          />
        </View>
        {text === "" ? <WaysToOrder /> : null}
      </View>
      <View flex={1}>
        <div style={text === "" ? LIST : HIDDEN} inert={text !== ""}>
          <AllMachines {...(beside === undefined ? {} : { beside })} />
        </div>
        {text === "" ? null : <FoundByText text={text} beside={beside} onMade={empty} />}
      </View>
    </>
  );
}

const LIST = { display: "flex", flexDirection: "column", flex: 1, minHeight: 0 } as const;
/** It keeps its place and its scroll while something is searched for. */
const HIDDEN = { ...LIST, contentVisibility: "hidden" } as const;
