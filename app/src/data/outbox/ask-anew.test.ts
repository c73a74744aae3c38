import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { askAnew } from "./deliver-parcel";
import type { Parcel } from "./parcel";
import { QUERY_KEYS } from "./query-keys";

const ORDER = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const OTHER = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";

const arrived: Parcel = {
  kind: "order",
  id: ORDER,
  queuedAt: 1,
  saw: 0,
  place: 1,
  body: {
    name: "For the spring service",
    rule: { sparesPercent: 0, sparesAtLeast: 0, pack: 1 },
    lines: [],
    notes: "",
    quotation: null,
  },
};

it("asks for what the server never had before what waited is let go: its page is not empty in between", async () => {
  const client = new QueryClient();
  const asked: string[] = [];
  const follow = (id: string) =>
    new QueryObserver(client, {
      queryKey: QUERY_KEYS.order(id),
      queryFn: () => {
        asked.push(id);
        return Promise.resolve({ id });
      },
      enabled: false,
    }).subscribe(() => undefined);
  const stop = [follow(ORDER), follow(OTHER)];
  await askAnew(client, [arrived]);
  expect(client.getQueryData(QUERY_KEYS.order(ORDER))).toEqual({ id: ORDER });
  expect(asked).toEqual([ORDER]);
  stop.forEach((end) => end());
  client.clear();
});
