import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import type { FoundAt } from "../../data/server/api";
import { useRepairs } from "../../data/record/queries";
import { ActionButton } from "../../kit/action-button";
import { Heading } from "../../kit/text";
import { RepairRow } from "./repair-row";

/** What was mended on a machine, or at one position of it. */
export function RepairsThere({ at }: { at: FoundAt }) {
  const router = useRouter();
  const { repairs, next, more } = useRepairs(at);
  if (repairs.length === 0) return null;
  return (
    <View role="region" aria-label="Repairs" marginVertical={12}>
      <Heading>Repairs</Heading>
      {repairs.map((repair) => (
        <RepairRow
          key={repair.id}
          repair={repair}
          onPress={() => router.push(`/repair/${repair.id}`)}
        />
      ))}
      {next ? <ActionButton label="More repairs" onPress={more} /> : null}
    </View>
  );
}
