import { threadById } from "@root-gauge/core";
import { CHART_SENTENCES, type ThreadRowOptions } from "@root-gauge/core/say/charts";
import { prepareSearch } from "@root-gauge/core/identify/search";
import { useTheme, View } from "@tamagui/core";
import type { SortingState } from "@tanstack/react-table";
import {
  memo,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
  type RefObject,
} from "react";
import { ScrollView, type TextInput } from "react-native";
import {
  changeCharts,
  chartsNow,
  useChartsState,
  type ChartsState,
} from "../../data/kept/charts-state";
import { useSettings, useSettingsStore } from "../../data/kept/settings";
import { exportCsv } from "../../kit/export-csv";
import { Panel } from "../../kit/panel";
import { Pressable } from "../../kit/pressable";
import { SearchField } from "../../kit/search-field";
import { Body, Heading, Small } from "../../kit/text";
import { useAfterFirstPaint } from "../../kit/use-after-first-paint";
import { useLayout } from "../../kit/wide";
import { CalledRow } from "../../order/callout/called-row";
import { asLink } from "../../shell/links";
import { useLinkedState } from "../../shell/use-linked-state";
import { usePanel } from "../../shell/use-panel";
import { chartsAddress, chartsPath, takeChartsParams, type ChartsParams } from "./charts-link";
import { ChartsHead } from "../charts-head";
import { CompareView } from "../compare/compare-view";
import { filterWords } from "./filter-words";
import { Filters } from "./filters";
import { PinnedBar } from "./pinned-bar";
import { SearchSummary } from "./search-summary";
import { tableText } from "./table-text";
import { ThreadTable } from "./thread-table";
import { useChartsKeys } from "./use-charts-keys";
import { threadsFound, useThreadSearch } from "./use-thread-search";
import Download from "lucide-react-native/icons/download";
import SlidersHorizontal from "lucide-react-native/icons/sliders-horizontal";

function IconAction({
  label,
  icon: Icon,
  onPress,
}: {
  label: string;
  icon: typeof Download;
  onPress: () => void;
}) {
  const theme = useTheme();
  return (
    <Pressable
      width={52}
      minHeight={52}
      alignItems="center"
      borderWidth={1}
      borderColor="$edge"
      backgroundColor="$card"
      aria-label={label}
      onPress={onPress}
    >
      <Icon size={22} color={theme.ink.val} />
    </Pressable>
  );
}

function NothingFound() {
  return (
    <View padding={16} gap={8}>
      <Body>{CHART_SENTENCES.noneAnswers}</Body>
      <Small>{CHART_SENTENCES.tryThese}</Small>
    </View>
  );
}

const NOTHING_FOUND = <NothingFound />;

/** What a wide screen shows beside the table: the filters, and the two pinned rows against each other. */
function Beside({ children, pinned }: { children: React.ReactNode; pinned: readonly string[] }) {
  const [first, second] = pinned.flatMap((id) => threadById(id) ?? []);
  return (
    <ScrollView style={{ width: 400, flexGrow: 0 }} tabIndex={0}>
      <View padding={12} gap={16}>
        {first !== undefined && second !== undefined ? (
          <View gap={8}>
            <Heading>Pinned, side by side</Heading>
            <CompareView first={first} second={second} />
          </View>
        ) : null}
        {children}
      </View>
    </ScrollView>
  );
}

/** The table is shown first; the search is made ready while nobody types yet. */
const PREPARE_AFTER_MS = 150;

interface SearchRowProps {
  readonly field: RefObject<TextInput | null>;
  readonly onTyped: () => void;
  readonly onFilters: () => void;
}

/** The field, and what is done with what it finds; a letter draws this row anew and nothing else. */
function SearchRow({ field, onTyped, onFilters }: SearchRowProps) {
  const { query } = useChartsState();
  const { wide, short } = useLayout();
  return (
    <View flexDirection="row" gap={8} {...(short ? { flex: 1 } : {})}>
      <SearchField
        name="Find a thread"
        field={field}
        value={query}
        placeholder="M10, 9.5 mm, 3/8, 20 TPI"
        onChange={(text) => {
          onTyped();
          changeCharts({ query: text });
        }}
      />
      <RowActions filters={!wide} onFilters={onFilters} />
    </View>
  );
}

const RowActions = memo(function RowActions({
  filters,
  onFilters,
}: {
  filters: boolean;
  onFilters: () => void;
}) {
  return (
    <>
      {filters ? (
        <IconAction label="Filters and limits" icon={SlidersHorizontal} onPress={onFilters} />
      ) : null}
      <IconAction
        label="Export these rows as CSV"
        icon={Download}
        onPress={() => {
          const { heads, rows } = shownText();
          void exportCsv("threads", heads, rows);
        }}
      />
    </>
  );
});

/** The rows that a search finds now, as text. */
function shownText(): ReturnType<typeof tableText> {
  const state = chartsNow();
  const { units } = useSettingsStore.getState();
  const { side, quality } = state;
  return tableText(threadsFound(state, units).hits, { units, side, quality });
}

interface ResultsProps {
  readonly state: ChartsState;
  readonly sorting: SortingState;
  readonly onSort: (sorting: SortingState) => void;
  /** The row of the search, over or beside what it finds. */
  readonly row: ReactNode;
}

/** What a search finds: how it was read, the rows, what is pinned. */
const Results = memo(function Results({ state, sorting, onSort, row }: ResultsProps) {
  const { units } = useSettings();
  const { short } = useLayout();
  const { query, side, quality, pinned } = state;
  const search = useThreadSearch(state, units);
  const options = useMemo<ThreadRowOptions>(
    () => ({ units, side, quality }),
    [units, side, quality],
  );
  return (
    <View flex={1} minWidth={0} minHeight={0}>
      <View
        flexDirection={short ? "row" : "column"}
        paddingHorizontal={12}
        paddingTop={short ? 0 : 12}
        paddingBottom={4}
        gap={short ? 8 : 4}
      >
        {row}
        <SearchSummary
          beside={short}
          search={search}
          units={units}
          filtered={filterWords(state)}
          link={() => asLink(chartsPath(state))}
          text={() => {
            const { heads, rows } = shownText();
            return [heads, ...rows].map((cells) => cells.join("\t")).join("\n");
          }}
        />
      </View>
      {query.trim() === "" ? null : (
        <View paddingHorizontal={12}>
          <CalledRow text={query} />
        </View>
      )}
      <ThreadTable
        hits={search.hits}
        options={options}
        pinned={pinned}
        sorting={sorting}
        onSort={onSort}
        empty={NOTHING_FOUND}
      />
      <PinnedBar pinned={pinned} />
    </View>
  );
});

/** Every thread, found by name, diameter or pitch; two may be pinned to compare. */
export function ThreadsScreen(props: { params: ChartsParams }) {
  // The room's own head answers the touch.
  const later = useAfterFirstPaint();
  return (
    <View flex={1} minHeight={0} render="main">
      <ChartsHead />
      {later ? <ThreadsFound {...props} /> : null}
    </View>
  );
}

function ThreadsFound({ params }: { params: ChartsParams }) {
  const { wide } = useLayout();
  const state = useChartsState();
  // The letter stands in its field at once; the rows follow as soon as nothing else is due.
  const shown = useDeferredValue(state);
  useLinkedState("charts", params, chartsAddress(shown), takeChartsParams);
  const { panel, open, close } = usePanel();
  const [sorting, setSorting] = useState<SortingState>([]);
  useEffect(() => {
    const timer = setTimeout(prepareSearch, PREPARE_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  const searchField = useRef<TextInput>(null);
  useChartsKeys(searchField);
  const row = useMemo(
    () => (
      <SearchRow
        field={searchField}
        onTyped={() => setSorting((before) => (before.length === 0 ? before : []))}
        onFilters={() => open("filters")}
      />
    ),
    [open],
  );
  return (
    <>
      <View flex={1} minHeight={0} flexDirection="row">
        <Results state={shown} sorting={sorting} onSort={setSorting} row={row} />
        {wide ? (
          <Beside pinned={state.pinned}>
            <Filters state={state} />
          </Beside>
        ) : null}
      </View>
      {panel === "filters" && !wide ? (
        <Panel title="Filters and limits" onClose={close}>
          <Filters state={state} />
        </Panel>
      ) : null}
    </>
  );
}
