import { formatCallout, isCalloutProblem, type ScrewSpec } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { ListRow } from "../kit/list-row";
import { Figure, Small } from "../kit/text";
import { screwOf } from "./callout-box";
import { sheetPath } from "./sheet-address";

/** The part a text calls for, when it says more than a thread alone. */
export function calledPart(text: string): ScrewSpec | undefined {
  const read = screwOf(text);
  if (isCalloutProblem(read)) return undefined;
  const { thread: _thread, part: _part, ...said } = read;
  return Object.keys(said).length > 0 ? read : undefined;
}

/** The way from a searched text to the sheet of the part it calls for; nothing for a mere thread. */
export function CalledRow({ text }: { text: string }) {
  const router = useRouter();
  const called = calledPart(text);
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
