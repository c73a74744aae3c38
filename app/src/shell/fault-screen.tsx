import { View } from "@tamagui/core";
import { useState } from "react";
import { putAsideTyped } from "../data/put-aside";
import { storage } from "../data/text-storage";
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
const NOT_FETCHED =
  "This part of the app could not be fetched: the server is away, or the app was renewed under this page.";

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
        <Body>What you typed is kept on this device.</Body>
        <Body color="$quiet">{IS_LOADING.test(message) ? NOT_FETCHED : message}</Body>
        {away ? <Body role="status">The server does not answer yet. Try again soon.</Body> : null}
        <ActionButton primary label="Try again" onPress={again} />
        <ActionButton label="Go to the Bench" onPress={onBench} />
        <Body>
          If it fails again, what was typed may be the cause. It can be put aside: it stays under
          “What waits on this device”.
        </Body>
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
