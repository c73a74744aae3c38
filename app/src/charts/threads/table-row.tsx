import type { ThreadColumn } from "@root-gauge/core/chart-words";
import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { memo } from "react";
import { togglePin } from "../../data/charts-state";
import { Pressable } from "../../kit/pressable";
import { Figure, Label } from "../../kit/text";
import { threadPath } from "../../shell/links";
import { COLUMN_WIDTHS, FIGURE_COLUMNS } from "./columns";
import { PointFigure } from "./point-figure";
import Pin from "lucide-react-native/icons/pin";

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
}

const FIGURES = (Object.keys(COLUMN_WIDTHS) as ThreadColumn[]).filter(
  (column) => column !== "designation",
);

function Cell({ column, text, quiet }: { column: ThreadColumn; text: string; quiet: boolean }) {
  const colour = quiet || text === "–" ? "$quiet" : "$ink";
  return (
    <View role="cell" width={COLUMN_WIDTHS[column]} paddingHorizontal={6} justifyContent="center">
      {column === "tpi" ? (
        <PointFigure text={text} decimals={2} color={colour} />
      ) : (
        <Figure
          numberOfLines={1}
          color={colour}
          fontWeight="500"
          textAlign={FIGURE_COLUMNS.has(column) ? "right" : "left"}
        >
          {text}
        </Figure>
      )}
    </View>
  );
}

/** One thread: its pin and name stand still at the left, its figures scroll beside them. */
export const TableRow = memo(function TableRow({
  id,
  cells,
  index,
  top,
  height,
  width,
  note,
  verified,
  metric,
  pinned,
}: TableRowProps) {
  const router = useRouter();
  const theme = useTheme();
  const open = () => router.push(threadPath(id));
  return (
    <View
      role="row"
      aria-rowindex={index + 2}
      position="absolute"
      top={top}
      left={0}
      width={width}
      height={height}
      flexDirection="row"
      borderBottomWidth={1}
      borderColor="$line"
      backgroundColor={pinned ? "$card" : "$plate"}
      cursor="pointer"
      onPress={open}
    >
      <View
        role="rowheader"
        position="sticky"
        left={0}
        zIndex={1}
        width={PIN_WIDTH + COLUMN_WIDTHS.designation}
        flexDirection="row"
        backgroundColor={pinned ? "$card" : "$plate"}
        borderRightWidth={1}
        borderColor="$line"
      >
        <Pressable
          width={PIN_WIDTH}
          alignItems="center"
          aria-label={`${pinned ? "Unpin" : "Pin"} ${cells.designation}`}
          focusVisibleStyle={{ outlineOffset: -4 }}
          onPress={(event) => {
            event.stopPropagation();
            togglePin(id);
          }}
        >
          <Pin
            size={18}
            color={pinned ? theme.brass.val : theme.quiet.val}
            fill={pinned ? theme.brass.val : "none"}
          />
        </Pressable>
        <Pressable
          flex={1}
          minWidth={0}
          paddingHorizontal={6}
          focusVisibleStyle={{ outlineOffset: -4 }}
          onPress={(event) => {
            event.stopPropagation();
            open();
          }}
        >
          <Figure
            numberOfLines={1}
            lineHeight="$detail"
          >{`${cells.designation}${verified ? "" : "*"}`}</Figure>
          {note === "" ? null : <Label numberOfLines={1}>{note}</Label>}
        </Pressable>
      </View>
      {FIGURES.map((column) => (
        <Cell
          key={column}
          column={column}
          text={cells[column]}
          quiet={column === "tpi" && metric}
        />
      ))}
    </View>
  );
});
