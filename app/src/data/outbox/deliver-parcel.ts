import type {
  IdentificationRecord,
  Job,
  Machine,
  Order,
  Position,
  Remark,
  Repair,
  StoredWord,
} from "@root-gauge/contract";
import type { InfiniteData, QueryClient, QueryKey } from "@tanstack/react-query";
import { PICTURE_SENTENCES } from "@root-gauge/core/say/record";
import { ServerAway, ServerRefused, api } from "../server/api";
import { base64Of, dropPicture, keptPicture } from "../kept/kept-pictures";
import type { Parcel } from "./parcel";
import { keysOf, QUERY_KEYS } from "./query-keys";

type Answer =
  Machine | Position | IdentificationRecord | Remark | Repair | StoredWord | Job | Order;

/** Sends a remark, with its picture where it waits here. */
async function postRemark({
  id,
  body,
  saw,
  touched,
  picture,
}: Extract<Parcel, { kind: "remark" }>) {
  const kept = picture === null ? undefined : await keptPicture(id);
  if (picture !== null && saw === 0 && kept === undefined) {
    throw new ServerRefused("invalid-body", PICTURE_SENTENCES.lost);
  }
  const sent = kept === undefined ? body : { ...body, picture: await base64Of(kept) };
  return api.saveRemark(id, sent, saw, touched);
}

function post(parcel: Parcel): Promise<Answer> {
  if (parcel.kind === "remark") return postRemark(parcel);
  if (parcel.kind === "merge") {
    const { from, into, intoSaw } = parcel.body;
    return api.mergePosition(from, parcel.saw, { id: into, saw: intoSaw });
  }
  const { kind, id, body, saw, touched } = parcel;
  switch (kind) {
    case "machine":
      return api.saveMachine(id, body, saw, touched);
    case "position":
      return api.savePosition(id, body, saw, touched);
    case "identification":
      return api.saveIdentification(id, body, saw, touched);
    case "repair":
      return api.saveRepair(id, body, saw, touched);
    case "word":
      return api.saveWord(id, body, saw, touched);
    case "job":
      return api.saveJob(id, body, saw, touched);
    case "order":
      return api.saveOrder(id, body, saw, touched);
  }
}

type FindingPages = InfiniteData<{
  readonly identifications: readonly IdentificationRecord[];
  readonly next: string | null;
}>;

/** A list's pages without a part that was taken out, or moved. */
function withoutPart(pages: FindingPages, id: string): FindingPages {
  return {
    ...pages,
    pages: pages.pages.map((page) => ({
      ...page,
      identifications: page.identifications.filter((one) => one.id !== id),
    })),
  };
}

/** A list's pages with a part in its place: where it stood, else at the top. */
function withPart(pages: FindingPages, record: IdentificationRecord): FindingPages {
  const stands = pages.pages.some(({ identifications }) =>
    identifications.some(({ id }) => id === record.id),
  );
  return {
    ...pages,
    pages: pages.pages.map((page, at) => {
      const replaced = page.identifications.map((one) => (one.id === record.id ? record : one));
      const added = !stands && at === 0 ? [record, ...replaced] : replaced;
      return { ...page, identifications: added };
    }),
  };
}

/** Shows a part as the server has it, wherever it is shown. */
function showPart(client: QueryClient, record: IdentificationRecord): void {
  client.setQueryData(QUERY_KEYS.identification(record.id), record);
  for (const [key, pages] of client.getQueriesData<FindingPages>({ queryKey: ["findings"] })) {
    if (pages === undefined) continue;
    const [, place, which] = key;
    const isThere =
      (place === record.machineId && (which === "all" || record.positionId === null)) ||
      place === record.positionId;
    const stands = !record.removed && isThere;
    client.setQueryData(key, stands ? withPart(pages, record) : withoutPart(pages, record.id));
  }
}

/** Has an answer shown wherever it is asked for by itself; lists are asked for anew. */
function show(client: QueryClient, answer: Answer): void {
  if ("readings" in answer) showPart(client, answer);
  if ("states" in answer && "year" in answer) {
    client.setQueryData(QUERY_KEYS.machine(answer.id), answer);
    client.setQueryData(QUERY_KEYS.machineName(answer.id), answer.name);
  }
  if ("path" in answer) client.setQueryData(QUERY_KEYS.position(answer.id), answer);
  if ("record" in answer) client.setQueryData(QUERY_KEYS.repair(answer.id), answer);
  if ("picture" in answer) void dropPicture(answer.id);
}

/**
 * Asks for what a screen shows and has not asked for: what the server never had is shown from what waits, and would be gone
 * from the screen, with what was begun on it, between the one and the other.
 */
const askFirst = (client: QueryClient, queryKey: QueryKey) =>
  client
    .getQueryCache()
    .findAll({ queryKey })
    .filter((query) => query.isDisabled() && query.getObserversCount() > 0)
    .filter((query) => query.state.data === undefined)
    .map((query) => query.fetch().catch(() => undefined));

/** Asks anew for all that parcels have changed, each answer once. */
export async function askAnew(client: QueryClient, parcels: readonly Parcel[]): Promise<void> {
  const keys = [...new Map(parcels.flatMap(keysOf).map((key) => [key.join(), key])).values()];
  const ids = new Set(parcels.map(({ id }): string | undefined => id));
  await Promise.all(
    keys.flatMap((queryKey) => [
      client.invalidateQueries({ queryKey }),
      ...(ids.has(queryKey.at(-1)) ? askFirst(client, queryKey) : []),
    ]),
  );
}

/**
 * Sends one parcel, and has the answer shown.
 * @returns the version that the record then has
 */
export async function deliverParcel(client: QueryClient, parcel: Parcel): Promise<number> {
  try {
    const answer = await post(parcel);
    show(client, answer);
    return answer.version;
  } catch (error) {
    // Refused: what is shown may be older than what it was refused for.
    if (!(error instanceof ServerAway)) void askAnew(client, [parcel]);
    throw error;
  }
}
