import { useColorScheme } from "react-native";
import { useSettings } from "../data/kept/settings";
import type { ThemeName } from "../kit/palette";

/** The theme in force: the person's choice, else the device's. */
export function useLight(): ThemeName {
  const { light } = useSettings();
  const device = useColorScheme();
  if (light !== "system") return light;
  return device === "dark" ? "lamp" : "daylight";
}
