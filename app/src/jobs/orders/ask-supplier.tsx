import type { Order, Quotation } from "@root-gauge/contract";
import { amountsOf } from "@root-gauge/core/decide/order";
import { ORDER_SENTENCES, quotationWords } from "@root-gauge/core/say/record";
import { useMutation } from "@tanstack/react-query";
import { View } from "@tamagui/core";
import { useEffect, useRef } from "react";
import { api } from "../../data/server/api";
import { changeOrder } from "../../data/record/order-queries";
import { ActionButton } from "../../kit/action-button";
import { Body, Small } from "../../kit/text";
import { shortTime } from "../../kit/short-time";

/** The server asks three times, with pauses: longer is waited than for anything else, ms. */
const PATIENCE_MS = 20_000;

/** What of an order is asked for: what has not arrived and is to be bought. */
function askedOf({ lines, rule }: Order) {
  return lines.flatMap(({ id, callout, needed, onShelf, ordered, arrived }) => {
    const quantity = amountsOf(needed, rule, onShelf, ordered).ordered;
    return arrived || quantity === 0 ? [] : [{ id, callout, quantity }];
  });
}

type Asked = ReturnType<typeof askedOf>;

/** A quotation without the lines that were changed while it was waited for. */
function stillOf(quotation: Quotation, asked: Asked, now: Asked): Quotation {
  const isAs = (id: string) => {
    const [then, since] = [asked, now].map((lines) => lines.find((line) => line.id === id));
    return then?.callout === since?.callout && then?.quantity === since?.quantity;
  };
  return { ...quotation, lines: quotation.lines.filter(({ id }) => isAs(id)) };
}

/** Asks the supplier of all lines: what is waited for is said, can be given up, and is asked for again where it fails. */
export function AskSupplier({ order }: { order: Order }) {
  const giveUp = useRef<AbortController>(null);
  const { mutate, isPending, error, reset } = useMutation({
    mutationFn: async () => {
      const control = new AbortController();
      giveUp.current = control;
      const late = setTimeout(() => control.abort(), PATIENCE_MS);
      try {
        const asked = askedOf(order);
        const quotation = await api.askSupplier({ lines: asked }, control.signal);
        return { asked, quotation };
      } finally {
        clearTimeout(late);
      }
    },
    networkMode: "always",
    onSuccess: ({ asked, quotation }) =>
      changeOrder(order, (now) => ({ quotation: stillOf(quotation, asked, askedOf(now)) })),
  });
  useEffect(() => () => giveUp.current?.abort(), []);
  const { quotation } = order;
  const nothing = askedOf(order).length === 0;
  return (
    <View gap={8} data-print="no">
      {quotation === null ? (
        <Small>{ORDER_SENTENCES.quoteHint}</Small>
      ) : (
        <View gap={2} role="region" aria-label="Quotation">
          <Body>{quotationWords(quotation.lines)}</Body>
          <Small>
            {`${quotation.reference} · ${shortTime(quotation.at)} · ${ORDER_SENTENCES.pricesWhere}`}
          </Small>
        </View>
      )}
      {isPending ? (
        <>
          <Body role="status">{ORDER_SENTENCES.asking}</Body>
          <ActionButton
            label="Ask no more"
            onPress={() => {
              giveUp.current?.abort();
              reset();
            }}
          />
        </>
      ) : (
        <>
          {error === null ? null : (
            <Body role="alert" color="$clash">
              {error.message}
            </Body>
          )}
          <ActionButton
            label={quotation === null && error === null ? "Ask the supplier" : "Ask again"}
            says={
              quotation === null && error === null
                ? "Ask the supplier what these lines cost"
                : "Ask again what these lines cost"
            }
            disabled={nothing}
            onPress={() => mutate()}
          />
        </>
      )}
    </View>
  );
}
