import {
  angleWords,
  areaWords,
  basicSizes,
  limits,
  pitchWords,
  printLength,
  sizeRangeWords,
  stressArea,
  tableDecimals,
  type Thread,
  type Units,
} from "@root-gauge/core";
import { ActionButton } from "../kit/action-button";
import { Facts, type Fact } from "../kit/facts";
import { Card } from "../kit/surface";
import { Heading, Small } from "../kit/text";

/** Tables give limits to the micrometre, and to a ten-thousandth of an inch. */
function factsOf(thread: Thread, units: Units): Fact[] {
  const { toleranceClass, major, pitch, minor } = limits(thread, thread.only ?? "external");
  return [
    ["Major diameter, basic", printLength(basicSizes(thread).major, units, tableDecimals(units))],
    [`Major diameter, ${toleranceClass}`, sizeRangeWords(major, units)],
    [`Pitch diameter, ${toleranceClass}`, sizeRangeWords(pitch, units)],
    [`Minor diameter, ${toleranceClass}`, sizeRangeWords(minor, units)],
    ["Pitch", pitchWords(thread.pitchMm, units)],
    ["Flank angle", angleWords(thread.flankAngleDeg)],
    ["Tensile stress area", areaWords(stressArea(thread), units)],
    ["Standard", thread.standard],
  ];
}

export interface ThreadFactsProps {
  readonly thread: Thread;
  readonly units: Units;
  /** Opens the thread's page in the charts. */
  readonly onChart: () => void;
}

/** The thread's true sizes, as the standard gives them, and the way to its page in the charts. */
export function ThreadFacts({ thread, units, onChart }: ThreadFactsProps) {
  return (
    <Card gap={8}>
      <Heading>{thread.designation}</Heading>
      <Facts facts={factsOf(thread, units)} />
      {thread.verified ? null : <Small>Not verified against a published table.</Small>}
      <ActionButton label="All about this thread" onPress={onChart} />
    </Card>
  );
}
