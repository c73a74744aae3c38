import type { ToOrder } from "@root-gauge/contract";
import { orderLines, type OrderLine, type OrderRule } from "@root-gauge/core/decide/order";
import { ORDER_SENTENCES, onKeptWords, orderedWords } from "@root-gauge/core/say/record";
import { lineProblemWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useMemo } from "react";
import { ScrollView } from "react-native";
import { v4 as uuid } from "uuid";
import type { WantedOf } from "../../data/server/api";
import { useJob } from "../../data/record/job-queries";
import { useMachineName } from "../../data/record/machine-queries";
import { useOrders } from "../../data/record/order-queries";
import { useOwnWords } from "../../data/record/own-words";
import { useEveryPage } from "../../data/server/paged";
import { useToOrder } from "../../data/record/position-queries";
import { saveOrder } from "../../data/outbox/saving";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Figure, Small } from "../../kit/text";
import { changePosition } from "../../edit/change-position";
import { PutBackBar } from "../../edit/put-back-bar";
import { PAGE_WIDTH, PageActions, PageHead } from "../../shell/page";
import { today } from "../../kit/today";
import { dutyCautions } from "./duty-cautions";
import { KeptOrders } from "./kept-orders";
import { ListActions } from "./list-actions";
import { newLine } from "./new-line";
import { useOrderRule } from "./order-rule";
import { RuleFields } from "./rule-fields";

interface LineCardProps {
  readonly line: OrderLine;
  readonly cautions: readonly string[];
  readonly problems: readonly string[];
  readonly rule: OrderRule;
  readonly onArrived: () => void;
}

/** A line of the list: what it is, how many, where they go; ticked off as it arrives. */
function LineCard({ line, cautions, problems, rule, onArrived }: LineCardProps) {
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
      {[...problems, ...cautions].map((text) => (
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

/** The positions whose parts are on an order that is kept, and have not arrived. */
function useOnKept(): ReadonlySet<string> {
  const { orders, query } = useOrders();
  useEveryPage(query);
  return useMemo(
    () =>
      new Set(
        orders
          .flatMap(({ lines }) => lines)
          .filter(({ arrived }) => !arrived)
          .flatMap(({ positions }) => positions),
      ),
    [orders],
  );
}

/** What must be bought and is on no order yet. */
function useWanted(of: WantedOf) {
  const { positions: all, query } = useToOrder(of);
  const onKept = useOnKept();
  const positions = useMemo(() => all.filter(({ id }) => !onKept.has(id)), [all, onKept]);
  return { positions, query, onKept: all.length - positions.length };
}

/** What the list is of, where it is not of all. */
function useNameOf({ machine, job }: WantedOf): string | undefined {
  const machineName = useMachineName(machine ?? null);
  const { job: found } = useJob(job);
  return job === undefined ? machineName : found?.name;
}

/** What must be bought: the same parts on one line, for all machines, for one or for a job, ticked off as it arrives. */
export function OrderScreen(of: WantedOf) {
  const router = useRouter();
  const { positions, query, onKept } = useWanted(of);
  const name = useNameOf(of);
  const { typed, rule, change } = useOrderRule();
  const words = useOwnWords();
  const { sparesPercent, sparesAtLeast, pack } = rule;
  const lines = useMemo(() => {
    const wanted = positions.flatMap(({ id, machine, path, alike, spec }) =>
      spec === null
        ? []
        : [{ positionId: id, place: `${machine}: ${path}`, alike, callout: spec.callout }],
    );
    return orderLines(wanted, { sparesPercent, sparesAtLeast, pack }, words);
  }, [positions, sparesPercent, sparesAtLeast, pack, words]);
  const arrived = ({ wanted }: OrderLine) => {
    for (const { positionId } of wanted) {
      const position = positions.find(({ id }) => id === positionId);
      if (position !== undefined) changePosition(position, { state: "on-hand" });
    }
  };
  const keep = () => {
    const id = uuid();
    const kept = lines.map(({ callout, needed, wanted }) =>
      newLine(
        callout,
        needed,
        wanted.map(({ positionId }) => positionId),
      ),
    );
    const called = name === undefined ? `Order of ${today()}` : `${name}, ${today()}`;
    saveOrder(id, { name: called, rule, lines: kept, notes: "", quotation: null });
    router.push(`/order/${id}`);
  };
  const empty = query.isPending ? "Fetching the list." : ORDER_SENTENCES.nothing;
  const problems = lineProblemWords(
    lines.map(({ callout, wanted }) => ({
      callout,
      positions: wanted.map(({ positionId }) => positionId),
    })),
    words,
  );
  const listed = lines.map((line, at) => ({
    ...line,
    places: line.wanted.map(({ place }) => place),
    problems: problems[at] ?? [],
  }));
  return (
    <View flex={1} render="main">
      <PageHead title={name === undefined ? "Order list" : `Order list: ${name}`} backTo="/jobs" />
      <ScrollView tabIndex={0}>
        <View padding={12} gap={12} width="100%" maxWidth={PAGE_WIDTH}>
          {positions.length === 0 ? (
            <Body role="status">{query.error?.message ?? empty}</Body>
          ) : (
            <>
              <RuleFields typed={typed} onChange={change} />
              <View role="list" aria-label="Lines" gap={8}>
                {lines.map((line, at) => (
                  <LineCard
                    key={`${line.kind} ${line.callout}`}
                    line={line}
                    cautions={dutyCautions(
                      line.wanted.map(({ positionId }) => positionId),
                      positions,
                    )}
                    problems={problems[at] ?? []}
                    rule={rule}
                    onArrived={() => arrived(line)}
                  />
                ))}
              </View>
              <WithoutSpec positions={positions.filter(({ spec }) => spec === null)} />
            </>
          )}
          {onKept === 0 ? null : <Small data-print="no">{onKeptWords(onKept)}</Small>}
          <KeptOrders />
        </View>
      </ScrollView>
      {lines.length === 0 ? null : (
        <PageActions>
          <ActionButton primary label="Keep this list" says={ORDER_SENTENCES.keep} onPress={keep} />
          <ListActions lines={listed} name="order-list" />
        </PageActions>
      )}
      <PutBackBar />
    </View>
  );
}
