import { View } from "@tamagui/core";
import { useEffect, type ReactNode } from "react";
import { useDelivery } from "../data/saving";
import { useLayout } from "../kit/wide";
import { fetchRoomsAhead } from "./fetch-rooms";
import { RoomBar } from "./room-bar";
import { SaveStatus } from "./save-status";
import { useCalloutKey } from "./use-callout-key";

/** What stands round every room: the bar of rooms and the state of saving. */
export function Shell({ children }: { children: ReactNode }) {
  const { wide } = useLayout();
  useDelivery();
  useCalloutKey();
  useEffect(fetchRoomsAhead, []);
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
