import type { TamaguiElement } from "@tamagui/core";
import { useRef, type RefObject } from "react";

/** A part of a page, and how to bring it into sight. */
export function useScrollTo(): readonly [RefObject<TamaguiElement | null>, () => void] {
  const ref = useRef<TamaguiElement>(null);
  const scroll = () => {
    const element = ref.current as HTMLElement | null;
    element?.scrollIntoView({ block: "center" });
    element?.querySelector<HTMLElement>("input, textarea, button")?.focus({ preventScroll: true });
  };
  return [ref, scroll];
}
