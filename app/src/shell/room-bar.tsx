import { useTheme, View } from "@tamagui/core";
import { usePathname, useRouter } from "expo-router";
import { Pressable } from "../kit/pressable";
import { Label } from "../kit/text";
import { useLayout } from "../kit/wide";
import { LightSwitch } from "./light-switch";
import { roomOf, ROOMS, type Room } from "./rooms";

function RoomButton({ room, rail }: { room: Room; rail: boolean }) {
  const theme = useTheme();
  const router = useRouter();
  const here = roomOf(usePathname()) === room.name;
  const Icon = room.icon;
  const mark = { borderColor: here ? "$ink" : "transparent" } as const;
  return (
    <Pressable
      flex={rail ? 0 : 1}
      minHeight={60}
      alignItems="center"
      justifyContent="center"
      gap={2}
      borderRadius={0}
      borderTopWidth={rail ? 0 : 3}
      borderLeftWidth={rail ? 3 : 0}
      {...mark}
      aria-current={here ? "page" : undefined}
      focusVisibleStyle={{ outlineOffset: -4 }}
      onPress={() => router.push(room.path)}
    >
      <Icon size={22} color={here ? theme.ink.val : theme.quiet.val} aria-hidden />
      <Label color={here ? "$ink" : "$quiet"} fontWeight={here ? "600" : "500"}>
        {room.name}
      </Label>
    </Pressable>
  );
}

/** The rooms: tabs under a phone's screen, a narrow rail beside a wide one. */
export function RoomBar() {
  const { rail, scale } = useLayout();
  const rooms = ROOMS.map((room) => <RoomButton key={room.name} room={room} rail={rail} />);
  return rail ? (
    <View
      render="nav"
      aria-label="Rooms"
      width={72 * scale}
      overflow="scroll"
      borderRightWidth={1}
      borderColor="$line"
    >
      <View flex={1}>{rooms}</View>
      <LightSwitch />
    </View>
  ) : (
    <View
      render="nav"
      aria-label="Rooms"
      flexDirection="row"
      borderTopWidth={1}
      borderColor="$line"
      backgroundColor="$plate"
    >
      {rooms}
      <LightSwitch />
    </View>
  );
}
