import type { Job } from "@root-gauge/contract";
import { MOST_PLACES } from "@root-gauge/contract";
import { JOB_SENTENCES } from "@root-gauge/core/record-words";
import { thatStand } from "@root-gauge/core/record";
import { View } from "@tamagui/core";
import { api } from "../data/api";
import { useDraft, writeDraft } from "../data/drafts";
import { changeJob } from "../data/job-queries";
import { useMachineSearch, usePositionSearch } from "../data/machine-queries";
import { ActionButton } from "../kit/action-button";
import { SearchField } from "../kit/search-field";
import { Body, Figure, Small } from "../kit/text";

const FIND = "job.find";
/** As many of each as a thumb looks through. */
const SHOWN = 6;

/** The places of a machine that are worked at: not what others stand within. */
async function placesOfMachine(machineId: string): Promise<readonly string[]> {
  const rows: Awaited<ReturnType<typeof api.positions>>["positions"] = [];
  let after: string | undefined;
  do {
    const page = await api.positions(machineId, after);
    rows.push(...page.positions);
    after = page.next ?? undefined;
  } while (after !== undefined && rows.length < MOST_PLACES);
  return thatStand(rows).map(({ id }) => id);
}

interface FoundRowProps {
  readonly title: string;
  readonly subtitle: string;
  readonly label: string;
  readonly says: string;
  readonly onAdd: (() => void) | undefined;
}

function FoundRow({ title, subtitle, label, says, onAdd }: FoundRowProps) {
  return (
    <View
      role="listitem"
      flexDirection="row"
      alignItems="center"
      gap={8}
      paddingVertical={6}
      borderBottomWidth={1}
      borderColor="$line"
    >
      <View flex={1} minWidth={0}>
        <Figure>{title}</Figure>
        <Small>{subtitle}</Small>
      </View>
      {onAdd === undefined ? (
        <Body color="$quiet">Added</Body>
      ) : (
        <ActionButton label={label} says={says} onPress={onAdd} />
      )}
    </View>
  );
}

/** Machines and positions that are found by a few letters, each to be added to a job. */
export function AddPlaces({ job }: { job: Job }) {
  const text = useDraft(FIND) ?? "";
  const { machines } = useMachineSearch(text);
  const { hits } = usePositionSearch(text);
  const known = new Set(job.positions);
  const add = (ids: readonly string[]) => {
    const positions = [...new Set([...job.positions, ...ids])].slice(0, MOST_PLACES);
    changeJob(job, { positions });
  };
  return (
    <View gap={8} data-print="no">
      <View flexDirection="row">
        <SearchField
          name={JOB_SENTENCES.find}
          value={text}
          placeholder={JOB_SENTENCES.find}
          onChange={(typed) => writeDraft(FIND, typed)}
        />
      </View>
      {text.trim() === "" ? null : (
        <View role="list" aria-label="Found places">
          {machines.slice(0, SHOWN).map((machine) => (
            <FoundRow
              key={machine.id}
              title={machine.name}
              subtitle={machine.stands}
              label="Add all"
              says={`Add all places of ${machine.name}`}
              onAdd={() => void placesOfMachine(machine.id).then(add)}
            />
          ))}
          {hits.slice(0, SHOWN).map((hit) => (
            <FoundRow
              key={hit.id}
              title={hit.place}
              subtitle={[hit.holds, hit.machine].filter(Boolean).join(" · ")}
              label="Add"
              says={`Add ${hit.place}, ${hit.machine}`}
              onAdd={known.has(hit.id) ? undefined : () => add([hit.id])}
            />
          ))}
        </View>
      )}
    </View>
  );
}
