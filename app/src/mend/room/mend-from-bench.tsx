import { leads, printPlain, type Identification, type MeasuredSizes } from "@root-gauge/core";
import { useRouter } from "expo-router";
import type { BenchPart } from "../../data/kept/kept-schemas";
import { ActionButton } from "../../kit/action-button";
import { enterMend } from "../../shared/enter-mend";

export interface MendFromBenchProps {
  readonly part: BenchPart;
  readonly identification: Identification;
  readonly sizes: MeasuredSizes;
}

/** From the Bench into Mend: the thread that leads, or the size and pitch of one that no standard has. */
export function MendFromBench({ part, identification, sizes }: MendFromBenchProps) {
  const router = useRouter();
  const [best] = identification.candidates;
  const thread = best !== undefined && leads(best) ? best.thread : undefined;
  const { pitchMm, majorMm } = sizes;
  const odd =
    thread !== undefined || pitchMm === undefined || majorMm === undefined
      ? undefined
      : { crests: `${printPlain(majorMm, 2)} mm`, pitch: `${printPlain(pitchMm, 3)} mm` };
  if (thread === undefined && odd === undefined) return null;
  return (
    <ActionButton
      label="It is damaged: mend it"
      onPress={() => {
        const { machineId, position, positionId } = part;
        enterMend({
          thread,
          machineId,
          position,
          positionId,
          ...(odd === undefined ? {} : { odd }),
        });
        router.push("/mend");
      }}
    />
  );
}
