import type { RemovedRow } from "@root-gauge/contract";
import { REMOVED_SENTENCES } from "@root-gauge/core/say/record";
import { useInfiniteQuery, useQueryClient } from "@tanstack/react-query";
import { View } from "@tamagui/core";
import { useState } from "react";
import { ScrollView } from "react-native";
import { api } from "../data/server/api";
import { newParcelSchema } from "../data/outbox/parcel";
import { moreOf, paged } from "../data/server/paged";
import { QUERY_KEYS } from "../data/outbox/query-keys";
import { send } from "../data/outbox/saving";
import { ActionButton } from "../kit/action-button";
import { ActionRow } from "../kit/action-row";
import { Body, Small } from "../kit/text";
import { storedOf } from "./stored-record";
import { shortTime } from "../kit/short-time";
import { PAGE_WIDTH, PageHead } from "../shell/page";

const KIND_WORDS: Readonly<Record<RemovedRow["kind"], string>> = {
  machine: "Machine",
  position: "Position",
  identification: "Finding",
  repair: "Repair",
  remark: "Note",
  job: "Job",
  order: "Order",
  word: "Word",
};

/** Sends a record again as the server has it, in its lists. */
async function putBack({ kind, id }: RemovedRow): Promise<void> {
  const { fields, version } = await storedOf(kind, id);
  const body = { ...fields, removed: false };
  const parcel = { kind, id, body, saw: version, touched: ["removed"], queuedAt: Date.now() };
  // A note's picture is with the server already.
  const whole = kind === "remark" ? { ...parcel, picture: null } : parcel;
  await send(newParcelSchema.parse(whole));
}

/** What was taken out of the lists, the last first, each with the way back. */
export function RemovedScreen() {
  const client = useQueryClient();
  const [problem, setProblem] = useState<string>();
  const [back, setBack] = useState<ReadonlySet<string>>(new Set());
  const query = useInfiniteQuery(paged(QUERY_KEYS.removed, api.removed));
  const rows = (query.data?.pages.flatMap(({ removed }) => removed) ?? []).filter(
    ({ id }) => !back.has(id),
  );
  const bring = async (row: RemovedRow) => {
    try {
      await putBack(row);
      setProblem(undefined);
      setBack(new Set([...back, row.id]));
      await client.invalidateQueries({ queryKey: QUERY_KEYS.removed });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const empty = query.isPending ? "Fetching the list." : REMOVED_SENTENCES.none;
  return (
    <View flex={1} render="main">
      <PageHead title="Taken out of the lists" backTo="/jobs" />
      <ScrollView tabIndex={0}>
        <View padding={12} gap={8} width="100%" maxWidth={PAGE_WIDTH}>
          <Small>{REMOVED_SENTENCES.kept}</Small>
          {problem === undefined ? null : (
            <Body role="alert" color="$clash">
              {problem}
            </Body>
          )}
          {rows.length === 0 ? <Body role="status">{query.error?.message ?? empty}</Body> : null}
          <View role="list" aria-label="Taken out of the lists">
            {rows.map((row) => (
              <ActionRow
                key={row.id}
                title={row.name}
                subtitle={[KIND_WORDS[row.kind], row.machine, shortTime(row.at)]
                  .filter(Boolean)
                  .join(" · ")}
                label="Put back"
                says={`Put back ${row.name}`}
                onPress={() => void bring(row)}
              />
            ))}
          </View>
          {query.hasNextPage ? <ActionButton label="Older ones" onPress={moreOf(query)} /> : null}
        </View>
      </ScrollView>
    </View>
  );
}
