import { useLocalSearchParams } from "expo-router";
import type { SheetParams } from "../shell/sheet-address";
import { fetchedLater } from "../shell/fetched-later";

const FastenerScreen = fetchedLater((later) => later.FastenerScreen);

export default function FastenerRoute() {
  const params = useLocalSearchParams<Record<keyof SheetParams, string>>();
  return <FastenerScreen params={params} />;
}
