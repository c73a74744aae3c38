import type { Position, PositionInput, PositionRow } from "@root-gauge/contract";
import { api } from "../data/server/api";
import { changedFrom } from "../data/outbox/changed-fields";
import { inputOfPosition } from "../data/record/inputs";
import { queryClient } from "../data/server/query-client";
import { QUERY_KEYS } from "../data/outbox/query-keys";
import { outbox, savePosition } from "../data/outbox/saving";
import type { Kept } from "../data/outbox/waiting";

/** A position as a page shows it. */
export type ShownPosition = Kept<Position>;

/** Changes some of a position, and says which: what another device changed of the rest stays. */
export function changePosition(position: Position, change: Partial<PositionInput>): void {
  const { body, touched } = changedFrom(position, inputOfPosition(position), change);
  if (touched.length > 0) savePosition(position.id, body, position.version, touched);
}

/**
 * The same of a position as a tree has it: the rest of it is what waits here, what is kept here, or what the server has.
 * @throws Error where it is neither here nor can be fetched
 */
export async function changeRow(
  { id, version }: PositionRow,
  change: Partial<PositionInput>,
): Promise<void> {
  const touched = Object.keys(change) as (keyof PositionInput)[];
  const waiting = outbox.get().shown.find((parcel) => parcel.id === id);
  if (waiting?.kind === "position") {
    const fields = waiting.saw === 0 ? undefined : touched;
    return savePosition(id, { ...waiting.body, ...change }, waiting.saw, fields);
  }
  const position = await queryClient.ensureQueryData({
    queryKey: QUERY_KEYS.position(id),
    queryFn: () => api.position(id),
  });
  return savePosition(id, { ...inputOfPosition(position), ...change }, version, touched);
}
