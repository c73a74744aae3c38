import { percentWords } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useState } from "react";
import { Pressable } from "../kit/pressable";
import { ShareBar } from "../kit/share-bar";
import { Figure, Small } from "../kit/text";
import { useLayout } from "../kit/wide";

export interface CandidateRowProps {
  readonly name: string;
  readonly probability: number;
  /** Why it stands where it does, in one sentence with its figures. */
  readonly reason: string;
  /** All that was read, against it. */
  readonly allReasons: string;
  /** How much of its reason stands under it before it is touched. */
  readonly tells: "nothing" | "a line" | "a sentence";
}

/** One thread still in the running, in one line; touched, it tells all its reasons. */
export function CandidateRow({ name, probability, reason, allReasons, tells }: CandidateRowProps) {
  const { large } = useLayout();
  const [open, setOpen] = useState(false);
  const told = open ? allReasons : tells === "nothing" ? "" : reason;
  return (
    <View role="listitem" borderBottomWidth={1} borderColor="$line">
      <Pressable
        flexDirection="row"
        alignItems="center"
        justifyContent="flex-start"
        flexWrap={large ? "wrap" : "nowrap"}
        gap={8}
        aria-expanded={open}
        onPress={() => setOpen((before) => !before)}
      >
        <Figure
          width={large ? "100%" : "38%"}
          fontSize="$heading"
          lineHeight="$heading"
          textAlign="left"
        >
          {name}
        </Figure>
        <View flex={1}>
          <ShareBar share={probability} />
        </View>
        <Figure minWidth={44} textAlign="right">
          {percentWords(probability)}
        </Figure>
      </Pressable>
      {told === "" ? null : (
        <Small
          paddingBottom={6}
          {...(!open && !large && tells === "a line" ? { numberOfLines: 1 } : {})}
        >
          {told}
        </Small>
      )}
    </View>
  );
}
