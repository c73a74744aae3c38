import { type Mark, type Place } from "../marks";
import { endViewMarks } from "../parts";

/** Where a line may stand on a head, as on the face of a clock; six at the most (SAE J429). */
export const LINE_PLACES = [12, 2, 4, 6, 8, 10] as const;

export type LinePlace = (typeof LINE_PLACES)[number];

export interface HeadToMark {
  readonly centre: Place;
  /** From the centre to a corner of the hexagon. */
  readonly radius: number;
}

/** A place on the head from its centre, at an hour and a share of the radius. */
export function placeOnHead({ centre, radius }: HeadToMark, hour: number, share: number): Place {
  const angle = ((hour - 3) * Math.PI) / 6;
  return {
    x: centre.x + share * radius * Math.cos(angle),
    y: centre.y + share * radius * Math.sin(angle),
  };
}

/** A hexagon head on which lines are touched in: those seen are heavy, where others may stand is dashed. */
export function headLinesMarks(head: HeadToMark, seen: readonly LinePlace[]): Mark[] {
  const line = (hour: LinePlace): Mark => ({
    kind: "segments",
    segments: [{ from: placeOnHead(head, hour, 0.36), to: placeOnHead(head, hour, 0.72) }],
    stroke: seen.includes(hour) ? { weight: "heavy" } : { weight: "dimension", dashed: true },
  });
  return [...endViewMarks({ ...head, known: true }), ...LINE_PLACES.map(line)];
}

/** Where lines that were counted stand: three as a third of a turn apart, others one after the other. */
export function placesOfLines(count: number): readonly LinePlace[] {
  return count === 3 ? [12, 4, 8] : LINE_PLACES.slice(0, count);
}
