import { leads, threadInsideInsert, threadName } from "@root-gauge/core";
import { useRouter } from "expo-router";
import { changeDamage } from "../../data/kept/mend-state";
import { useBench } from "../../data/drafts/use-bench";
import { ActionButton } from "../../kit/action-button";

/** Where no thread is named: the one that leads on the Bench, or the way there. */
export function ThreadFromBench() {
  const router = useRouter();
  const { identification, onBench } = useBench();
  const [best] = identification.candidates;
  if (onBench.readings.length === 0 || best === undefined || !leads(best)) {
    return <ActionButton label="Name it on the Bench" onPress={() => router.push("/")} />;
  }
  const thread = threadInsideInsert(best.thread) ?? best.thread;
  return (
    <ActionButton
      label={`${threadName(thread)}, as on the Bench`}
      onPress={() => changeDamage({ thread: threadName(thread) })}
    />
  );
}
