import { useTheme, View } from "@tamagui/core";
import { memo } from "react";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import Search from "lucide-react-native/icons/search";
import type { BenchPart } from "../data/kept/kept-schemas";
import { Pressable } from "../kit/pressable";
import { Figure, Label } from "../kit/text";
import { useLayout } from "../kit/wide";
import { UnitsSwitch } from "../kit/units-switch";
import type { PanelName } from "../shell/use-panel";
import { useFetched } from "../shell/fetched-later";

interface BenchHeaderProps extends Pick<BenchPart, "machineId" | "position"> {
  readonly onOpen: (panel: PanelName) => void;
}

/** Which machine and place the part is from, and the switch that flips every figure; the same whatever is read. */
export const BenchHeader = memo(function BenchHeader({
  machineId,
  position,
  onOpen,
}: BenchHeaderProps) {
  const theme = useTheme();
  const later = useFetched();
  const { large } = useLayout();
  return (
    <>
      <View
        flexDirection="row"
        flexWrap={large ? "wrap" : "nowrap"}
        alignItems="center"
        gap={8}
        paddingHorizontal={12}
        paddingVertical={4}
        minHeight={56}
      >
        <Pressable flex={1} minWidth={large ? "100%" : 0} onPress={() => onOpen("machine")}>
          <View flexDirection="row" alignItems="center" gap={2}>
            <Figure fontSize="$name" lineHeight="$name" numberOfLines={1} flexShrink={1}>
              {machineId === null
                ? "No machine chosen"
                : later && <later.MachineName id={machineId} />}
            </Figure>
            <ChevronRight size={16} color={theme.quiet.val} />
          </View>
          <Label numberOfLines={1}>{position === "" ? "Place not named" : position}</Label>
        </Pressable>
        <Pressable
          width={48}
          minHeight={48}
          alignItems="center"
          aria-label="Find a thread, or order a part"
          onPress={() => onOpen("find")}
        >
          <Search size={24} color={theme.ink.val} />
        </Pressable>
        <UnitsSwitch />
      </View>
      {later && <later.WalkStrip />}
    </>
  );
});
