import { JOB_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { changeJob, useJobs } from "../../data/record/job-queries";
import { ToggleChips } from "../../kit/toggle-chips";
import { Label } from "../../kit/text";

/** The jobs in hand, those that a position is worked at in chosen; nothing where no job is open. */
export function JobsOfPosition({ positionId }: { positionId: string }) {
  const { jobs } = useJobs();
  const open = jobs.filter(({ done }) => done === null);
  if (open.length === 0) return null;
  const within = open.filter(({ positions }) => positions.includes(positionId));
  const choose = (ids: readonly string[]) => {
    for (const job of open) {
      const was = job.positions.includes(positionId);
      const is = ids.includes(job.id);
      if (was === is) continue;
      changeJob(job, ({ positions }) => {
        const others = positions.filter((id) => id !== positionId);
        return { positions: is ? [...others, positionId] : others };
      });
    }
  };
  return (
    <View gap={6}>
      <Label>Worked at in</Label>
      <ToggleChips
        name={JOB_SENTENCES.chooseJobs}
        values={within.map(({ id }) => id)}
        choices={open.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={choose}
      />
    </View>
  );
}
