import type { IdentificationSummary } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useState } from "react";
import { ActionButton } from "../kit/action-button";
import { Card } from "../kit/surface";
import { Body, Figure, Small } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";
import { sheetTitle } from "./sheet-title";

async function copied(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}

/** The call-out, large, and how sure it is. */
export function CalloutCard({ result }: { result: IdentificationSummary }) {
  const { title, subtitle, verdict } = sheetTitle(result);
  const [said, setSaid] = useState("");
  const copy = async () => {
    const done = await copied(title);
    setSaid(
      done ? "Copied." : "This browser does not allow copying here: select the words instead.",
    );
  };
  return (
    <Card gap={8}>
      <Figure fontSize="$verdict" lineHeight="$verdict" userSelect="text">
        {title}
      </Figure>
      <View flexDirection="row" alignItems="center" gap={8} flexWrap="wrap">
        <VerdictMark verdict={verdict} />
        <Figure flex={1}>{subtitle}</Figure>
        {verdict === "settled" ? <ActionButton label="Copy" onPress={() => void copy()} /> : null}
      </View>
      <View role="status">{said === "" ? null : <Small>{said}</Small>}</View>
      {verdict === "settled" ? null : (
        <Body>It is written up as far as it is known; take another reading to settle it.</Body>
      )}
    </Card>
  );
}
