import type { CSSProperties } from "react";
import { PLAIN_FIGURE, PLAIN_PLATE } from "./plain";

const FACE = {
  ...PLAIN_FIGURE,
  ...PLAIN_PLATE,
  padding: "0 12px",
  border: "1px solid var(--edge)",
  background: "var(--card)",
} as const satisfies CSSProperties;

const CHOSEN = {
  ...FACE,
  background: "var(--ink)",
  color: "var(--card)",
} as const satisfies CSSProperties;

/** A choice as a plate, filled when it is chosen. */
export function ChoiceFace({ label, chosen }: { label: string; chosen: boolean }) {
  return <span style={chosen ? CHOSEN : FACE}>{label}</span>;
}
