import { useLocalSearchParams } from "expo-router";
import { FastenerScreen } from "../sheet/fastener-screen";
import type { SheetParams } from "../sheet/sheet-address";

export default function FastenerRoute() {
  const params = useLocalSearchParams<Record<keyof SheetParams, string>>();
  return <FastenerScreen params={params} />;
}
