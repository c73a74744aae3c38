import { besideOf, rankAt, type Placed } from "./position-tree";

/** No name is longer. */
const LONGEST_NAME = 120;

/** The name and the rank of a position that is made. */
export interface LikeIt {
  readonly name: string;
  readonly rank: number;
}

/**
 * So many more like a position: its name with the next numbers that none beside it has, and ranks that put them right
 * after it.
 * @param positions those of its machine, itself among them
 * @param count how many more
 */
export function moreLikeIt(
  position: Placed,
  positions: readonly Placed[],
  count: number,
): readonly LikeIt[] {
  const stem = position.name.replace(/ \d+$/, "");
  const beside = besideOf(position.parentId, positions);
  const taken = new Set(beside.map(({ name }) => name.toLowerCase()));
  const row = [...beside];
  let at = row.findIndex(({ id }) => id === position.id);
  const made: LikeIt[] = [];
  for (let number = 2; made.length < count; number += 1) {
    const end = ` ${number}`;
    const name = `${stem.slice(0, LONGEST_NAME - end.length).trimEnd()}${end}`;
    if (taken.has(name.toLowerCase())) continue;
    at += 1;
    const { rank: before = 0 } = row[at - 1] ?? {};
    // Equal ranks stand by their names, and the names count on.
    const isLevel = row[at]?.rank === before;
    const rank = isLevel ? before : rankAt(row, at);
    row.splice(at, 0, { ...position, name, rank });
    made.push({ name, rank });
  }
  return made;
}
