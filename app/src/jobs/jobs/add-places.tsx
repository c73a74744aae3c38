import { type Job, MOST_PLACES } from "@root-gauge/contract";
import { JOB_SENTENCES } from "@root-gauge/core/say/record";
import { thatStand } from "@root-gauge/core/record";
import { View } from "@tamagui/core";
import { api } from "../../data/server/api";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { changeJob } from "../../data/record/job-queries";
import { useMachineSearch, usePositionSearch } from "../../data/record/machine-queries";
import { ActionRow } from "../../kit/action-row";
import { SearchField } from "../../kit/search-field";

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

/** Machines and positions that are found by a few letters, each to be added to a job. */
export function AddPlaces({ job }: { job: Job }) {
  const text = useDraft(FIND) ?? "";
  const { machines } = useMachineSearch(text);
  const { hits } = usePositionSearch(text);
  const known = new Set(job.positions);
  const add = (ids: readonly string[]) => {
    changeJob(job, ({ positions }) => ({
      positions: [...new Set([...positions, ...ids])].slice(0, MOST_PLACES),
    }));
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
            <ActionRow
              key={machine.id}
              title={machine.name}
              subtitle={machine.stands}
              label="Add all"
              says={`Add all places of ${machine.name}`}
              onPress={() => void placesOfMachine(machine.id).then(add)}
            />
          ))}
          {hits.slice(0, SHOWN).map((hit) => (
            <ActionRow
              key={hit.id}
              title={hit.place}
              subtitle={[hit.holds, hit.machine].filter(Boolean).join(" · ")}
              label="Add"
              says={`Add ${hit.place}, ${hit.machine}`}
              done="Added"
              onPress={known.has(hit.id) ? undefined : () => add([hit.id])}
            />
          ))}
        </View>
      )}
    </View>
  );
}
