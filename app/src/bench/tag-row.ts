/** A tag before it has its place: how wide it is and where it points. */
export interface UnplacedTag {
  readonly anchorX: number;
}

/** Where a row of tags stands, left edges in the order given, and the width of each. */
export interface TagRow {
  readonly lefts: readonly number[];
  readonly width: number;
}

const GAP = 8;
const MOST_WIDTH = 136;

/**
 * Places a row of tags as near over their anchors as they fit, none over another, in the order of their anchors, so
 * that no leader crosses another.
 */
export function tagRow(tags: readonly UnplacedTag[], from: number, to: number): TagRow {
  const width = Math.min(MOST_WIDTH, (to - from - GAP * (tags.length - 1)) / tags.length);
  const order = tags
    .map((_, i) => i)
    .sort((a, b) => (tags[a]?.anchorX ?? 0) - (tags[b]?.anchorX ?? 0));
  const lefts = new Array<number>(tags.length).fill(from);
  let least = from;
  order.forEach((tag, place) => {
    const wanted = (tags[tag]?.anchorX ?? from) - width / 2;
    const most = to - width - (order.length - 1 - place) * (width + GAP);
    const left = Math.min(Math.max(wanted, least), most);
    lefts[tag] = left;
    least = left + width + GAP;
  });
  return { lefts, width };
}
