import { View } from "@tamagui/core";
import { usePathname, useRouter } from "expo-router";
import { memo } from "react";
import { Pressable } from "../kit/pressable";
import { Figure } from "../kit/text";
import { UnitsSwitch } from "../kit/units-switch";
import { useLayout } from "../kit/wide";
import { PageHead } from "../shell/page";
import { useTitle } from "../shell/use-title";

const CHARTS = [
  { name: "Threads", path: "/charts" },
  { name: "Drills", path: "/charts/drills" },
  { name: "Convert", path: "/charts/convert" },
] as const;

/** The head of the Charts room: its three charts side by side, and the units of every figure. */
export const ChartsHead = memo(function ChartsHead() {
  const { short } = useLayout();
  const router = useRouter();
  const here = usePathname();
  const name = CHARTS.find(({ path }) => path === here)?.name;
  useTitle(name === undefined ? "Charts" : `Charts: ${name.toLowerCase()}`);
  const tabs = (
    <View
      render="nav"
      aria-label="Charts"
      flexDirection="row"
      flexWrap="wrap"
      paddingHorizontal={12}
      gap={4}
      {...(short ? {} : { borderBottomWidth: 1, borderColor: "$line" })}
    >
      {CHARTS.map(({ name: chart, path }) => (
        <Pressable
          key={path}
          minHeight={48}
          paddingHorizontal={12}
          borderRadius={0}
          borderBottomWidth={3}
          borderColor={here === path ? "$ink" : "transparent"}
          aria-current={here === path ? "page" : undefined}
          focusVisibleStyle={{ outlineOffset: -4 }}
          onPress={() => router.replace(path)}
        >
          <Figure fontSize="$name" color={here === path ? "$ink" : "$quiet"}>
            {chart}
          </Figure>
        </Pressable>
      ))}
    </View>
  );
  // In a low window the three stand beside the name of the room.
  return short ? (
    <PageHead
      title="Charts"
      aside={
        <View flexDirection="row" alignItems="center">
          {tabs}
          <UnitsSwitch />
        </View>
      }
    />
  ) : (
    <View>
      <PageHead title="Charts" aside={<UnitsSwitch />} />
      {tabs}
    </View>
  );
});
