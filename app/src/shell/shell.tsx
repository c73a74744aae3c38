import { View } from "@tamagui/core";
import type { ReactNode } from "react";
import { useLayout } from "../kit/wide";
import { useFetched } from "./fetched-later";
import { RoomBar } from "./room-bar";
import { useCalloutKey } from "./use-callout-key";

/** What stands round every room: the bar of rooms and the state of saving. */
export function Shell({ children }: { children: ReactNode }) {
  const { rail } = useLayout();
  const later = useFetched();
  useCalloutKey();
  return (
    <View
      flex={1}
      flexDirection={rail ? "row-reverse" : "column"}
      backgroundColor="$plate"
      minHeight={0}
    >
      <View flex={1} minHeight={0} minWidth={0}>
        {later === undefined ? null : <later.SaveStatus />}
        {children}
      </View>
      <RoomBar />
    </View>
  );
}
