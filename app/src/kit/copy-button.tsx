import { RECORD_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useState } from "react";
import { ActionButton } from "./action-button";
import { Small } from "./text";

async function copied(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}

export interface CopyButtonProps {
  /** What is copied; asked for when the button is pressed. */
  readonly text: () => string;
  readonly label?: string;
  /** What a screen reader says, when the label alone is too short. */
  readonly says?: string | undefined;
}

/** Copies words, and says whether it could. */
export function CopyButton({ text, label = "Copy", says }: CopyButtonProps) {
  const [said, setSaid] = useState("");
  const copy = async () => {
    const done = await copied(text());
    setSaid(done ? "Copied." : RECORD_SENTENCES.copyForbidden);
  };
  return (
    <View gap={4}>
      <ActionButton label={label} says={says} onPress={() => void copy()} />
      <View role="status">{said === "" ? null : <Small>{said}</Small>}</View>
    </View>
  );
}
