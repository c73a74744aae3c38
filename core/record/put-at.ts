import { besideOf, mayStandWithin, rankAt, type Placed } from "./position-tree";

/** Where a position is to stand: what of it is changed. */
export interface Put {
  readonly id: string;
  readonly parentId: string | null;
  readonly rank: number;
}

const isRising = (beside: readonly Placed[]) =>
  beside.every(({ rank }, at) => at === 0 || rank > (beside[at - 1]?.rank ?? rank));

/**
 * Puts a position where another one stands, within the same: before it where it comes from below, after it where it comes
 * from above.
 * @param shown ids as they stand in the list that it was moved in
 * @returns what is changed, of others too where their ranks leave no room between them; undefined where it may not stand there
 */
export function putAt<Position extends Placed>(
  id: string,
  overId: string,
  positions: readonly Position[],
  shown: readonly string[],
): readonly Put[] | undefined {
  const known = new Map(positions.map((position) => [position.id, position]));
  const over = known.get(overId);
  if (over === undefined || id === overId || !known.has(id)) return undefined;
  const { parentId } = over;
  if (!mayStandWithin(id, parentId, known)) return undefined;
  const others = besideOf(parentId, positions).filter((position) => position.id !== id);
  const fromAbove = shown.indexOf(id) < shown.indexOf(overId);
  const at = others.findIndex((position) => position.id === overId) + (fromAbove ? 1 : 0);
  if (isRising(others)) return [{ id, parentId, rank: rankAt(others, at) }];
  const ids = others.map((position) => position.id);
  ids.splice(at, 0, id);
  return ids
    .map((one, rank) => ({ id: one, parentId, rank }))
    .filter((put) => put.id === id || known.get(put.id)?.rank !== put.rank);
}
