import Delete from "lucide-react-native/icons/delete";
import type { CSSProperties, ReactNode } from "react";
import { PLAIN_FIGURE, PLAIN_PLATE } from "../../kit/plain";
import type { PadKey } from "./pad-keys";

const KEY = {
  ...PLAIN_PLATE,
  ...PLAIN_FIGURE,
  flex: 1,
  minWidth: 0,
  minHeight: 52,
  alignItems: "center",
  border: "1px solid var(--line)",
  background: "var(--plate)",
  fontSize: "1.375rem",
  lineHeight: "1.625rem",
} as const satisfies CSSProperties;

const LOW_KEY = { ...KEY, minHeight: 44 } as const satisfies CSSProperties;
const WORD_KEY = { ...KEY, fontSize: "1.125rem" } as const satisfies CSSProperties;
const ROW = { display: "flex", gap: 6 } as const satisfies CSSProperties;
const PAD = { display: "flex", flexDirection: "column", gap: 6 } as const satisfies CSSProperties;

interface KeyProps {
  readonly pad: PadKey;
  readonly onKey: (pad: PadKey) => void;
  readonly says?: string;
  readonly style?: CSSProperties;
  readonly children?: ReactNode;
}

function Key({ pad, onKey, says, style = KEY, children = pad }: KeyProps) {
  return (
    <button
      type="button"
      className="plain-button"
      style={style}
      aria-label={says}
      // The field keeps the focus, so that a keyboard and the keys can be mixed.
      onMouseDown={(event) => event.preventDefault()}
      onClick={() => onKey(pad)}
    >
      {children}
    </button>
  );
}

const DIGIT_ROWS = [
  ["7", "8", "9"],
  ["4", "5", "6"],
  ["1", "2", "3"],
] as const;
const DENOMINATORS = ["/2", "/4", "/8", "/16", "/32", "/64"] as const;

export interface KeypadProps {
  readonly onKey: (pad: PadKey) => void;
  /** The fraction builder: only where a length is read. */
  readonly fractions: boolean;
}

/** Big keys: digits and the point, and for lengths a whole number "and" a numerator over 2 to 64. */
export function Keypad({ onKey, fractions }: KeypadProps) {
  const key = (pad: PadKey) => <Key key={pad} pad={pad} onKey={onKey} />;
  return (
    <div style={PAD}>
      {fractions ? (
        <div style={ROW}>
          {DENOMINATORS.map((pad) => (
            <Key key={pad} pad={pad} onKey={onKey} style={LOW_KEY} says={`over ${pad.slice(1)}`} />
          ))}
        </div>
      ) : null}
      {DIGIT_ROWS.map((row) => (
        <div key={row[0]} style={ROW}>
          {row.map(key)}
        </div>
      ))}
      <div style={ROW}>
        {key(".")}
        {key("0")}
        {fractions ? (
          <Key pad=" " onKey={onKey} style={WORD_KEY} says="and a fraction">
            and
          </Key>
        ) : null}
        <Key pad="back" onKey={onKey} says="Rub out the last">
          <Delete size={24} color="var(--ink)" />
        </Key>
      </div>
    </div>
  );
}
