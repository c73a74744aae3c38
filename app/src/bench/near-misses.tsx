import { confusedWith } from "@root-gauge/core/identify/look-alikes";
import { dangerWords, tellApartWords } from "@root-gauge/core/say/charts";
import { type Thread, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useMemo } from "react";
import { Card } from "../kit/surface";
import { Figure, Heading, Small } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";

const MOST = 3;

/** What the thread is mistaken for, what then happens, and how to tell. */
export function NearMisses({ thread, units }: { thread: Thread; units: Units }) {
  const alikes = useMemo(() => confusedWith(thread).slice(0, MOST), [thread]);
  if (alikes.length === 0) return null;
  return (
    <Card gap={8}>
      <Heading fontSize="$name" lineHeight="$name">
        Mistaken for
      </Heading>
      <View role="list" aria-label={`Mistaken for ${thread.designation}`} gap={10}>
        {alikes.map((alike) => (
          <View key={alike.thread.id} role="listitem" gap={2}>
            <View flexDirection="row" gap={8} alignItems="center">
              <VerdictMark verdict="contradictory" />
              <Figure>{alike.thread.designation}</Figure>
            </View>
            <Small color="$ink">{dangerWords(alike, thread)}</Small>
            <Small>{tellApartWords(alike, thread, units)}</Small>
          </View>
        ))}
      </View>
    </Card>
  );
}
