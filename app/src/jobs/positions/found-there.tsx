import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import type { FindingRow } from "@root-gauge/contract";
import { useSettings } from "../../data/kept/settings";
import type { Kept } from "../../data/outbox/waiting";
import { ActionButton } from "../../kit/action-button";
import { Heading } from "../../kit/text";
import { PartRow } from "./part-row";

interface FoundThereProps {
  readonly title: string;
  readonly findings: readonly Kept<FindingRow>[];
  /** Fetches more of them, where there are more. */
  readonly more: (() => void) | undefined;
}

/** What was found, under a heading: one row each, which opens its sheet. */
export function FoundThere({ title, findings, more }: FoundThereProps) {
  const router = useRouter();
  const { units } = useSettings();
  if (findings.length === 0) return null;
  return (
    <View role="region" aria-label={title} marginVertical={12}>
      <Heading marginBottom={8}>{title}</Heading>
      {findings.map((record) => (
        <PartRow
          key={record.id}
          record={record}
          units={units}
          onPress={() => router.push(`/sheet/${record.id}`)}
        />
      ))}
      {more === undefined ? null : <ActionButton label="More findings" onPress={more} />}
    </View>
  );
}
