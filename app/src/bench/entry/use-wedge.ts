import { useEffect, useRef } from "react";
import { isTyping } from "../../kit/is-typing";

/** Digits that follow each other this fast are one figure, ms: a caliper that types, or a quick hand. */
const ONE_FIGURE_MS = 400;

/** A digit or point typed while no field has the focus. */
function isLooseDigit(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return false;
  return /^[\d.]$/.test(event.key);
}

let lastDigitAt = Number.NEGATIVE_INFINITY;

/**
 * Hands over digits that were typed while no field had the focus, as a caliper that types sends them.
 * @param onDigit is told whether the digit goes on with the figure before it
 */
export function useWedge(
  listening: boolean,
  onDigit: (digit: string, goesOn: boolean) => void,
): void {
  const latest = useRef(onDigit);
  useEffect(() => {
    latest.current = onDigit;
  });
  useEffect(() => {
    if (!listening || !("document" in globalThis)) return;
    const onKey = (event: KeyboardEvent) => {
      if (!isLooseDigit(event)) return;
      event.preventDefault();
      const goesOn = event.timeStamp - lastDigitAt < ONE_FIGURE_MS;
      lastDigitAt = event.timeStamp;
      latest.current(event.key, goesOn);
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [listening]);
}
