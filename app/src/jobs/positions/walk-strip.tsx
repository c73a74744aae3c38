import { WALK_SENTENCES, leftWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useMemo } from "react";
import { useRouter } from "expo-router";
import { useBenchPart } from "../../data/drafts/bench";
import { DataProvider } from "../../data/outbox/data-provider";
import { useMachine } from "../../data/record/machine-queries";
import { usePositions } from "../../data/record/position-queries";
import { saveIdentification } from "../../data/outbox/saving";
import { ActionButton } from "../../kit/action-button";
import { Label } from "../../kit/text";
import { layRowOnBench } from "../../shared/on-bench";
import { leftToIdentify, nextAfter, useWalk, walkRound } from "./walk-state";

function Walking({ machineId }: { machineId: string }) {
  const router = useRouter();
  const part = useBenchPart();
  const { machine } = useMachine(machineId);
  const { positions } = usePositions(machineId);
  const left = useMemo(() => leftToIdentify(positions), [positions]);
  const next = useMemo(
    () => nextAfter(part.positionId, left, positions),
    [part.positionId, left, positions],
  );
  const isRead = part.readings.some(({ kind }) => kind !== "origin");
  const isHere = part.machineId === machineId && part.positionId !== undefined;
  const goOn = () => {
    if (next === undefined) {
      walkRound(null);
      return router.push(`/machine/${machineId}`);
    }
    return layRowOnBench(next, positions, machine);
  };
  const writeUp = () => {
    const { identificationId, position, positionId, readings, options, notes, takenAt } = part;
    const at = positionId === undefined ? {} : { positionId };
    const input = { machineId, position, ...at, readings, options, notes, takenAt };
    saveIdentification(identificationId, { ...input, replacement: part.replacement }, part.saw);
    goOn();
  };
  const others = left.filter(({ id }) => id !== part.positionId).length;
  return (
    <View
      role="region"
      aria-label="Walk round"
      flexDirection="row"
      flexWrap="wrap"
      alignItems="center"
      gap={6}
      paddingHorizontal={12}
      paddingBottom={6}
    >
      <Label flex={1} minWidth={90} role="status">
        {leftWords(others)}
      </Label>
      <ActionButton label="End" says={WALK_SENTENCES.end} onPress={() => walkRound(null)} />
      {isHere && isRead ? (
        <ActionButton
          label={next === undefined ? "Save, done" : "Save, next"}
          says={WALK_SENTENCES.saveAndNext}
          onPress={writeUp}
        />
      ) : (
        <ActionButton
          label={next === undefined ? "Done" : "Next"}
          says={WALK_SENTENCES.next}
          onPress={goOn}
        />
      )}
    </View>
  );
}

function Strip() {
  const machineId = useWalk();
  return machineId === null ? null : <Walking machineId={machineId} />;
}

/** While a machine is walked round: what is left of it, and the way to the next place, over the Bench. */
export function WalkStrip() {
  return (
    <DataProvider>
      <Strip />
    </DataProvider>
  );
}
