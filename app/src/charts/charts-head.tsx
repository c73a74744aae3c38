import { View } from "@tamagui/core";
import { usePathname, useRouter } from "expo-router";
import { Pressable } from "../kit/pressable";
import { Figure } from "../kit/text";
import { UnitsSwitch } from "../kit/units-switch";
import { useLayout } from "../kit/wide";
import { LightSwitch } from "../shell/light-switch";
import { PageHead } from "../shell/page";

const CHARTS = [
  { name: "Threads", path: "/charts" },
  { name: "Drills", path: "/charts/drills" },
  { name: "Convert", path: "/charts/convert" },
] as const;

/** The head of the Charts room: its three charts side by side, and the units of every figure. */
export function ChartsHead() {
  const { wide } = useLayout();
  const router = useRouter();
  const here = usePathname();
  return (
    <View>
      <PageHead
        title="Charts"
        aside={
          <View flexDirection="row" alignItems="center" gap={4}>
            <UnitsSwitch />
            {wide ? null : <LightSwitch />}
          </View>
        }
      />
      <View
        render="nav"
        aria-label="Charts"
        flexDirection="row"
        paddingHorizontal={12}
        gap={4}
        borderBottomWidth={1}
        borderColor="$line"
      >
        {CHARTS.map(({ name, path }) => (
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
            <Figure fontSize={18} color={here === path ? "$ink" : "$quiet"}>
              {name}
            </Figure>
          </Pressable>
        ))}
      </View>
    </View>
  );
}
