import { pathOfNames } from "./position-path";

/** A position as far as its place in the tree of a machine goes. */
export interface Placed {
  readonly id: string;
  /** Null for one that stands on the machine itself. */
  readonly parentId: string | null;
  readonly name: string;
  /** Its place among those that stand beside it; equal ones by name. */
  readonly rank: number;
}

/** A position with how deep it stands, and how many stand within it at any depth. */
export interface TreeRow<Position extends Placed> {
  readonly position: Position;
  readonly depth: number;
  readonly within: number;
}

type ByParent<Position> = ReadonlyMap<string | null, readonly Position[]>;

const inOrder = (one: Placed, other: Placed) =>
  one.rank - other.rank ||
  one.name.localeCompare(other.name, "en", { numeric: true }) ||
  (one.id < other.id ? -1 : 1);

/** Positions by what they stand within; one whose parent is not among them, or that stands within itself, stands outermost. */
function byParent<Position extends Placed>(positions: readonly Position[]): ByParent<Position> {
  const known = new Map(positions.map((position) => [position.id, position]));
  const groups = new Map<string | null, Position[]>();
  for (const position of positions) {
    const parent = isOutermost(position, known) ? null : position.parentId;
    const group = groups.get(parent) ?? [];
    group.push(position);
    groups.set(parent, group);
  }
  for (const group of groups.values()) group.sort(inOrder);
  return groups;
}

function isOutermost(position: Placed, known: ReadonlyMap<string, Placed>): boolean {
  const passed = new Set([position.id]);
  let at = position.parentId === null ? undefined : known.get(position.parentId);
  if (at === undefined) return true;
  for (; at !== undefined; at = at.parentId === null ? undefined : known.get(at.parentId)) {
    if (passed.has(at.id)) return true;
    passed.add(at.id);
  }
  return false;
}

/**
 * The positions of a machine as rows of a tree, each under what it stands within.
 * @param folded ids of positions whose inner ones are not shown
 */
export function treeRows<Position extends Placed>(
  positions: readonly Position[],
  folded: ReadonlySet<string> = new Set(),
): readonly TreeRow<Position>[] {
  const groups = byParent(positions);
  const within = new Map<string, number>();
  const count = (id: string): number => {
    const inner = groups.get(id) ?? [];
    const all = inner.reduce((sum, one) => sum + 1 + count(one.id), 0);
    within.set(id, all);
    return all;
  };
  for (const { id } of groups.get(null) ?? []) count(id);
  const rows: TreeRow<Position>[] = [];
  const add = (position: Position, depth: number) => {
    rows.push({ position, depth, within: within.get(position.id) ?? 0 });
    if (folded.has(position.id)) return;
    for (const inner of groups.get(position.id) ?? []) add(inner, depth + 1);
  };
  for (const position of groups.get(null) ?? []) add(position, 0);
  return rows;
}

/** The names from the outermost to the position itself. */
function namesTo(id: string, positions: ReadonlyMap<string, Placed>): readonly string[] {
  const names: string[] = [];
  const passed = new Set<string>();
  let at = positions.get(id);
  while (at !== undefined && !passed.has(at.id)) {
    passed.add(at.id);
    names.unshift(at.name);
    at = at.parentId === null ? undefined : positions.get(at.parentId);
  }
  return names;
}

/** A position's place on its machine in one line: "feed side / gripper bar / left". */
export function pathTo(id: string, positions: ReadonlyMap<string, Placed>): string {
  return pathOfNames(namesTo(id, positions));
}

/** Whether a position may stand within another: not within itself, nor within what stands within it. */
export function mayStandWithin(
  id: string,
  parentId: string | null,
  positions: ReadonlyMap<string, Placed>,
): boolean {
  const passed = new Set<string>();
  let at = parentId;
  while (at !== null && !passed.has(at)) {
    if (at === id) return false;
    passed.add(at);
    at = positions.get(at)?.parentId ?? null;
  }
  return true;
}

/**
 * The rank that puts a position where it is to stand among its neighbours: half-way between them, so that no other is
 * written anew.
 * @param beside those that stand there, in order, without the one that is moved
 * @param at its place among them, 0 for the first
 */
export function rankAt(beside: readonly Placed[], at: number): number {
  const before = beside[at - 1]?.rank;
  const after = beside[at]?.rank;
  if (before === undefined && after === undefined) return 0;
  if (before === undefined) return (after ?? 0) - 1;
  return after === undefined || after <= before ? before + 1 : (before + after) / 2;
}

/** Those that stand beside a position, in order. */
export function besideOf<Position extends Placed>(
  parentId: string | null,
  positions: readonly Position[],
): readonly Position[] {
  return byParent(positions).get(parentId) ?? [];
}
