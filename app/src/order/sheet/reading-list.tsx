import { readingWords, type Reading, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Label } from "../../kit/text";

/** What was read, and how: the evidence the sheet stands on. */
export function ReadingList({ readings, units }: { readings: readonly Reading[]; units: Units }) {
  return (
    <Card gap={4}>
      <Heading>Readings</Heading>
      {readings.length === 0 ? <Body>None was taken.</Body> : null}
      {readings.map((reading, at) => {
        const { label, figure, note } = readingWords(reading, units);
        return (
          <View key={at} flexDirection="row" gap={8} alignItems="baseline" flexWrap="wrap">
            <Label width={56}>{label}</Label>
            <Figure>{figure}</Figure>
            <Body color="$quiet">{note}</Body>
          </View>
        );
      })}
    </Card>
  );
}
