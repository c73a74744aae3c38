import type { CSSProperties } from "react";

// What is drawn by the hundred, as the rows of a chart or the leaves of a gauge, or anew at every reading, is plain elements in the theme's own
// colours: a styled component for each costs a slow phone ten times as much.

const FAMILY = '"Barlow Semi Condensed", Barlow, sans-serif';

/** A figure or a name, as the `Figure` of the kit. */
export const PLAIN_FIGURE = {
  fontFamily: FAMILY,
  fontSize: "1rem",
  lineHeight: "1.375rem",
  fontWeight: 600,
  color: "var(--ink)",
} as const satisfies CSSProperties;

/** The name of a part of a page, as the `Heading` of the kit. */
export const PLAIN_HEADING = {
  ...PLAIN_FIGURE,
  margin: 0,
  fontSize: "1.25rem",
  lineHeight: "1.625rem",
} as const satisfies CSSProperties;

/** Running text, as the `Body` of the kit. */
export const PLAIN_BODY = {
  margin: 0,
  fontFamily: "Barlow, sans-serif",
  fontSize: "1rem",
  lineHeight: "1.375rem",
  color: "var(--ink)",
} as const satisfies CSSProperties;

/** A caption, as the `Label` of the kit. */
export const PLAIN_LABEL = {
  fontFamily: FAMILY,
  fontSize: "0.875rem",
  lineHeight: "1.125rem",
  fontWeight: 500,
  color: "var(--quiet)",
} as const satisfies CSSProperties;

/** Secondary text, as the `Small` of the kit. */
export const PLAIN_SMALL = {
  fontFamily: "Barlow, sans-serif",
  fontSize: "0.875rem",
  lineHeight: "1.125rem",
  fontWeight: 400,
  color: "var(--quiet)",
} as const satisfies CSSProperties;

/** On one line, cut where it does not fit. */
export const ONE_LINE = {
  overflow: "hidden",
  textOverflow: "ellipsis",
  whiteSpace: "nowrap",
} as const satisfies CSSProperties;

/** A plate that is touched, 44 high at the least. */
export const PLAIN_PLATE = {
  display: "flex",
  flexDirection: "column",
  justifyContent: "center",
  boxSizing: "border-box",
  minHeight: 44,
  borderRadius: 4,
} as const satisfies CSSProperties;
