import { useTheme } from "@tamagui/core";
import Lamp from "lucide-react-native/icons/lamp";
import Sun from "lucide-react-native/icons/sun";
import { changeSettings } from "../data/kept/settings";
import { Pressable } from "../kit/pressable";
import { Label } from "../kit/text";
import { useLight } from "./use-light";

/** From daylight to lamp and back; until it is touched, the device decides. */
export function LightSwitch() {
  const theme = useTheme();
  const light = useLight();
  const other = light === "lamp" ? "daylight" : "lamp";
  const Icon = other === "lamp" ? Lamp : Sun;
  return (
    <Pressable
      minHeight={60}
      paddingHorizontal={8}
      alignItems="center"
      justifyContent="center"
      gap={2}
      paddingTop={3}
      aria-label={`Switch to ${other}`}
      focusVisibleStyle={{ outlineOffset: -4 }}
      onPress={() => changeSettings({ light: other })}
    >
      <Icon size={20} color={theme.quiet.val} aria-hidden />
      <Label>{other === "lamp" ? "Lamp" : "Daylight"}</Label>
    </Pressable>
  );
}
