import { BENCH_SENTENCES } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useState } from "react";
import { putAsideTyped } from "../data/kept/put-aside";
import { storage } from "../data/kept/text-storage";
import { ActionButton } from "../kit/action-button";
import { Body } from "../kit/text";
import { PageHead } from "./page";

export interface FaultScreenProps {
  readonly message: string;
  /** Shows the screen again. */
  readonly onAgain: () => void;
  /** Back to the Bench, which is fetched already. */
  readonly onBench: () => void;
}

/** What the build's loader says when a part of the app does not arrive. */
const IS_LOADING = /^Loading module|dynamically imported module|Requiring unknown module/;

/**
 * Shown instead of a screen that failed, or that could not be fetched: the server is away, or the app was built anew
 * under this open page.
 */
export function FaultScreen({ message, onAgain, onBench }: FaultScreenProps) {
  const [away, setAway] = useState(false);
  // The router may take another address once a screen has failed: this is the one that was asked for.
  const [address] = useState(() => window.location.href);
  // A part of the app that could not be fetched is not asked for again by itself: the page is fetched whole.
  const again = () =>
    void fetch("/api/health").then(
      () => window.location.assign(address),
      () => {
        setAway(true);
        onAgain();
      },
    );
  return (
    <View flex={1} backgroundColor="$plate" render="main">
      <PageHead title="This could not be shown" />
      <View padding={12} gap={12} maxWidth={560}>
        <Body>{BENCH_SENTENCES.typedIsKept}</Body>
        <Body color="$quiet">
          {IS_LOADING.test(message) ? BENCH_SENTENCES.notFetched : message}
        </Body>
        {away ? <Body role="status">{BENCH_SENTENCES.stillAway}</Body> : null}
        <ActionButton primary label="Try again" onPress={again} />
        <ActionButton label="Go to the Bench" onPress={onBench} />
        <Body>{BENCH_SENTENCES.failsAgain}</Body>
        <ActionButton
          label="Start afresh, putting aside what was typed"
          onPress={() => {
            putAsideTyped(storage);
            window.location.assign("/");
          }}
        />
      </View>
    </View>
  );
}
