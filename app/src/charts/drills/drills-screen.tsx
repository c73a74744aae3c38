import {
  lookUpThreadAlone,
  readLength,
  type DesignationReading,
  type Thread,
  type Units,
} from "@root-gauge/core";
import {
  DRILL_SET_WORDS,
  designationProblemWords,
  drillRows,
  drillWords,
  CHART_SENTENCES,
  whichThreadWords,
  chartDrillByWords,
  type DrillRow,
} from "@root-gauge/core/say/charts";
import { DRILL_SETS, chartDrill } from "@root-gauge/core/mend/holes";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { Suspense, useMemo } from "react";
import { FlatList } from "react-native";
import { changeCharts, useChartsState, type ChartsState } from "../../data/kept/charts-state";
import { useSettings } from "../../data/kept/settings";
import { setDrillSets, useTools } from "../../data/kept/tools-state";
import { ActionButton } from "../../kit/action-button";
import { CopyButton } from "../../kit/copy-button";
import { exportCsv } from "../../kit/export-csv";
import { LengthField } from "../../kit/length-field";
import { Card } from "../../kit/surface";
import { Body, Figure, Label, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { ToggleChips } from "../../kit/toggle-chips";
import { useLayout } from "../../kit/wide";
import { PAGE_WIDTH } from "../../shell/page";
import { ChartsHead } from "../charts-head";
import { PercentChart } from "./percent-chart";

const SIZES = { minMm: 0.1, maxMm: 120 };
const SET_CHOICES = DRILL_SETS.map((value) => ({ value, label: DRILL_SET_WORDS[value] }));
const HEADS = ["Drill", "mm", "in", "Difference, mm", "Share of thread", "What it means"];

const cellsOf = (row: DrillRow) => [
  row.name,
  row.mm,
  row.inches,
  row.difference,
  row.percent,
  row.suits,
];

/** Of the threads that a text may mean, how many are named. */
const MOST_NAMED = 5;

function threadProblem(text: string, reading: DesignationReading): string | undefined {
  if (text.trim() === "" || reading.kind === "found") return undefined;
  if (reading.kind === "problem") return designationProblemWords(reading.problem);
  return whichThreadWords(text, reading.threads, MOST_NAMED);
}

interface EntriesProps {
  readonly state: ChartsState;
  readonly units: Units;
  /** What the first field was read as. */
  readonly reading: DesignationReading;
}

function Entries({ state, units, reading }: EntriesProps) {
  const { drillSize, drillThread } = state;
  const router = useRouter();
  const { drillSets = DRILL_SETS } = useTools();
  return (
    <View gap={12}>
      <View flexDirection="row" flexWrap="wrap" gap={12}>
        <View flex={1} minWidth={160}>
          <TextEntry
            label="For the thread"
            value={drillThread}
            placeholder="M10, 7/16-14"
            longest={40}
            problem={threadProblem(drillThread, reading)}
            onChange={(text) => changeCharts({ drillThread: text })}
          />
        </View>
        <View flex={1} minWidth={160}>
          <LengthField
            label={`Nearest to a size, ${units}`}
            value={drillSize}
            units={units}
            accepted={SIZES}
            placeholder="8.53, 27/64"
            onChange={(text) => changeCharts({ drillSize: text })}
          />
        </View>
      </View>
      <View gap={6}>
        <Label>Drill sets you own</Label>
        <ToggleChips
          name="Drill sets you own"
          values={drillSets}
          choices={SET_CHOICES}
          onChange={setDrillSets}
        />
        <ActionButton label="Tools on hand" onPress={() => router.push("/tools")} />
      </View>
    </View>
  );
}

function ThreadCard({ thread, units }: { thread: Thread; units: Units }) {
  const { drill, basis } = chartDrill(thread);
  return (
    <Card gap={8}>
      <Figure fontSize="$heading" lineHeight="$heading">
        {`${thread.designation}: ${drillWords(drill)}`}
      </Figure>
      <Small>{chartDrillByWords(basis)}</Small>
      <Suspense fallback={null}>
        <PercentChart thread={thread} units={units} />
      </Suspense>
    </Card>
  );
}

function DrillItem({ row, units }: { row: DrillRow; units: Units }) {
  const figures = units === "mm" ? [row.mm, row.inches] : [row.inches, row.mm];
  return (
    <View
      role="group"
      aria-label={[row.name, row.percent].filter(Boolean).join(", ")}
      minHeight={44}
      paddingVertical={6}
      borderBottomWidth={1}
      borderColor="$line"
      justifyContent="center"
    >
      <View flexDirection="row" gap={8} alignItems="center">
        <Figure width={84}>{row.name}</Figure>
        <Figure width={64} textAlign="right" fontWeight="500">
          {figures[0]}
        </Figure>
        <Figure width={64} textAlign="right" fontWeight="500" color="$quiet">
          {figures[1]}
        </Figure>
        {row.difference === "" ? null : (
          <Figure width={64} textAlign="right" fontWeight="500">
            {row.difference}
          </Figure>
        )}
        <Figure flex={1} textAlign="right">
          {row.percent}
        </Figure>
      </View>
      {row.suits === "" ? null : (
        <Small>
          {row.withinLimits === false ? `${row.suits}; outside the nut’s limits` : row.suits}
        </Small>
      )}
    </View>
  );
}

/** Every drill by size: the nearest to a size, or what each leaves of a thread. */
export function DrillsScreen() {
  const { units } = useSettings();
  const state = useChartsState();
  const { drillSize, drillThread } = state;
  const tools = useTools();
  const size = readLength(drillSize, units, SIZES);
  const sizeMm = size.ok ? size.mm : undefined;
  const reading = useMemo(() => lookUpThreadAlone(drillThread), [drillThread]);
  const thread = reading.kind === "found" ? reading.thread : undefined;
  const rows = useMemo(() => drillRows({ tools, sizeMm, thread }), [tools, sizeMm, thread]);
  const { wide } = useLayout();
  const card = thread === undefined ? null : <ThreadCard thread={thread} units={units} />;
  return (
    <View flex={1} minHeight={0} render="main">
      <ChartsHead />
      <View flex={1} minHeight={0} flexDirection="row">
        <FlatList
          tabIndex={0}
          keyboardShouldPersistTaps="handled"
          data={rows}
          keyExtractor={({ key }) => key}
          renderItem={({ item }) => <DrillItem row={item} units={units} />}
          initialNumToRender={20}
          contentContainerStyle={{ padding: 12, width: "100%", maxWidth: PAGE_WIDTH }}
          ListHeaderComponent={
            <View gap={12} paddingBottom={12}>
              <Entries state={state} units={units} reading={reading} />
              {!wide && sizeMm === undefined ? card : null}
              <Label>
                {`Drill, ${units}, ${units === "mm" ? "in" : "mm"}${sizeMm === undefined ? "" : ", difference in mm"}${thread === undefined ? "" : ", share of full thread"}`}
              </Label>
            </View>
          }
          ListEmptyComponent={<Body>{CHART_SENTENCES.noDrill}</Body>}
          ListFooterComponent={
            <View gap={12} paddingTop={12}>
              {!wide && sizeMm !== undefined ? card : null}
              <View flexDirection="row" flexWrap="wrap" alignItems="flex-start" gap={8}>
                <ActionButton
                  label="Export as CSV"
                  onPress={() => void exportCsv("drills", HEADS, rows.map(cellsOf))}
                />
                <CopyButton
                  says="Copy the drills"
                  text={() => rows.map((row) => cellsOf(row).filter(Boolean).join("\t")).join("\n")}
                />
              </View>
            </View>
          }
        />
        {wide && card !== null ? (
          <View width={460} padding={12}>
            {card}
          </View>
        ) : null}
      </View>
    </View>
  );
}
