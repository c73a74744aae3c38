import type { KeptLine, Order, ToOrder } from "@root-gauge/contract";
import { amountsOf } from "@root-gauge/core/decide/order";
import { ORDER_SENTENCES, RECORD_SENTENCES, arrivedWords } from "@root-gauge/core/say/record";
import { lineProblemWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { ScrollView } from "react-native";
import { useDraft } from "../../data/drafts/drafts";
import { changeOrder, useOrder } from "../../data/record/order-queries";
import { useOwnWords } from "../../data/record/own-words";
import type { Kept } from "../../data/outbox/waiting";
import { Body, Small } from "../../kit/text";
import { changePosition } from "../../edit/change-position";
import { EditAside } from "../../edit/edit-aside";
import { EditOrder } from "./edit-order";
import { GoneNote } from "../../edit/gone-note";
import { PutBackBar } from "../../edit/put-back-bar";
import { useAsBegun, useEdit } from "../../edit/use-edit";
import { PdfButton } from "../../shared/pdf-button";
import { PAGE_WIDTH, PageActions, PageHead } from "../../shell/page";
import { AddLine } from "./add-line";
import { AskSupplier } from "./ask-supplier";
import { KeptLineCard } from "./kept-line";
import { ListActions } from "./list-actions";
import { RuleFields, ruleTyped } from "./rule-fields";

/** A line that was changed by hand says another part, or another number, than the supplier was asked. */
function withoutQuoteOf({ quotation }: Order, id: string) {
  return quotation === null
    ? null
    : { ...quotation, lines: quotation.lines.filter((line) => line.id !== id) };
}

interface LinesProps {
  readonly order: Order;
  readonly places: readonly ToOrder[];
  /** What is wrong with each line. */
  readonly problems: readonly (readonly string[])[];
}

function Lines({ order, places, problems }: LinesProps) {
  const replaced = (changed: KeptLine) =>
    order.lines.map((line) => (line.id === changed.id ? changed : line));
  const edited = useDraft("line.of");
  const isOfThis = order.lines.some(({ id }) => id === edited);
  const begun = useAsBegun(order, "line.saw", isOfThis);
  const change = (changed: KeptLine) =>
    changeOrder(begun, {
      lines: replaced(changed),
      quotation: withoutQuoteOf(order, changed.id),
    });
  const arrived = (line: KeptLine, is: boolean) => {
    changeOrder(order, { lines: replaced({ ...line, arrived: is }) });
    for (const place of places) {
      const wasSo = place.state === (is ? "to-order" : "on-hand");
      if (wasSo && line.positions.includes(place.id)) {
        changePosition(place, { state: is ? "on-hand" : "to-order" });
      }
    }
  };
  return (
    <View role="list" aria-label="Lines" gap={8}>
      {order.lines.map((line, at) => (
        <KeptLineCard
          key={line.id}
          line={line}
          rule={order.rule}
          places={places}
          problems={problems[at] ?? []}
          quoted={order.quotation && order.quotation.lines.find(({ id }) => id === line.id)}
          onChange={change}
          onRemove={() =>
            changeOrder(order, {
              lines: order.lines.filter(({ id }) => id !== line.id),
              quotation: withoutQuoteOf(order, line.id),
            })
          }
          onArrived={(is) => arrived(line, is)}
        />
      ))}
    </View>
  );
}

/** The rule as it stands in the fields: nothing where it adds nothing. */
const typedOf = ({ sparesPercent, sparesAtLeast, pack }: Order["rule"]) => ({
  sparesPercent: sparesPercent === 0 ? "" : String(sparesPercent),
  sparesAtLeast: sparesAtLeast === 0 ? "" : String(sparesAtLeast),
  pack: pack === 1 ? "" : String(pack),
});

function OrderBody({ order, places }: { order: Kept<Order>; places: readonly ToOrder[] }) {
  const router = useRouter();
  const { editing, leave } = useEdit(order.id);
  const { lines, rule, notes, removed, waiting, unreadable } = order;
  const where = new Map(places.map((place) => [place.id, `${place.machine}: ${place.path}`]));
  const problems = lineProblemWords(lines, useOwnWords());
  const listed = lines.map(({ callout, needed, onShelf, ordered, positions }, at) => ({
    ...amountsOf(needed, rule, onShelf, ordered),
    callout,
    needed,
    places: positions.flatMap((id) => where.get(id) ?? []),
    problems: problems[at] ?? [],
  }));
  const typed = typedOf(rule);
  return (
    <>
      <ScrollView tabIndex={0}>
        <View padding={12} gap={12} width="100%" maxWidth={PAGE_WIDTH}>
          {editing ? (
            <EditOrder
              order={order}
              onDone={leave}
              onRemoved={() => {
                leave();
                router.replace("/order");
              }}
            />
          ) : (
            <View gap={2}>
              {removed ? (
                <GoneNote
                  says={RECORD_SENTENCES.removed}
                  name={order.name}
                  onPutBack={() => changeOrder(order, { removed: false })}
                />
              ) : null}
              {waiting ? <Small>{RECORD_SENTENCES.notOnServer}</Small> : null}
              <Body color="$quiet">
                {arrivedWords(lines.filter(({ arrived }) => arrived).length, lines.length)}
              </Body>
              {notes === "" ? null : <Body>{notes}</Body>}
              {unreadable.map((text) => (
                <Small key={text} color="$clash">
                  {text}
                </Small>
              ))}
            </View>
          )}
          <AskSupplier order={order} />
          {lines.length === 0 ? <Body role="status">{ORDER_SENTENCES.noLines}</Body> : null}
          <Lines order={order} places={places} problems={problems} />
          <AddLine order={order} />
          <RuleFields
            typed={typed}
            onChange={(field, text) =>
              changeOrder(order, { rule: ruleTyped({ ...typed, [field]: text }) })
            }
          />
        </View>
      </ScrollView>
      <PageActions>
        <ListActions lines={listed} name="order">
          <PdfButton path={`/api/orders/${order.id}/paper.pdf`} name="order.pdf" />
        </ListActions>
      </PageActions>
    </>
  );
}

/** An order that is kept: its lines changed by hand, quoted, ticked off as they arrive. */
export function KeptOrderScreen({ id }: { id: string }) {
  const { order, places, query } = useOrder(id);
  const { editing, begin } = useEdit(id);
  return (
    <View flex={1} render="main">
      <PageHead
        title={order?.name ?? "Order"}
        backTo="/jobs"
        aside={
          <EditAside editable={order !== undefined && !editing} onEdit={begin} units={false} />
        }
      />
      {order === undefined ? (
        <Body role="status" padding={12}>
          {query.error?.message ?? "Fetching the order."}
        </Body>
      ) : (
        <OrderBody order={order} places={places} />
      )}
      <PutBackBar />
    </View>
  );
}
