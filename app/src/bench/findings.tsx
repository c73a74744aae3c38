import { isRuledOut, leads } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { useFetched } from "../shell/fetched-later";
import type { BenchLayoutProps } from "./bench-layout";
import { FirstSteps } from "./first-steps";
import { RunningList } from "./running-list";

/** What the readings say so far; before the first, how to begin. */
export function Findings({
  bench,
  units,
  roomy,
  onOpen,
  onWriteUp,
}: BenchLayoutProps & { roomy: boolean }) {
  const { identification, onBench } = bench;
  // What is of use beside the list, and no loss where the rest of the app cannot be fetched.
  const later = useFetched();
  const tools = <ActionButton label="Tools on hand" onPress={() => onOpen("tools")} />;
  if (onBench.readings.length === 0) {
    return (
      <>
        <FirstSteps side={bench.side} />
        {tools}
      </>
    );
  }
  const unsettled = identification.verdict === "narrowed" || identification.verdict === "open";
  const [best, second] = identification.candidates;
  const comparable = !isRuledOut(second?.probability ?? 0);
  return (
    <>
      <RunningList
        identification={identification}
        units={units}
        roomy={roomy}
        onRuledOut={() => onOpen("ruled-out")}
      />
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
      {tools}
      {later === undefined ? null : (
        <later.MendFromBench part={onBench} identification={identification} sizes={bench.sizes} />
      )}
      {unsettled ? <ActionButton label="Write it up as it stands" onPress={onWriteUp} /> : null}
    </>
  );
}
