import type { Thread, ThreadSide, Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { ActionButton } from "../../kit/action-button";
import { downloadCsv } from "../../kit/csv";
import { ScrollTable } from "../../kit/scroll-table";
import { Card } from "../../kit/surface";
import { Heading, Label, Small } from "../../kit/text";
import { hasEstimates, limitHeads, limitRows } from "./thread-figures";

const SIDES: readonly { side: ThreadSide; label: string }[] = [
  { side: "external", label: "Screw (external)" },
  { side: "internal", label: "Nut or hole (internal)" },
];

const WIDTHS = { first: 84, other: 150 };

/** Limits of size in every class, outside and inside. */
export function LimitsCard({ thread, units }: { thread: Thread; units: Units }) {
  const heads = limitHeads(units);
  const tables = SIDES.map((one) => ({ ...one, rows: limitRows(thread, one.side, units) }));
  const exportCsv = () =>
    downloadCsv(
      `limits ${thread.designation}`,
      ["Side", ...heads],
      tables.flatMap(({ side, rows }) => rows.map((row) => [side, ...row])),
    );
  return (
    <Card gap={12}>
      <Heading>Limits of size</Heading>
      {tables.map(({ side, label, rows }) =>
        rows.length === 0 ? null : (
          <View key={side} gap={4}>
            <Label>{label}</Label>
            <ScrollTable name={`Limits, ${label}`} heads={heads} rows={rows} widths={WIDTHS} />
          </View>
        ),
      )}
      {hasEstimates(thread) ? (
        <Small>* An estimate of ours: no standard’s tolerance is held for it.</Small>
      ) : null}
      {thread.taper === undefined ? null : <Small>Diameters at the gauge plane.</Small>}
      <ActionButton label="Export as CSV" onPress={exportCsv} />
    </Card>
  );
}
