import { ActionButton } from "../kit/action-button";
import type { BenchLayoutProps } from "./bench-layout";
import { CommonnessSwitch } from "./commonness-switch";
import { FirstSteps } from "./first-steps";
import { RunningList } from "./running-list";

/** What the readings say so far; before the first, how to begin. */
export function Findings({ bench, units, onOpen, onWriteUp }: BenchLayoutProps) {
  const { identification, state } = bench;
  if (state.part.readings.length === 0) return <FirstSteps />;
  const unsettled = identification.verdict === "narrowed" || identification.verdict === "open";
  return (
    <>
      <RunningList
        identification={identification}
        units={units}
        onRuledOut={() => onOpen("ruled-out")}
      />
      <CommonnessSwitch used={state.part.options.useCommonness !== false} />
      {unsettled ? <ActionButton label="Write it up as it stands" onPress={onWriteUp} /> : null}
    </>
  );
}
