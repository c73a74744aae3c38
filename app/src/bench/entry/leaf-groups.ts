import {
  LEAVES,
  isRuledOut,
  sameLeaf,
  withPoint,
  type Candidate,
  type LeafMark,
  type RankedLeaf,
} from "@root-gauge/core";

export interface LeafGroupOf {
  readonly name: string;
  readonly leaves: readonly LeafMark[];
}

const LIKELIEST = 5;

/** Leaves whose mark is what was typed, or starts with it; all when nothing was. The exact mark comes first. */
export function matchingLeaves(
  ranked: readonly RankedLeaf[],
  typed: string,
): readonly RankedLeaf[] {
  const wanted = withPoint(typed).replace(/^\./, "0.");
  if (wanted === "") return ranked;
  const markOf = ({ leaf }: RankedLeaf) => String("tpi" in leaf ? leaf.tpi : leaf.pitchMm);
  const figure = /^(\d*\.?\d*)\s*(mm|tpi)?$/i.exec(wanted);
  const unit = figure?.[2]?.toLowerCase();
  const found = ranked.filter((ranked) => {
    if (figure === null) return false;
    const rightUnit = unit === undefined || "tpi" in ranked.leaf === (unit === "tpi");
    return rightUnit && markOf(ranked).startsWith(figure[1] ?? "");
  });
  const exact = found.filter((leaf) => markOf(leaf) === figure?.[1]);
  return [...exact, ...found.filter((leaf) => !exact.includes(leaf))];
}

/** The likeliest on top, then the two gauges in their own order: whatever is typed, none leaves its place. */
export function groupLeaves(ranked: readonly RankedLeaf[]): LeafGroupOf[] {
  const leaves = ranked.map(({ leaf }) => leaf);
  const likeliest = leaves.slice(0, LIKELIEST);
  const rest = LEAVES.filter((leaf) => !likeliest.some((other) => sameLeaf(leaf, other)));
  return [
    { name: "Likeliest now", leaves: likeliest },
    { name: "Metric leaves", leaves: rest.filter((leaf) => "pitchMm" in leaf) },
    { name: "Inch leaves", leaves: rest.filter((leaf) => "tpi" in leaf) },
  ];
}

/** The leaf whose mark is what was typed, to the letter. */
export function exactLeaf(ranked: readonly RankedLeaf[], typed: string): LeafMark | undefined {
  if (typed.trim() === "") return undefined;
  const [first] = matchingLeaves(ranked, typed);
  const figure = parseFloat(withPoint(typed));
  if (first === undefined) return undefined;
  const mark = "tpi" in first.leaf ? first.leaf.tpi : first.leaf.pitchMm;
  return mark === figure ? first.leaf : undefined;
}

/** Pitches nearer than this look alike under a leaf, mm. */
const SAME_PITCH_MM = 0.002;

/** The likeliest candidate of each pitch: under a leaf the others of that pitch look the same. */
export function differentPitches(candidates: readonly Candidate[]): readonly Candidate[] {
  return candidates.reduce<readonly Candidate[]>((found, candidate) => {
    const { pitchMm } = candidate.thread;
    const known = found.some(({ thread }) => Math.abs(thread.pitchMm - pitchMm) < SAME_PITCH_MM);
    return known || isRuledOut(candidate.probability) ? found : [...found, candidate];
  }, []);
}
