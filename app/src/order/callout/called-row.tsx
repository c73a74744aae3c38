import { calledScrew, formatCallout } from "@root-gauge/core/callout";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useOwnWords } from "../../data/record/own-words";
import { ListRow } from "../../kit/list-row";
import { Figure, Small } from "../../kit/text";
import { sheetPath } from "../../shell/sheet-address";

/** The way from a searched text to the sheet of the part it calls for; nothing for a mere thread. */
export function CalledRow({ text }: { text: string }) {
  const router = useRouter();
  const words = useOwnWords();
  const called = calledScrew(text, words);
  if (called === undefined) return null;
  const callout = formatCallout(called);
  return (
    <ListRow onPress={() => router.push(sheetPath(callout))}>
      <View flex={1}>
        <Figure>{callout}</Figure>
        <Small>Open its fastener sheet</Small>
      </View>
    </ListRow>
  );
}
