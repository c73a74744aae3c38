import type { Verdict } from "@root-gauge/core";
import { verdictTone } from "./verdict-tone";

/** The plate beside a verdict's word: filled and ticked, half-filled, or notched through. */
export function VerdictMark({ verdict, size = 18 }: { verdict: Verdict; size?: number }) {
  const { colour, shape } = verdictTone(verdict);
  const paint = `var(--${colour.slice(1)})`;
  return (
    <svg width={size} height={size} viewBox="0 0 18 18" style={{ flexShrink: 0 }} aria-hidden>
      {shape === "filled" ? (
        <>
          <rect x={1} y={1} width={16} height={16} fill={paint} />
          <path d="M4.5 9.5 L8 13 L14 5.5" stroke="var(--card)" strokeWidth={2} fill="none" />
        </>
      ) : null}
      {shape === "half" ? (
        <>
          <rect x={2} y={2} width={14} height={14} stroke={paint} strokeWidth={2} fill="none" />
          <rect x={2} y={2} width={7} height={14} fill={paint} />
        </>
      ) : null}
      {shape === "notched" ? (
        <path d="M1 1 H7 L9 8 L11 1 H17 V17 H11 L9 10 L7 17 H1 Z" fill={paint} />
      ) : null}
    </svg>
  );
}
