import type { MachineRow as Row } from "@root-gauge/contract";
import {
  RECORD_SENTENCES,
  madeWords,
  partsWords,
  stateCountsWords,
} from "@root-gauge/core/say/record";
import { useTheme } from "@tamagui/core";
import { useRouter } from "expo-router";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import type { Kept } from "../../data/outbox/waiting";
import { PlainRow } from "../../kit/plain-row";

interface MachineRowProps {
  readonly machine: Kept<Row>;
  /** Whether it is the one that stands beside the list. */
  readonly chosen: boolean;
}

/** A machine of a list: its name, where it stands, and what its places are at; a touch opens it. */
export function MachineRow({ machine, chosen }: MachineRowProps) {
  const router = useRouter();
  const theme = useTheme();
  const states = stateCountsWords(machine.states);
  const made = madeWords(machine.origin, machine.year);
  return (
    <PlainRow
      chosen={chosen}
      onPress={() => router.push(`/machine/${machine.id}`)}
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
