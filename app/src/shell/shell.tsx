import { View } from "@tamagui/core";
import type { ReactNode } from "react";
import { useDelivery } from "../data/saving";
import { useLayout } from "../kit/wide";
import { RoomBar } from "./room-bar";
import { SaveStatus } from "./save-status";

/** What stands round every room: the bar of rooms and the state of saving. */
export function Shell({ children }: { children: ReactNode }) {
  const { wide } = useLayout();
  useDelivery();
  return (
    <View
      flex={1}
      flexDirection={wide ? "row-reverse" : "column"}
      backgroundColor="$plate"
      minHeight={0}
    >
      <View flex={1} minHeight={0} minWidth={0}>
        <SaveStatus />
        {children}
      </View>
      <RoomBar />
    </View>
  );
}
