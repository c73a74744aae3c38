import { HOLDING_WORDS, otherTabWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useSyncExternalStore } from "react";
import { useArrivals } from "../data/server/arrivals";
import { useOtherTab } from "../data/kept/other-tab";
import { useDelivery, useOutbox } from "../data/outbox/saving";
import { storage } from "../data/kept/text-storage";
import { Pressable } from "../kit/pressable";
import { Body, Figure } from "../kit/text";
import { outboxSentence } from "./outbox-sentence";

/** Delivers what waits, and says what is not saved yet and why, and what another tab changed. Nothing when all is well. */
export function SaveStatus() {
  const router = useRouter();
  useDelivery();
  useArrivals();
  const outbox = useOutbox();
  const otherTab = useOtherTab();
  const holding = useSyncExternalStore(storage.subscribe, storage.holding, storage.holding);
  const waiting = outboxSentence(outbox);
  const sentences = [
    ...(holding === undefined ? [] : [HOLDING_WORDS[holding]]),
    ...(waiting === undefined ? [] : [waiting]),
    ...(otherTab === undefined ? [] : [otherTabWords(otherTab)]),
  ];
  if (sentences.length === 0) return null;
  return (
    <View
      role="status"
      flexDirection="row"
      alignItems="center"
      gap={8}
      paddingHorizontal={12}
      paddingVertical={6}
      backgroundColor="$card"
      borderBottomWidth={2}
      borderColor="$clash"
    >
      <View flex={1}>
        {sentences.map((sentence) => (
          <Body key={sentence}>{sentence}</Body>
        ))}
      </View>
      {waiting === undefined ? null : (
        <Pressable paddingHorizontal={8} onPress={() => router.push("/outbox")}>
          <Figure textDecorationLine="underline">What waits</Figure>
        </Pressable>
      )}
    </View>
  );
}
