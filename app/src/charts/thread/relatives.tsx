import {
  confusedWith,
  sameAs,
  sameDiameter,
  type LookAlike,
} from "@root-gauge/core/identify/look-alikes";
import { tellApartWords, CHART_SENTENCES } from "@root-gauge/core/say/charts";
import { type Thread, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useMemo } from "react";
import { ActionButton } from "../../kit/action-button";
import { Pressable } from "../../kit/pressable";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading, Label } from "../../kit/text";
import { PairLine } from "../pair-line";
import { comparePath, threadPath } from "../../shell/links";

function ThreadLinks({ label, threads }: { label: string; threads: readonly Thread[] }) {
  const router = useRouter();
  if (threads.length === 0) return null;
  return (
    <View gap={6}>
      <Label>{label}</Label>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {threads.map((thread) => (
          <Pressable
            key={thread.id}
            paddingHorizontal={12}
            borderWidth={1}
            borderColor="$edge"
            onPress={() => router.push(threadPath(thread.id))}
          >
            <Figure>{thread.designation}</Figure>
          </Pressable>
        ))}
      </View>
    </View>
  );
}

/** Threads of the same figures by another name, and the same diameter in other pitches. */
export function RelativesCard({ thread }: { thread: Thread }) {
  const same = useMemo(() => sameAs(thread), [thread]);
  const diameter = useMemo(() => sameDiameter(thread), [thread]);
  if (same.length + diameter.length === 0) return null;
  return (
    <Card gap={12}>
      <Heading>Relatives</Heading>
      <ThreadLinks label="The same thread by another name" threads={same} />
      <ThreadLinks label="Others of this diameter in the family" threads={diameter} />
    </Card>
  );
}

function LookAlikeItem({
  alike,
  thread,
  units,
}: {
  alike: LookAlike;
  thread: Thread;
  units: Units;
}) {
  const router = useRouter();
  const other = alike.thread;
  return (
    <View role="listitem" gap={4} paddingTop={12} borderTopWidth={1} borderColor="$line">
      <Figure fontSize="$name" lineHeight="$name">
        {other.designation}
      </Figure>
      <Body>{tellApartWords(alike, thread, units)}</Body>
      <PairLine pair={alike.asScrew} units={units} />
      <PairLine pair={alike.asNut} units={units} />
      <ActionButton
        label="Compare"
        says={`Compare ${thread.designation} with ${other.designation}`}
        onPress={() => router.push(comparePath(thread.id, other.id))}
      />
    </View>
  );
}

/** What a thread is mistaken for, how to tell them apart, and what happens when they meet. */
export function MistakenForCard({ thread, units }: { thread: Thread; units: Units }) {
  const alikes = useMemo(() => confusedWith(thread), [thread]);
  return (
    <Card gap={12}>
      <Heading>Mistaken for</Heading>
      {alikes.length === 0 ? (
        <Body color="$quiet">{CHART_SENTENCES.noneAlike}</Body>
      ) : (
        <View role="list" gap={12}>
          {alikes.map((alike) => (
            <LookAlikeItem key={alike.thread.id} alike={alike} thread={thread} units={units} />
          ))}
        </View>
      )}
    </Card>
  );
}
