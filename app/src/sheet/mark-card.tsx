import {
  MAGNET_CONTRADICTS,
  boltMarkWords,
  magnetContradicts,
  nutMarkWords,
  readBoltMark,
  readNutMark,
  type Reading,
  type Thread,
  type ThreadSide,
} from "@root-gauge/core";
import { lastReading } from "../bench/last-reading";
import { Card } from "../kit/surface";
import { Body, Heading } from "../kit/text";

export interface MarkCardProps {
  readonly thread: Thread;
  readonly side: ThreadSide | undefined;
  readonly readings: readonly Reading[];
}

/** What the mark on the head or the nut comes to, and whether a magnet says otherwise. */
export function MarkCard({ thread, side, readings }: MarkCardProps) {
  const mark = lastReading(readings, "head-mark")?.mark;
  const contradicts = magnetContradicts(readings);
  if (mark === undefined && !contradicts) return null;
  return (
    <Card gap={6}>
      <Heading>The mark</Heading>
      {mark === undefined ? null : (
        <Body>
          {side === "internal"
            ? nutMarkWords(mark, readNutMark(mark, thread))
            : boltMarkWords(mark, readBoltMark(mark, thread))}
        </Body>
      )}
      {contradicts ? <Body color="$clash">{MAGNET_CONTRADICTS}</Body> : null}
    </Card>
  );
}
