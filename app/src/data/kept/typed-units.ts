import type { Units } from "@root-gauge/core";

/**
 * The unit that bare lengths in several fields are read in: the one they were typed in, so that they mean the same when the
 * unit of the screen is changed; that of the screen while none is typed.
 */
export function typedUnits(texts: readonly string[], typedIn: Units, screen: Units): Units {
  return texts.some((text) => text !== "") ? typedIn : screen;
}
