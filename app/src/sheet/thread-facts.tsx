import {
  basicSizes,
  limits,
  pitchWords,
  printLength,
  printPlain,
  printRange,
  stressArea,
  type SizeRange,
  type Thread,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Card } from "../kit/surface";
import { Body, Figure, Heading, Small } from "../kit/text";

function rangeWords({ min, max }: SizeRange, units: Units): string {
  const decimals = units === "mm" ? 3 : 4;
  if (min !== undefined && max !== undefined) return printRange(min, max, units, decimals);
  if (max !== undefined) return `${printLength(max, units, decimals)} at most`;
  return min === undefined ? "free" : `${printLength(min, units, decimals)} at least`;
}

/** Tables give limits to the micrometre, and to a ten-thousandth of an inch. */
function factsOf(thread: Thread, units: Units): readonly (readonly [string, string])[] {
  const { toleranceClass, major, pitch, minor } = limits(thread, "external");
  const area =
    units === "mm"
      ? `${printPlain(stressArea(thread), 1)} mm²`
      : `${printPlain(stressArea(thread) / 25.4 ** 2, 4)} in²`;
  return [
    ["Major diameter, basic", printLength(basicSizes(thread).major, units, units === "mm" ? 3 : 4)],
    [`Major diameter, ${toleranceClass}`, rangeWords(major, units)],
    [`Pitch diameter, ${toleranceClass}`, rangeWords(pitch, units)],
    [`Minor diameter, ${toleranceClass}`, rangeWords(minor, units)],
    ["Pitch", pitchWords(thread.pitchMm, units)],
    ["Flank angle", `${printPlain(thread.flankAngleDeg)}°`],
    ["Tensile stress area", area],
    ["Standard", thread.standard],
  ];
}

/** The thread's true sizes, as the standard gives them. */
export function ThreadFacts({ thread, units }: { thread: Thread; units: Units }) {
  return (
    <Card gap={4}>
      <Heading>{thread.designation}</Heading>
      {factsOf(thread, units).map(([name, figure]) => (
        <View key={name} flexDirection="row" flexWrap="wrap" gap={8} paddingVertical={4}>
          <Body flex={1} minWidth={150} color="$quiet">
            {name}
          </Body>
          <Figure>{figure}</Figure>
        </View>
      ))}
      {thread.verified ? null : <Small>Not verified against a published table.</Small>}
    </Card>
  );
}
