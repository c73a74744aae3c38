import { tangentRadius, threadForm, type Thread, type ThreadSide } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** A thread at definite sizes: diameters in mm, pitch, and the form's half flank angle. */
export interface SizedThread {
  readonly thread: Thread;
  readonly side: ThreadSide;
  readonly major: Mm;
  readonly pitch: Mm;
  readonly minor: Mm;
}

const tangents = new Map<number, number>();

/** Few angles are ever asked for, each often. */
function tangent(degrees: number): number {
  const known = tangents.get(degrees);
  if (known !== undefined) return known;
  const value = Math.tan((degrees * Math.PI) / 180);
  tangents.set(degrees, value);
  return value;
}

interface FlankRadii {
  readonly inner: Mm;
  readonly outer: Mm;
}

// A sized part is met with many mates, and its own flanks stay what they are.
const straightFlanks = new WeakMap<SizedThread, FlankRadii>();

/** Radii between which the flanks are straight: rounded crests and roots take off the ends. */
function straightFlank(sized: SizedThread): FlankRadii {
  const known = straightFlanks.get(sized);
  if (known !== undefined) return known;
  const radii = straightFlankOf(sized);
  straightFlanks.set(sized, radii);
  return radii;
}

function straightFlankOf(sized: SizedThread): FlankRadii {
  const form = threadForm(sized.thread, sized.side);
  const { pitchMm } = sized.thread;
  const takenOff = (diameter: Mm) => {
    const over = Math.abs(diameter - sized.pitch) / 2;
    const radius = tangentRadius(pitchMm, form.halfAngleDeg, over);
    return radius * (1 - Math.sin((form.halfAngleDeg * Math.PI) / 180));
  };
  const [outerEnd, innerEnd] =
    sized.side === "external" ? [form.crest, form.root] : [form.root, form.crest];
  return {
    outer: sized.major / 2 - (outerEnd === "rounded" ? takenOff(sized.major) : 0),
    inner: sized.minor / 2 + (innerEnd === "rounded" ? takenOff(sized.minor) : 0),
  };
}

/** Half the axial width of the ridge (external) or of the groove (internal) at a radius, mm. */
function halfWidthAt(sized: SizedThread, radius: Mm): Mm {
  const { thread, pitch } = sized;
  return thread.pitchMm / 4 + (pitch / 2 - radius) * tangent(thread.flankAngleDeg / 2);
}

/**
 * Axial play of a screw's ridge in a nut's groove, mm: twice the least gap between their flanks over the radii where
 * both are straight and both are there. For equal angles and pitches it is (D2 - d2) tan(half angle). Negative when
 * the ridge is too wide. Where they nowhere stand beside each other, the whole groove is play.
 */
export function axialPlay(male: SizedThread, female: SizedThread): Mm {
  const ofMale = straightFlank(male);
  const ofFemale = straightFlank(female);
  const outer = Math.min(ofMale.outer, ofFemale.outer);
  const inner = Math.max(ofMale.inner, ofFemale.inner);
  if (outer <= inner) return female.thread.pitchMm;
  const gapAt = (radius: Mm) => halfWidthAt(female, radius) - halfWidthAt(male, radius);
  // The gap changes evenly with the radius, so its least value is at an end.
  return 2 * Math.min(gapAt(outer), gapAt(inner));
}

/** Radial height over which crests of screw and nut overlap, as a share of the nut's own thread height. */
export function overlapShare(male: SizedThread, female: SizedThread): number {
  const height = (female.major - female.minor) / 2;
  const overlap = (Math.min(male.major, female.major) - female.minor) / 2;
  return height <= 0 ? 0 : Math.max(0, Math.min(1, overlap / height));
}

/**
 * Shear area of a part's own threads per mm of engagement, mm2: where the mate's crests cut them off. A screw's are
 * cut at the nut's minor diameter, a nut's at the screw's major (FED-STD-H28/2B). Zero where the two do not overlap.
 */
export function shearArea(part: SizedThread, mate: SizedThread): number {
  const cutAt = part.side === "external" ? mate.minor : mate.major;
  const radius = cutAt / 2;
  const { pitchMm } = part.thread;
  const overlapping = part.side === "external" ? part.major > mate.minor : mate.major > part.minor;
  if (!overlapping) return 0;
  // What is not groove is ridge: a nut's ridge is the pitch less the groove at that radius.
  const ridge =
    part.side === "external"
      ? 2 * halfWidthAt(part, Math.max(radius, part.minor / 2))
      : pitchMm - 2 * halfWidthAt(part, Math.min(radius, part.major / 2));
  return (Math.PI * cutAt * Math.max(0, ridge)) / pitchMm;
}
