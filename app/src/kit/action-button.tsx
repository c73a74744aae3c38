import type { TamaguiElement } from "@tamagui/core";
import { useEffect, useRef } from "react";
import { Pressable, type PressableProps } from "./pressable";
import { Figure } from "./text";

export interface ActionButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  /** The one primary action of a screen is brass; the rest are outlined. */
  readonly primary?: boolean;
  readonly disabled?: boolean;
  readonly flex?: PressableProps["flex"];
  /** Under this width, and never within a word, a row of buttons breaks rather than their words. */
  readonly minWidth?: number | undefined;
  /** What a screen reader says, when the label alone is too short. */
  readonly says?: string | undefined;
  /** Take the focus when it appears, for the keyboard's next step. */
  readonly focusNow?: boolean;
}

/** A work action, 52 high. */
export function ActionButton({
  label,
  onPress,
  primary = false,
  disabled = false,
  flex,
  minWidth,
  says,
  focusNow = false,
}: ActionButtonProps) {
  const button = useRef<TamaguiElement>(null);
  useEffect(() => {
    if (focusNow) button.current?.focus();
  }, [focusNow]);
  return (
    <Pressable
      ref={button}
      flex={flex}
      minWidth={minWidth ?? "min-content"}
      minHeight={52}
      paddingHorizontal={8}
      borderWidth={1}
      borderColor={primary ? "$brass" : "$edge"}
      backgroundColor={primary ? "$brass" : "$card"}
      disabled={disabled}
      aria-label={says}
      onPress={onPress}
    >
      <Figure fontSize="$name" textAlign="center" color={primary ? "$onBrass" : "$ink"}>
        {label}
      </Figure>
    </Pressable>
  );
}
