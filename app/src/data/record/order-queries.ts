import type { Order, OrderInput, OrderRow, WholeOrder } from "@root-gauge/contract";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api } from "../server/api";
import { changedFrom, newest, type ChangeOf } from "../outbox/changed-fields";
import { inputOfOrder } from "./inputs";
import { moreOf, paged } from "../server/paged";
import { queryClient } from "../server/query-client";
import { QUERY_KEYS } from "../outbox/query-keys";
import { orderToBe } from "../outbox/record-to-be";
import { outbox, saveOrder, useOutbox } from "../outbox/saving";
import { inLists, merged, useWaiting, type Kept } from "../outbox/waiting";

function useWaitingOrders(): readonly Kept<Order>[] {
  const { shown: parcels } = useOutbox();
  return useMemo(
    () =>
      parcels.flatMap((parcel) =>
        parcel.kind === "order" ? [{ ...orderToBe(parcel), waiting: true }] : [],
      ),
    [parcels],
  );
}

/** The orders that are kept, those that wait to be saved first. */
export function useOrders() {
  const waiting = useWaitingOrders();
  const query = useInfiniteQuery(paged(QUERY_KEYS.orders, api.orders));
  const { data } = query;
  const orders = useMemo(
    () =>
      merged<OrderRow>(waiting, data?.pages.flatMap((page) => page.orders) ?? []).filter(inLists),
    [waiting, data],
  );
  return { query, orders, more: moreOf(query) };
}

/** An order, and the positions that its lines are for as they will be. */
export function useOrder(id: string) {
  const waiting = useWaitingOrders().find((one) => one.id === id);
  const { positions: changed, unsaved } = useWaiting();
  const query = useQuery({
    queryKey: QUERY_KEYS.order(id),
    queryFn: () => api.order(id),
    // What the server has never had it is not asked for.
    enabled: !unsaved.has(id),
  });
  const { data } = query;
  const order: Kept<Order> | undefined = waiting ?? (data && { ...data, waiting: false });
  const places = useMemo(() => {
    const inHand = new Map(changed.map((position) => [position.id, position]));
    return (data?.places ?? []).map((place) => ({ ...place, ...inHand.get(place.id) }));
  }, [data, changed]);
  return { query, order, places };
}

/** An order as it stands here now, whenever it was that it was shown. */
function asItStands(order: Order): Order {
  const waiting = outbox.get().shown.find(({ id }) => id === order.id);
  if (waiting?.kind === "order") return orderToBe(waiting);
  return newest(order, queryClient.getQueryData<WholeOrder>(QUERY_KEYS.order(order.id)));
}

/**
 * Changes some of an order, and says which: what another device changed of the rest stays.
 * @param order as it is on the screen: what came since was not seen
 */
export function changeOrder(order: Order, change: ChangeOf<Order, OrderInput>): void {
  const now = asItStands(order);
  const { body, touched } = changedFrom(now, inputOfOrder(now), change);
  if (touched.length > 0) saveOrder(now.id, body, order.version, touched);
}
