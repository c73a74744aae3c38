import type { Thread, ThreadSide, Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useState } from "react";
import { ActionButton } from "../../kit/action-button";
import { exportCsv } from "../../kit/export-csv";
import { ScrollTable } from "../../kit/scroll-table";
import { Card } from "../../kit/surface";
import { Heading, Label, Small } from "../../kit/text";
import {
  hasEstimates,
  limitCells,
  limitHeads,
  limitRows,
  CHART_SENTENCES,
} from "@root-gauge/core/say/charts";

const SIDES: readonly { side: ThreadSide; label: string }[] = [
  { side: "external", label: "Screw (external)" },
  { side: "internal", label: "Nut or hole (internal)" },
];

const WIDTHS = { first: 84, other: 84 };

/** The usual classes come first; the rest are shown when asked for. */
const SHOWN_AT_FIRST = 5;

/** Limits of size in every class, outside and inside. */
export function LimitsCard({ thread, units }: { thread: Thread; units: Units }) {
  const [showAll, setShowAll] = useState(false);
  const heads = limitHeads(units);
  const tables = SIDES.map((one) => ({ ...one, rows: limitRows(thread, one.side, units) }));
  const all = tables.reduce((sum, { rows }) => sum + rows.length, 0);
  const isCut = !showAll && tables.some(({ rows }) => rows.length > SHOWN_AT_FIRST);
  const exportLimits = () =>
    exportCsv(
      `limits ${thread.designation}`,
      ["Side", ...heads],
      tables.flatMap(({ side, rows }) => rows.map((row) => [side, ...limitCells(row)])),
    );
  return (
    <Card gap={12}>
      <Heading>Limits of size</Heading>
      {tables.map(({ side, label, rows }) =>
        rows.length === 0 ? null : (
          <View key={side} gap={4}>
            <Label>{label}</Label>
            <ScrollTable
              name={`Limits, ${label}`}
              heads={heads}
              rows={(showAll ? rows : rows.slice(0, SHOWN_AT_FIRST)).map(({ name, limits }) => ({
                head: name,
                cells: limits,
              }))}
              widths={WIDTHS}
            />
          </View>
        ),
      )}
      {isCut ? (
        <ActionButton label={`Show all ${all} classes`} onPress={() => setShowAll(true)} />
      ) : null}
      {hasEstimates(thread) ? <Small>{CHART_SENTENCES.estimate}</Small> : null}
      {thread.taper === undefined ? null : <Small>{CHART_SENTENCES.atGaugePlane}</Small>}
      <ActionButton label="Export as CSV" onPress={() => void exportLimits()} />
    </Card>
  );
}
