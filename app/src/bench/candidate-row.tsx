import { percentWords } from "@root-gauge/core";
import { useState, type CSSProperties } from "react";
import { ONE_LINE, PLAIN_FIGURE, PLAIN_SMALL } from "../kit/plain";
import { ShareBar } from "../kit/share-bar";
import { useLayout } from "../kit/wide";

export interface CandidateRowProps {
  readonly name: string;
  readonly probability: number;
  /** Why it stands where it does, in one sentence with its figures. */
  readonly reason: string;
  /** All that was read, against it. */
  readonly allReasons: string;
  /** How much of its reason stands under it before it is touched. */
  readonly tells: "nothing" | "a line" | "a sentence";
}

const ITEM = { borderBottom: "1px solid var(--line)" } as const satisfies CSSProperties;

const LINE = {
  display: "flex",
  alignItems: "center",
  gap: 8,
  width: "100%",
  minHeight: 44,
} as const satisfies CSSProperties;

const WRAPPED = { ...LINE, flexWrap: "wrap" } as const satisfies CSSProperties;

const NAME = {
  ...PLAIN_FIGURE,
  fontSize: "1.25rem",
  lineHeight: "1.625rem",
  flexShrink: 0,
  width: "38%",
} as const satisfies CSSProperties;

const NAME_LARGE = { ...NAME, width: "100%" } as const satisfies CSSProperties;
const BAR = { flex: 1 } as const satisfies CSSProperties;

const SHARE = {
  ...PLAIN_FIGURE,
  minWidth: 44,
  textAlign: "right",
} as const satisfies CSSProperties;

const TOLD = { ...PLAIN_SMALL, paddingBottom: 6 } as const satisfies CSSProperties;
const TOLD_LINE = { ...TOLD, ...ONE_LINE } as const satisfies CSSProperties;

/** One thread still in the running, in one line; touched, it tells all its reasons. */
export function CandidateRow({ name, probability, reason, allReasons, tells }: CandidateRowProps) {
  const { large } = useLayout();
  const [open, setOpen] = useState(false);
  const told = open ? allReasons : tells === "nothing" ? "" : reason;
  const cut = !open && !large && tells === "a line";
  return (
    <div role="listitem" style={ITEM}>
      <button
        type="button"
        className="plain-button"
        style={large ? WRAPPED : LINE}
        aria-expanded={open}
        onClick={() => setOpen((before) => !before)}
      >
        <span style={large ? NAME_LARGE : NAME}>{name}</span>
        <span style={BAR}>
          <ShareBar share={probability} />
        </span>
        <span style={SHARE}>{percentWords(probability)}</span>
      </button>
      {told === "" ? null : <div style={cut ? TOLD_LINE : TOLD}>{told}</div>}
    </div>
  );
}
