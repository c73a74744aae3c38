import { styled, View, type GetProps } from "@tamagui/core";

/** The ring that shows where the keyboard is. */
const focusRing = {
  outlineStyle: "solid",
  outlineWidth: 3,
  outlineColor: "$brass",
  outlineOffset: 2,
} as const;

/** Anything that can be touched: a real button, at least 44 high, with a focus ring. */
export const Pressable = styled(View, {
  render: "button",
  role: "button",
  cursor: "pointer",
  minHeight: 44,
  padding: 0,
  margin: 0,
  borderWidth: 0,
  borderRadius: 4,
  backgroundColor: "transparent",
  justifyContent: "center",
  focusVisibleStyle: focusRing,
  pressStyle: { opacity: 0.75 },
  disabledStyle: { opacity: 0.4, cursor: "default" },
});

export type PressableProps = GetProps<typeof Pressable>;
