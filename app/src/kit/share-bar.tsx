import type { CSSProperties } from "react";

const BAR = { display: "block", height: 5 } as const satisfies CSSProperties;
const TRACK = { ...BAR, background: "var(--track)" } as const satisfies CSSProperties;

/** How large a share is, as a bar; the figure stands beside it, so a screen reader skips the bar. */
export function ShareBar({ share }: { share: number }) {
  const width = `${Math.round(share * 1000) / 10}%`;
  return (
    <span style={TRACK} aria-hidden>
      <span style={{ ...BAR, background: "var(--ink)", width }} />
    </span>
  );
}
