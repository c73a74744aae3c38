import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import type { BenchLayoutProps } from "./bench-layout";
import { CommonnessSwitch } from "./commonness-switch";
import { FirstSteps } from "./first-steps";
import { NearMisses } from "./near-misses";
import { RunningList } from "./running-list";
import { inTheRunning } from "./running";

/** From this share on the likeliest thread is worth saying what it is mistaken for. */
const WORTH_WARNING = 0.5;

/** What the readings say so far; before the first, how to begin. */
export function Findings({ bench, units, onOpen, onWriteUp }: BenchLayoutProps) {
  const { identification, state } = bench;
  if (state.part.readings.length === 0) return <FirstSteps side={bench.side} />;
  const unsettled = identification.verdict === "narrowed" || identification.verdict === "open";
  const [best] = identification.candidates;
  const comparable = inTheRunning(identification.candidates).length > 1;
  return (
    <>
      <RunningList
        identification={identification}
        units={units}
        onRuledOut={() => onOpen("ruled-out")}
      />
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {comparable ? (
          <ActionButton flex={1} label="Compare two" onPress={() => onOpen("compare")} />
        ) : null}
        <ActionButton flex={1} label="Try a known part" onPress={() => onOpen("trial")} />
      </View>
      {best !== undefined && best.probability >= WORTH_WARNING ? (
        <NearMisses thread={best.thread} units={units} />
      ) : null}
      <CommonnessSwitch used={state.part.options.useCommonness !== false} />
      <ActionButton label="Tools on hand" onPress={() => onOpen("tools")} />
      {unsettled ? <ActionButton label="Write it up as it stands" onPress={onWriteUp} /> : null}
    </>
  );
}
