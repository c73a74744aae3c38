import type { ToOrder } from "@root-gauge/contract";
import { orderLines, type OrderLine, type OrderRule } from "@root-gauge/core/order";
import { ORDER_SENTENCES, orderedWords } from "@root-gauge/core/record-words";
import { cautionWords } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useMemo } from "react";
import { ScrollView } from "react-native";
import type { DraftField } from "../data/draft-fields";
import { useDraft, writeDraft } from "../data/drafts";
import { useMachineName } from "../data/machine-queries";
import { useOwnWords } from "../data/own-words";
import { useToOrder } from "../data/position-queries";
import { ActionButton } from "../kit/action-button";
import { CopyButton } from "../kit/copy-button";
import { exportCsv } from "../kit/export-csv";
import { Card } from "../kit/surface";
import { Body, Figure, Label, Small } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { changePosition } from "../positions/change-position";
import { PutBackBar } from "../record/put-back-bar";
import { PAGE_WIDTH, PageActions, PageHead } from "../shell/page";
import { useOrderRule } from "./order-rule";

interface RuleFieldProps {
  readonly field: DraftField;
  readonly label: string;
  /** What holds where nothing is typed. */
  readonly usual: string;
}

function RuleField({ field, label, usual }: RuleFieldProps) {
  return (
    <View flex={1} minWidth={90}>
      <TextEntry
        label={label}
        value={useDraft(field) ?? ""}
        placeholder={usual}
        figures
        longest={4}
        onChange={(text) => writeDraft(field, text.replace(/\D/g, ""))}
      />
    </View>
  );
}

/** How many spares, and by how many they come. */
function RuleFields() {
  return (
    <Card gap={8} data-print="no">
      <Label>{ORDER_SENTENCES.sparesHint}</Label>
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <RuleField field="order.percent" label="Spares, %" usual="0" />
        <RuleField field="order.least" label="At least" usual="0" />
        <RuleField field="order.pack" label="In a pack" usual="1" />
      </View>
    </Card>
  );
}

/** What must be known of the joints that a line is for, where something hangs on them. */
function dutyCautions(line: OrderLine, positions: readonly ToOrder[]): readonly string[] {
  const ids = new Set(line.wanted.map(({ positionId }) => positionId));
  const duties = positions.flatMap(({ id, spec }) => {
    const duty = spec?.circumstances.duty ?? "ordinary";
    return ids.has(id) && duty !== "ordinary" ? [cautionWords({ code: "duty", duty })] : [];
  });
  return [...new Set(duties)];
}

interface LineCardProps {
  readonly line: OrderLine;
  readonly cautions: readonly string[];
  readonly rule: OrderRule;
  readonly onArrived: () => void;
}

/** A line of the list: what it is, how many, where they go; ticked off as it arrives. */
function LineCard({ line, cautions, rule, onArrived }: LineCardProps) {
  const places = line.wanted
    .map(({ place, alike }) => (alike === 1 ? place : `${place} (${alike})`))
    .join("; ");
  return (
    <Card gap={6} role="listitem">
      <Figure fontSize="$name" lineHeight="$name" userSelect="text">
        {line.callout}
      </Figure>
      <Body>{orderedWords(line, rule.pack)}</Body>
      <Small>{places}</Small>
      {cautions.map((text) => (
        <Small key={text} role="note" color="$clash">
          {text}
        </Small>
      ))}
      <View data-print="no">
        <ActionButton
          label="Arrived"
          says={`${ORDER_SENTENCES.arrived}, ${line.callout}`}
          onPress={onArrived}
        />
      </View>
    </Card>
  );
}

const HEADS = ["quantity", "call-out", "needed", "spare", "for"] as const;

const cellsOf = ({ ordered, callout, needed, spares, wanted }: OrderLine) => [
  String(ordered),
  callout,
  String(needed),
  String(spares),
  wanted.map(({ place }) => place).join("; "),
];

/** Places on the list of which nobody has said what goes in: they are named, not left out. */
function WithoutSpec({ positions }: { positions: readonly ToOrder[] }) {
  const router = useRouter();
  if (positions.length === 0) return null;
  return (
    <Card gap={8} borderColor="$clash">
      <Body>{ORDER_SENTENCES.noSpec}</Body>
      {positions.map(({ id, machine, path }) => (
        <ActionButton
          key={id}
          label={`${machine}: ${path}`}
          onPress={() => router.push(`/position/${id}`)}
        />
      ))}
    </Card>
  );
}

/** What must be bought: the same parts on one line, for all machines or for one, ticked off as it arrives. */
export function OrderScreen({ machineId }: { machineId: string | undefined }) {
  const { positions, query } = useToOrder(machineId);
  const machine = useMachineName(machineId ?? null);
  const rule = useOrderRule();
  const words = useOwnWords();
  const { sparesPercent, sparesAtLeast, pack } = rule;
  const lines = useMemo(() => {
    const wanted = positions.flatMap(({ id, machine: of, path, alike, spec }) =>
      spec === null
        ? []
        : [{ positionId: id, place: `${of}: ${path}`, alike, callout: spec.callout }],
    );
    return orderLines(wanted, { sparesPercent, sparesAtLeast, pack }, words);
  }, [positions, sparesPercent, sparesAtLeast, pack, words]);
  const arrived = ({ wanted }: OrderLine) => {
    for (const { positionId } of wanted) {
      const position = positions.find(({ id }) => id === positionId);
      if (position !== undefined) changePosition(position, { state: "on-hand" });
    }
  };
  const title = machine === undefined ? "Order list" : `Order list: ${machine}`;
  const empty = query.isPending ? "Fetching the list." : ORDER_SENTENCES.nothing;
  return (
    <View flex={1} render="main">
      <PageHead title={title} backTo="/jobs" />
      <ScrollView tabIndex={0}>
        <View padding={12} gap={12} width="100%" maxWidth={PAGE_WIDTH}>
          {positions.length === 0 ? (
            <Body role="status">{query.error?.message ?? empty}</Body>
          ) : (
            <>
              <RuleFields />
              <View role="list" aria-label="Lines" gap={8}>
                {lines.map((line) => (
                  <LineCard
                    key={`${line.kind} ${line.callout}`}
                    line={line}
                    cautions={dutyCautions(line, positions)}
                    rule={rule}
                    onArrived={() => arrived(line)}
                  />
                ))}
              </View>
              <WithoutSpec positions={positions.filter(({ spec }) => spec === null)} />
            </>
          )}
        </View>
      </ScrollView>
      {lines.length === 0 ? null : (
        <PageActions>
          <View flexDirection="row" gap={8}>
            <View flex={1}>
              <CopyButton
                label="Copy"
                says="Copy the list as words"
                text={() =>
                  lines.map(({ ordered, callout }) => `${ordered} off ${callout}`).join("\n")
                }
              />
            </View>
            <ActionButton
              flex={1}
              label="CSV"
              says="CSV: the list as a table"
              onPress={() => void exportCsv("order-list", HEADS, lines.map(cellsOf))}
            />
            <ActionButton flex={1} label="Print" onPress={() => window.print()} />
          </View>
        </PageActions>
      )}
      <PutBackBar />
    </View>
  );
}
