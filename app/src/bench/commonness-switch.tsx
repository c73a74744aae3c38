import { LEAST_MET, partsMet, seriesMet, threadById, type MetThreads } from "@root-gauge/core";
import { WEIGHED_WORDS, metOnMachineWords, metWords } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { changeBench, useBenchPart } from "../data/drafts/bench";
import { useMetOfServer, useMetOnMachineOfServer } from "../data/record/met-of-server";
import { useMetStore } from "../data/kept/met-state";
import { OnOff } from "../kit/on-off";
import { Small } from "../kit/text";

const MOST_NAMED = 4;

/** The threads that were met most, by their names. */
function mostMet(met: MetThreads): readonly (readonly [string, number])[] {
  return Object.entries(met)
    .flatMap(([id, count]): [string, number][] => {
      const thread = threadById(id);
      return thread === undefined ? [] : [[thread.designation, count]];
    })
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_NAMED);
}

/** Says that common threads are put before rare ones, and by which counts; either can be switched off. */
export function CommonnessSwitch({ used }: { used: boolean }) {
  useMetOfServer();
  const { counts, used: metUsed } = useMetStore();
  const parts = partsMet(counts);
  return (
    <View gap={4}>
      <OnOff
        label={WEIGHED_WORDS.common}
        on={used}
        onChange={(use) => changeBench({ type: "weigh-commonness", use })}
      />
      {!used || parts === 0 ? null : (
        <>
          {parts < LEAST_MET ? null : (
            <OnOff
              label={WEIGHED_WORDS.met}
              on={metUsed}
              onChange={(on) => useMetStore.setState({ used: on })}
            />
          )}
          <Small>{metWords(parts, LEAST_MET, mostMet(counts))}</Small>
        </>
      )}
      {used ? <OnMachine /> : null}
    </View>
  );
}

/** What was found on the machine at hand, by its series, and whether it is weighed. */
function OnMachine() {
  const { machineId, positionId } = useBenchPart();
  useMetOnMachineOfServer(machineId, positionId ?? undefined);
  const known = useMetStore();
  const series = known.machineId === machineId ? seriesMet(known.onMachine) : [];
  if (machineId === null || series.length === 0) return null;
  return (
    <>
      <OnOff
        label={WEIGHED_WORDS.metOnMachine}
        on={known.machineUsed}
        onChange={(machineUsed) => useMetStore.setState({ machineUsed })}
      />
      <Small>{metOnMachineWords(series)}</Small>
    </>
  );
}
