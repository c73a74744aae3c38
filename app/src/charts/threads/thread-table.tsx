import { threadRow, type ThreadColumn, type ThreadRowOptions } from "@root-gauge/core/say/charts";
import type { Thread } from "@root-gauge/core";
import type { ThreadHit } from "@root-gauge/core/identify/search";
import { useTheme, View, type TamaguiElement } from "@tamagui/core";
import {
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type Header,
  type SortingState,
} from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useRouter } from "expo-router";
import { memo, useCallback, useEffect, useMemo, useRef, type ReactNode } from "react";
import { Pressable } from "../../kit/pressable";
import { Label } from "../../kit/text";
import { rem } from "../../kit/text-scale";
import { useLayout } from "../../kit/wide";
import { useAfterFirstPaint } from "../../kit/use-after-first-paint";
import { threadPath } from "../../shell/links";
import { COLUMN_WIDTHS, FIGURE_COLUMNS, threadColumns } from "./columns";
import { hitNote } from "./hit-note";
import { PIN_WIDTH, TableRow } from "./table-row";
import ArrowDown from "lucide-react-native/icons/arrow-down";
import ArrowUp from "lucide-react-native/icons/arrow-up";

const ROW_HEIGHT = 44;
/** Enough rows beyond the edge that a fast thumb never sees a blank. */
const OVERSCAN = 16;

export interface ThreadTableProps {
  readonly hits: readonly ThreadHit[];
  readonly options: ThreadRowOptions;
  readonly pinned: readonly string[];
  readonly sorting: SortingState;
  readonly onSort: (sorting: SortingState) => void;
  /** Said in the place of rows when there are none. */
  readonly empty: ReactNode;
}

function HeadCell({ header }: { header: Header<ThreadHit, unknown> }) {
  const theme = useTheme();
  const column = header.id as ThreadColumn;
  const sorted = header.column.getIsSorted();
  const Arrow = sorted === "desc" ? ArrowDown : ArrowUp;
  const words = (
    <Label color="$ink" numberOfLines={2} textAlign={FIGURE_COLUMNS.has(column) ? "right" : "left"}>
      {flexRender(header.column.columnDef.header, header.getContext())}
    </Label>
  );
  const isName = column === "designation";
  return (
    <View
      role="columnheader"
      aria-sort={sorted === "asc" ? "ascending" : sorted === "desc" ? "descending" : "none"}
      width={rem(COLUMN_WIDTHS[column] + (isName ? PIN_WIDTH : 0))}
      paddingLeft={isName ? rem(PIN_WIDTH) : 0}
      justifyContent="center"
      backgroundColor="$plate"
      {...(isName ? { position: "sticky" as const, left: 0, zIndex: 1 } : {})}
    >
      {isName ? (
        <View paddingHorizontal={6}>{words}</View>
      ) : (
        <Pressable
          flexDirection="row"
          alignItems="center"
          justifyContent={FIGURE_COLUMNS.has(column) ? "flex-end" : "flex-start"}
          gap={2}
          paddingHorizontal={6}
          focusVisibleStyle={{ outlineOffset: -4 }}
          onPress={header.column.getToggleSortingHandler()}
        >
          {sorted === false ? null : <Arrow size={14} color={theme.ink.val} aria-hidden />}
          {words}
        </Pressable>
      )}
    </View>
  );
}

/** The heads of the columns; they are the same whatever row is in sight. */
const TableHead = memo(function TableHead({
  headers,
}: {
  headers: readonly Header<ThreadHit, unknown>[];
  /** The heads ask their table how they are sorted. */
  sorting: SortingState;
}) {
  return (
    <View
      role="row"
      aria-rowindex={1}
      flexDirection="row"
      minHeight={ROW_HEIGHT}
      backgroundColor="$plate"
      borderBottomWidth={2}
      borderColor="$edge"
    >
      {headers.map((header) => (
        <HeadCell key={header.id} header={header} />
      ))}
    </View>
  );
});

/** The words of a row, made once for the units, side and quality shown. */
const cellsMade = new WeakMap<ThreadRowOptions, Map<string, Cells>>();
type Cells = ReturnType<typeof threadRow>;

function cellsOf(thread: Thread, options: ThreadRowOptions): Cells {
  const ofOptions = cellsMade.get(options) ?? new Map<string, Cells>();
  cellsMade.set(options, ofOptions);
  const made = ofOptions.get(thread.id) ?? threadRow(thread, options);
  ofOptions.set(thread.id, made);
  return made;
}

/** The whole catalogue, or what a search left of it: only the rows in sight are made. */
export const ThreadTable = memo(function ThreadTable({
  hits,
  options,
  pinned,
  sorting,
  onSort,
  empty,
}: ThreadTableProps) {
  const scroller = useRef<TamaguiElement>(null);
  const columns = useMemo(() => threadColumns(options), [options]);
  const data = useMemo(() => [...hits], [hits]);
  const table = useReactTable({
    data,
    columns,
    state: { sorting },
    onSortingChange: (next) => onSort(typeof next === "function" ? next(sorting) : next),
    getRowId: ({ thread }) => thread.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const { rows } = table.getRowModel();
  const headers = table.getFlatHeaders();
  const later = useAfterFirstPaint(hits);
  const { scale } = useLayout();
  const rowHeight = ROW_HEIGHT * scale;
  const router = useRouter();
  const open = useCallback((id: string) => router.push(threadPath(id)), [router]);
  const virtualizer = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current as HTMLElement | null,
    estimateSize: () => rowHeight,
    overscan: later ? OVERSCAN : 0,
  });
  useEffect(() => {
    virtualizer.scrollToOffset(0);
  }, [virtualizer, hits, sorting]);
  const width =
    scale * (PIN_WIDTH + Object.values(COLUMN_WIDTHS).reduce((sum, one) => sum + one, 0));
  return (
    <View
      ref={scroller}
      flex={1}
      minHeight={0}
      overflow="scroll"
      tabIndex={0}
      role="table"
      aria-label="Threads"
      aria-rowcount={rows.length + 1}
      {...{ style: { overscrollBehavior: "contain" } }}
    >
      <View role="rowgroup" position="sticky" top={0} zIndex={2} width={width}>
        <TableHead headers={headers} sorting={sorting} />
      </View>
      <View role="rowgroup" height={virtualizer.getTotalSize()} width={width}>
        {virtualizer.getVirtualItems().map(({ index, start }) => {
          const row = rows[index];
          if (row === undefined) return null;
          const { thread, reason } = row.original;
          return (
            <TableRow
              // A place keeps its elements when another thread comes to stand in it.
              key={index}
              id={row.id}
              cells={cellsOf(thread, options)}
              note={hitNote(reason, options.units)}
              onOpen={open}
              index={index}
              top={start}
              height={rowHeight}
              width={width}
              verified={thread.verified}
              metric={thread.tpi === undefined}
              pinned={pinned.includes(row.id)}
            />
          );
        })}
      </View>
      {rows.length === 0 ? empty : null}
    </View>
  );
});
