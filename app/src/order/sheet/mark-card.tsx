import { lastReading, type Reading, type Thread, type ThreadSide } from "@root-gauge/core";
import { readBoltMark, readNutMark } from "@root-gauge/core/catalogue/grades";
import { magnetContradicts } from "@root-gauge/core/decide/sheet";
import { MAGNET_CONTRADICTS, boltMarkWords, nutMarkWords } from "@root-gauge/core/say/sheet";
import { Card } from "../../kit/surface";
import { Body, Heading } from "../../kit/text";

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
