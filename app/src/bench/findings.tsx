import { isRuledOut, leads } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { memo } from "react";
import { ActionButton } from "../kit/action-button";
import { useFollowing } from "../kit/use-after-first-paint";
import { useFetched } from "../shell/fetched-later";
import type { BenchWork } from "./bench-layout";
import { FirstSteps } from "./first-steps";
import { RunningList } from "./running-list";

/** What else can be done with what was read, and what it is mistaken for. */
const More = memo(function More({ work }: { work: BenchWork }) {
  const { bench, units, onOpen, onWriteUp } = work;
  const { identification, onBench } = bench;
  // What is of use beside the list, and no loss where the rest of the app cannot be fetched.
  const later = useFetched();
  const unsettled = identification.verdict === "narrowed" || identification.verdict === "open";
  const [best, second] = identification.candidates;
  const comparable = !isRuledOut(second?.probability ?? 0);
  return (
    <>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {comparable ? (
          <ActionButton flex={1} label="Compare two" onPress={() => onOpen("compare")} />
        ) : null}
        <ActionButton flex={1} label="Try a known part" onPress={() => onOpen("trial")} />
      </View>
      {later !== undefined && best !== undefined && leads(best) ? (
        <later.NearMisses thread={best.thread} units={units} />
      ) : null}
      {later === undefined ? null : (
        <later.CommonnessSwitch used={onBench.options.useCommonness !== false} />
      )}
      <ToolsButton onOpen={onOpen} />
      {later === undefined ? null : (
        <later.MendFromBench part={onBench} identification={identification} sizes={bench.sizes} />
      )}
      {unsettled ? <ActionButton label="Write it up as it stands" onPress={onWriteUp} /> : null}
    </>
  );
});

function ToolsButton({ onOpen }: Pick<BenchWork, "onOpen">) {
  return <ActionButton label="Tools on hand" onPress={() => onOpen("tools")} />;
}

/** What the readings say so far; before the first, how to begin. */
export function Findings({ work, roomy }: { work: BenchWork; roomy: boolean }) {
  const { bench, units, onOpen } = work;
  // The answer is drawn first; what stands under it follows.
  const after = useFollowing(work);
  if (bench.onBench.readings.length === 0) {
    return (
      <>
        <FirstSteps side={bench.side} />
        <ToolsButton onOpen={onOpen} />
      </>
    );
  }
  return (
    <>
      <RunningList
        identification={bench.identification}
        units={units}
        roomy={roomy}
        onRuledOut={() => onOpen("ruled-out")}
      />
      {after.bench.onBench.readings.length === 0 ? null : <More work={after} />}
    </>
  );
}
