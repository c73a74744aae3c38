import type { ThreadColumn } from "@root-gauge/core/say/charts";
import { memo, type CSSProperties } from "react";
import { togglePin } from "../../data/kept/charts-state";
import { ONE_LINE, PLAIN_FIGURE, PLAIN_LABEL } from "../../kit/plain";
import { rem } from "../../kit/text-scale";
import { COLUMN_WIDTHS, FIGURE_COLUMNS } from "./columns";

export const PIN_WIDTH = 44;

export interface TableRowProps {
  readonly id: string;
  readonly cells: Readonly<Record<ThreadColumn, string>>;
  readonly index: number;
  readonly top: number;
  readonly height: number;
  readonly width: number;
  /** Why it is among the hits, in a word: how far the figure is off. */
  readonly note: string;
  readonly verified: boolean;
  /** A metric pitch gives no whole number of threads to the inch, so that figure stands back. */
  readonly metric: boolean;
  readonly pinned: boolean;
  readonly onOpen: (id: string) => void;
}

const FIGURES = (Object.keys(COLUMN_WIDTHS) as ThreadColumn[]).filter(
  (column) => column !== "designation",
);

const ROW = {
  position: "absolute",
  left: 0,
  display: "flex",
  boxSizing: "border-box",
  borderBottom: "1px solid var(--line)",
  background: "var(--plate)",
  cursor: "pointer",
  // A row that is drawn anew leaves every other as it was.
  contain: "layout style",
} as const satisfies CSSProperties;

const HEAD = {
  position: "sticky",
  left: 0,
  zIndex: 1,
  display: "flex",
  boxSizing: "border-box",
  width: rem(PIN_WIDTH + COLUMN_WIDTHS.designation),
  borderRight: "1px solid var(--line)",
  background: "inherit",
} as const satisfies CSSProperties;

const NAME = {
  flex: 1,
  minWidth: 0,
  padding: "0 6px",
  outlineOffset: -4,
} as const satisfies CSSProperties;

const PIN = {
  width: rem(PIN_WIDTH),
  display: "flex",
  alignItems: "center",
  justifyContent: "center",
  outlineOffset: -4,
} as const satisfies CSSProperties;

const NAME_LINE = {
  ...PLAIN_FIGURE,
  ...ONE_LINE,
  lineHeight: "1.25rem",
  display: "block",
} as const satisfies CSSProperties;

const NOTE_LINE = {
  ...PLAIN_LABEL,
  ...ONE_LINE,
  display: "block",
} as const satisfies CSSProperties;

const CELL = {
  ...PLAIN_FIGURE,
  ...ONE_LINE,
  fontWeight: 500,
  boxSizing: "border-box",
  flexShrink: 0,
  padding: "0 6px",
  alignSelf: "center",
} as const satisfies CSSProperties;

/** How each column's cells stand, made once. */
const CELLS = Object.fromEntries(
  FIGURES.map((column) => [
    column,
    {
      ...CELL,
      width: rem(COLUMN_WIDTHS[column]),
      textAlign: FIGURE_COLUMNS.has(column) ? ("right" as const) : ("left" as const),
    },
  ]),
) as Readonly<Partial<Record<ThreadColumn, CSSProperties>>>;

const QUIET = { color: "var(--quiet)" } as const satisfies CSSProperties;

/** Two decimals after the point, or the room of them, so that points stand under each other. */
const AFTER_POINT = {
  display: "inline-block",
  width: "1.25rem",
  textAlign: "left",
} as const satisfies CSSProperties;

function PointFigure({ text }: { text: string }) {
  const [whole = "", rest] = text.split(".");
  return (
    <>
      {whole}
      <span style={AFTER_POINT}>{rest === undefined ? "" : `.${rest}`}</span>
    </>
  );
}

/** A drawing pin; filled when the row is pinned. */
function PinIcon({ pinned }: { pinned: boolean }) {
  const colour = pinned ? "var(--brass)" : "var(--quiet)";
  return (
    <svg
      width={18}
      height={18}
      viewBox="0 0 24 24"
      fill={pinned ? colour : "none"}
      stroke={colour}
      strokeWidth={2}
      strokeLinejoin="round"
      aria-hidden
    >
      <path d="M12 22v-7M8 3h8l-1 7 4 5H5l4-5z" />
    </svg>
  );
}

/** One thread: its pin and name stand still at the left, its figures scroll beside them. */
export const TableRow = memo(function TableRow(props: TableRowProps) {
  const { id, cells, index, top, height, width, note, verified, metric, pinned, onOpen } = props;
  const background = pinned ? "var(--card)" : "var(--plate)";
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      style={{ ...ROW, top, height, width, background }}
      onClick={() => onOpen(id)}
    >
      <div role="rowheader" style={HEAD}>
        <button
          type="button"
          className="plain-button"
          style={PIN}
          aria-label={`${pinned ? "Unpin" : "Pin"} ${cells.designation}`}
          onClick={(event) => {
            event.stopPropagation();
            togglePin(id);
          }}
        >
          <PinIcon pinned={pinned} />
        </button>
        <button type="button" className="plain-button" style={NAME}>
          <span style={NAME_LINE}>{`${cells.designation}${verified ? "" : "*"}`}</span>
          {note === "" ? null : <span style={NOTE_LINE}>{note}</span>}
        </button>
      </div>
      {FIGURES.map((column) => {
        const text = cells[column];
        const quiet = text === "–" || (column === "tpi" && metric);
        const cell = CELLS[column];
        return (
          <div key={column} role="cell" style={quiet ? { ...cell, ...QUIET } : cell}>
            {column === "tpi" ? <PointFigure text={text} /> : text}
          </div>
        );
      })}
    </div>
  );
});
