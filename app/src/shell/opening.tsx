import { View } from "@tamagui/core";
import { useEffect, type ReactNode } from "react";
import { useKeptIsRead } from "../data/kept-is-read";
import { Heading } from "../kit/text";
import { fetchAhead } from "./fetched-later";

/** What is shown within, when what was left on this device is read: a field that is touched earlier would write over it. */
export function Opening({ children }: { children: ReactNode }) {
  const read = useKeptIsRead();
  useEffect(() => fetchAhead(!read), [read]);
  if (read) return children;
  return (
    <View flex={1} alignItems="center" justifyContent="center" backgroundColor="$plate">
      <Heading color="$quiet">Root Gauge is opening.</Heading>
    </View>
  );
}
