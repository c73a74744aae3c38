import {
  formSizes,
  halfFlat,
  tangentRadius,
  threadForm,
  type BasicSizes,
  type Thread,
  type ThreadEnd,
  type ThreadSide,
} from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** A point of a profile in mm: `x` along the axis from the middle of a crest, `y` from the axis outward. */
export interface ProfilePoint {
  readonly x: Mm;
  readonly y: Mm;
}

/** A piece of a profile: a straight line, or an arc of a circle about `centre`. */
export type ProfilePiece =
  | { readonly kind: "line"; readonly from: ProfilePoint; readonly to: ProfilePoint }
  | {
      readonly kind: "arc";
      readonly from: ProfilePoint;
      readonly to: ProfilePoint;
      readonly centre: ProfilePoint;
      readonly radius: Mm;
      /** Which way the arc bulges, away from the axis or towards it. */
      readonly bulge: "out" | "in";
    };

/** Where a flank ends, and the piece that closes crest or root half a pitch wide. */
interface ProfileEnd {
  readonly flankEnd: ProfilePoint;
  readonly top: Mm;
  readonly radius: Mm;
}

function endOf(
  kind: ThreadEnd,
  pitchMm: Mm,
  halfAngleDeg: number,
  pitchRadius: Mm,
  top: Mm,
): ProfileEnd {
  const over = Math.abs(top - pitchRadius);
  if (kind === "flat") {
    return { flankEnd: { x: halfFlat(pitchMm, halfAngleDeg, over), y: top }, top, radius: 0 };
  }
  const radius = tangentRadius(pitchMm, halfAngleDeg, over);
  const angle = (halfAngleDeg * Math.PI) / 180;
  const inward = top > pitchRadius ? -1 : 1;
  const y = top + inward * radius * (1 - Math.sin(angle));
  return { flankEnd: { x: radius * Math.cos(angle), y }, top, radius };
}

function closing(end: ProfileEnd, middleX: Mm, bulge: "out" | "in"): ProfilePiece[] {
  const from = { x: middleX - end.flankEnd.x, y: end.flankEnd.y };
  const to = { x: middleX + end.flankEnd.x, y: end.flankEnd.y };
  if (end.flankEnd.x === 0) return [];
  if (end.radius === 0) return [{ kind: "line", from, to }];
  const centre = { x: middleX, y: end.top + (bulge === "out" ? -end.radius : end.radius) };
  return [{ kind: "arc", from, to, centre, radius: end.radius, bulge }];
}

/**
 * One pitch of the line where metal ends, in mm, from flank to flank: crest in the middle at x = 0, root at x = P/2.
 * A nut's crest is its inner edge, so for `internal` the crest (metal nearest the axis) stands at x = P/2 and the
 * groove at x = 0: screw and nut of one thread then lie in each other as they are drawn.
 * @param sizes the three diameters; default as the form is made, without tolerance
 */
export function threadProfile(
  thread: Thread,
  side: ThreadSide,
  sizes: BasicSizes = formSizes(thread, side),
): readonly ProfilePiece[] {
  const form = threadForm(thread, side);
  const { pitchMm } = thread;
  const pitchRadius = sizes.pitch / 2;
  // Outward is a screw's crest and a nut's root.
  const outer = endOf(
    side === "external" ? form.crest : form.root,
    pitchMm,
    form.halfAngleDeg,
    pitchRadius,
    sizes.major / 2,
  );
  const inner = endOf(
    side === "external" ? form.root : form.crest,
    pitchMm,
    form.halfAngleDeg,
    pitchRadius,
    sizes.minor / 2,
  );
  const rising: ProfilePiece = {
    kind: "line",
    from: { x: -pitchMm / 2 + inner.flankEnd.x, y: inner.flankEnd.y },
    to: { x: -outer.flankEnd.x, y: outer.flankEnd.y },
  };
  const falling: ProfilePiece = {
    kind: "line",
    from: { x: outer.flankEnd.x, y: outer.flankEnd.y },
    to: { x: pitchMm / 2 - inner.flankEnd.x, y: inner.flankEnd.y },
  };
  return [rising, ...closing(outer, 0, "out"), falling, ...closing(inner, pitchMm / 2, "in")];
}
