import type { Machine } from "@root-gauge/contract";
import {
  POSITION_SENTENCES,
  RECORD_SENTENCES,
  madeWords,
  partsWords,
  stateCountsWords,
} from "@root-gauge/core/record-words";
import { newMachineWords } from "@root-gauge/core/sheet-words";
import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import { FlatList } from "react-native";
import { v4 as uuid } from "uuid";
import { machineInputSchema } from "@root-gauge/contract";
import { useDraft, writeDraft } from "../data/drafts";
import { useMachineSearch, useMachines } from "../data/machine-queries";
import { saveMachine } from "../data/saving";
import type { Kept } from "../data/waiting";
import { ActionButton } from "../kit/action-button";
import { ListRow } from "../kit/list-row";
import { SearchField } from "../kit/search-field";
import { Body, Figure, Small } from "../kit/text";
import { PutBackBar } from "../record/put-back-bar";
import { PAGE_WIDTH, PageHead } from "../shell/page";

function MachineRow({ machine, onPress }: { machine: Kept<Machine>; onPress: () => void }) {
  const theme = useTheme();
  const states = stateCountsWords(machine.states);
  const made = madeWords(machine.origin, machine.year);
  return (
    <ListRow onPress={onPress}>
      <View flex={1} gap={2}>
        <Figure fontSize="$name" lineHeight="$name">
          {machine.name}
        </Figure>
        <Small>{[made, machine.stands].filter(Boolean).join(" · ")}</Small>
        <Body>{states === "" ? partsWords(machine.identifications) : states}</Body>
        {machine.waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
      </View>
      <ChevronRight size={20} color={theme.quiet.val} aria-hidden />
    </ListRow>
  );
}

interface MachinesEmptyProps {
  readonly message: string | undefined;
  /** What was searched for. */
  readonly text: string;
}

function MachinesEmpty({ message, text }: MachinesEmptyProps) {
  const router = useRouter();
  if (message !== undefined) return <Body role="status">{message}</Body>;
  if (text !== "") return <Body role="status">{POSITION_SENTENCES.noneFound}</Body>;
  return (
    <View gap={12}>
      <Body>{RECORD_SENTENCES.noMachine}</Body>
      <ActionButton primary label="Go to the Bench" onPress={() => router.push("/")} />
    </View>
  );
}

const FIND = "machine.find";

/** Machines, the last touched first: found by a few letters, or made by their name. */
export function MachinesScreen() {
  const router = useRouter();
  const text = useDraft(FIND) ?? "";
  const { more } = useMachines();
  const { machines, query, all } = useMachineSearch(text);
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
    <View flex={1} render="main">
      <PageHead title="Jobs" />
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
          <ActionButton label="Order a part" onPress={() => router.push("/fastener")} />
        ) : null}
      </View>
      <FlatList
        data={machines}
        keyExtractor={({ id }) => id}
        onEndReached={more}
        renderItem={({ item }) => (
          <MachineRow machine={item} onPress={() => router.push(`/machine/${item.id}`)} />
        )}
        ListEmptyComponent={<MachinesEmpty message={message} text={name} />}
        contentContainerStyle={{ padding: 12, width: "100%", maxWidth: PAGE_WIDTH }}
      />
      <PutBackBar />
    </View>
  );
}
