import { useBenchPart } from "../data/drafts/bench";
import { ActionButton } from "../kit/action-button";
import { Panel } from "../kit/panel";
import { View } from "@tamagui/core";
import { useWhereOnBench } from "../shared/on-bench";
import { WhereFields } from "../shared/where-card";

/** Which machine and which place on the machine the part on the bench is from, before anything is written up. */
export function MachinePanel({ onClose }: { onClose: () => void }) {
  const part = useBenchPart();
  const sayWhere = useWhereOnBench();
  return (
    <Panel title="Where it is from" onClose={onClose}>
      <View gap={12}>
        <WhereFields where={part} placeholder="Clamp bar, left front" onChange={sayWhere} />
        <ActionButton primary label="Done" onPress={onClose} />
      </View>
    </Panel>
  );
}
