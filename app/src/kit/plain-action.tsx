import type { CSSProperties } from "react";
import { PLAIN_FIGURE } from "./plain";

const ACTION: CSSProperties = {
  ...PLAIN_FIGURE,
  fontSize: "1.125rem",
  lineHeight: "1.375rem",
  boxSizing: "border-box",
  width: "100%",
  minHeight: 52,
  padding: "0 8px",
  border: "1px solid var(--edge)",
  borderRadius: 4,
  backgroundColor: "var(--card)",
  textAlign: "center",
};

/** A work action, 52 high, as the `ActionButton` of the kit, in plain elements: for what every letter of a search draws anew. */
export function PlainAction({ label, onPress }: { label: string; onPress: () => void }) {
  return (
    <button type="button" className="plain-button" style={ACTION} onClick={onPress}>
      {label}
    </button>
  );
}
