import { useEffect } from "react";
import { isTyping } from "../../kit/is-typing";

/** The keys that go on, a foot pedal's among them. */
const NEXT_KEYS = new Set([" ", "PageDown", "ArrowRight"]);

/** Goes on by the space bar, by the arrow to the right, or by the key that turns a page. */
export function useNextKey(next: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!NEXT_KEYS.has(event.key) || isTyping(event.target)) return;
      const { target } = event;
      const has = target instanceof Element && target.closest('button, input, [role="checkbox"]');
      if (event.key !== "PageDown" && has) return;
      event.preventDefault();
      next();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [next]);
}
