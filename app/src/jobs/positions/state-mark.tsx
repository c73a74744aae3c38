import type { PositionState } from "@root-gauge/core/record";
import { STATE_WORDS } from "@root-gauge/core/say/record";
import type { CSSProperties } from "react";
import { PLAIN_LABEL } from "../../kit/plain";

/** Those that wait for somebody's hand stand out; what is done is quiet. */
const WAITS: ReadonlySet<PositionState> = new Set(["to-identify", "to-order", "watch"]);

const QUIET: CSSProperties = {
  ...PLAIN_LABEL,
  flexShrink: 0,
  padding: "1px 6px",
  border: "1px solid var(--line)",
  borderRadius: 3,
};
const WAITING: CSSProperties = { ...QUIET, color: "var(--ink)", borderColor: "var(--brass)" };

/** How a position stands, as a small plate with its word; plain elements, for lists of thousands. */
export function StateMark({ state }: { state: PositionState }) {
  return <span style={WAITS.has(state) ? WAITING : QUIET}>{STATE_WORDS[state]}</span>;
}
