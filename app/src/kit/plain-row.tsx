import type { CSSProperties, ReactNode } from "react";
import { PLAIN_BODY, PLAIN_FIGURE, PLAIN_SMALL } from "./plain";

const ROW: CSSProperties = {
  display: "flex",
  flexDirection: "row",
  alignItems: "center",
  gap: 10,
  boxSizing: "border-box",
  width: "100%",
  minHeight: 44,
  padding: 12,
  marginBottom: 8,
  border: "1px solid var(--line)",
  borderRadius: 4,
  backgroundColor: "var(--card)",
  textAlign: "left",
};
const CHOSEN: CSSProperties = { ...ROW, borderColor: "var(--brass)" };

const TEXTS: CSSProperties = {
  display: "flex",
  flexDirection: "column",
  gap: 2,
  flex: 1,
  minWidth: 0,
};
const LARGE: CSSProperties = { ...PLAIN_FIGURE, fontSize: "1.125rem" };
const STYLES = {
  large: LARGE,
  figure: PLAIN_FIGURE,
  body: PLAIN_BODY,
  small: PLAIN_SMALL,
} as const;

/** A line of a row: its text and how it is set; an empty one is left out. */
type RowLine = readonly [style: keyof typeof STYLES, text: string];

interface PlainRowProps {
  readonly lines: readonly RowLine[];
  /** What stands at its end. */
  readonly aside?: ReactNode;
  /** Whether what it names stands beside the list. */
  readonly chosen?: boolean;
  readonly onPress: () => void;
}

/** A row of a list that is drawn anew at every letter of a search: a raised plate that can be touched anywhere, in plain elements. */
export function PlainRow({ lines, aside, chosen = false, onPress }: PlainRowProps) {
  return (
    <button
      type="button"
      className="plain-button"
      style={chosen ? CHOSEN : ROW}
      aria-current={chosen ? "true" : undefined}
      onClick={onPress}
    >
      <span style={TEXTS}>
        {lines.map(([style, text]) =>
          text === "" ? null : (
            <span key={`${style} ${text}`} style={STYLES[style]}>
              {text}
            </span>
          ),
        )}
      </span>
      {aside}
    </button>
  );
}
