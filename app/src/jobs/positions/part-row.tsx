import type { FindingRow } from "@root-gauge/contract";
import { readingWords, type Units } from "@root-gauge/core";
import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { favouredThread } from "@root-gauge/core/decide/sheet";
import { partTitleWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import type { Kept } from "../../data/outbox/waiting";
import { ListRow } from "../../kit/list-row";
import { Figure, Small } from "../../kit/text";
import { VerdictMark } from "../../kit/verdict-mark";

interface PartRowProps {
  readonly record: Kept<FindingRow>;
  readonly units: Units;
  readonly onPress: () => void;
}

/** What was found, as a row: what it is, what goes in, and its readings. */
export function PartRow({ record, units, onPress }: PartRowProps) {
  const { title, subtitle, verdict } = partTitleWords(record, favouredThread(record.result));
  const readings = record.readings.map((reading) => {
    const { label, figure } = readingWords(reading, units);
    return `${label} ${figure}`;
  });
  const goesIn = record.replacement?.callout;
  // Specified without a sample: there is nothing to be sure of.
  const sampled = record.readings.length > 0;
  return (
    <ListRow onPress={onPress}>
      {sampled ? (
        <View alignSelf="flex-start" paddingTop={3}>
          <VerdictMark verdict={verdict} />
        </View>
      ) : null}
      <View flex={1} gap={2}>
        <Figure fontSize="$heading" lineHeight="$heading">
          {sampled ? title : (goesIn ?? title)}
        </Figure>
        {sampled && goesIn !== undefined ? <Figure>{`Goes in: ${goesIn}`}</Figure> : null}
        <Small>
          {sampled ? [subtitle, ...readings].join(" · ") : "Specified without a sample"}
        </Small>
        {record.unreadable.length === 0 ? null : (
          <Small color="$clash">Part of it cannot be read any more</Small>
        )}
        {record.waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
      </View>
    </ListRow>
  );
}
