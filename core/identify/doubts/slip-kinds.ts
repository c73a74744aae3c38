import { LEAVES, leafMark, leafPitchMm, type Reading, type Suspect } from "../weigh";
import { hexFlats } from "../../catalogue/looks";
import { basicSizes, type Thread } from "../../catalogue/threads";
import { MM_PER_INCH, type Mm } from "../../measure";
import { distanceFrom, showsFlats } from "./shown-sizes";

/** What went wrong with a reading, where it shows what it would have been. `words` makes the sentence. */
export type SlipKind =
  /** Two digits changed round, or one misread. */
  | { readonly code: "digits"; readonly mm: Mm }
  | { readonly code: "unit"; readonly mm: Mm }
  | { readonly code: "flats" }
  | { readonly code: "crests" }
  | { readonly code: "shank" }
  /** Jaws that were not zeroed shift every size of the sitting alike. */
  | { readonly code: "zero"; readonly byMm: Mm }
  | { readonly code: "next-leaf"; readonly leavesOff: number }
  | { readonly code: "fence-post" }
  | { readonly code: "one-pitch-more" };

/** A size shows a thread when it lies within its limits, or so little outside, mm. */
const NEAR_MM = 0.06;
/** Jaws are seldom out by more, mm. */
const MOST_ZERO_MM = 0.4;
/** A leaf farther off than this was not taken for its neighbour. */
const MOST_LEAVES_OFF = 3;

/** Figures that differ from one by two neighbouring digits changed round, or by one digit one off; hundredths of a mm. */
function withOtherDigits(mm: Mm): readonly Mm[] {
  const digits = [...mm.toFixed(2).replace(".", "")];
  const written = (changed: readonly string[]) => Number(changed.join("")) / 100;
  const swapped = digits
    .slice(1)
    .map((digit, at) =>
      written([...digits.slice(0, at), digit, digits[at] ?? "", ...digits.slice(at + 2)]),
    );
  const misread = digits.flatMap((digit, at) =>
    [1, 9].map((by) =>
      written([...digits.slice(0, at), String((Number(digit) + by) % 10), ...digits.slice(at + 1)]),
    ),
  );
  return [...swapped, ...misread].filter((other) => other !== mm);
}

function ofDiameter(mm: Mm, thread: Thread): SlipKind | undefined {
  const shows = (figure: Mm) => distanceFrom(figure, thread) <= NEAR_MM;
  if (Math.abs(mm - basicSizes(thread).pitch) <= NEAR_MM) return { code: "shank" };
  const flats = hexFlats(thread).some(({ acrossFlatsMm }) =>
    showsFlats(mm, acrossFlatsMm, NEAR_MM),
  );
  if (flats) return { code: "flats" };
  const inOther = [mm * MM_PER_INCH, mm / MM_PER_INCH].find(shows);
  if (inOther !== undefined) return { code: "unit", mm: inOther };
  const byMm = distanceFrom(mm, thread);
  const digits = withOtherDigits(mm).find(shows);
  // So small a shift is more often the zero of the jaws than a digit.
  if (digits !== undefined && byMm > MOST_ZERO_MM) return { code: "digits", mm: digits };
  if (byMm <= MOST_ZERO_MM) return { code: "zero", byMm };
  return undefined;
}

const PITCHES = LEAVES.map(leafPitchMm).sort((a, b) => a - b);

/** The place of the leaf that is nearest to a pitch, of both gauges laid side by side. */
function placeOf(pitchMm: Mm): number {
  return PITCHES.reduce(
    (best, pitch, at) =>
      Math.abs(pitch - pitchMm) < Math.abs((PITCHES[best] ?? Infinity) - pitchMm) ? at : best,
    0,
  );
}

/**
 * What went wrong with a suspect reading if the part is the thread that the others say: a kind of slip, with what it would
 * have been where that can be told; undefined where no usual slip accounts for it.
 */
export function slipKindOf(
  reading: Reading,
  { thread }: Pick<Suspect, "thread">,
): SlipKind | undefined {
  switch (reading.kind) {
    case "external-diameter":
      return ofDiameter(reading.mm, thread);
    case "across-flats":
      return distanceFrom(reading.mm, thread) <= NEAR_MM ? { code: "crests" } : undefined;
    case "leaf": {
      const off = Math.abs(placeOf(leafPitchMm(leafMark(reading))) - placeOf(thread.pitchMm));
      return reading.outcome === "drops-in" && off > 0 && off <= MOST_LEAVES_OFF
        ? { code: "next-leaf", leavesOff: off }
        : undefined;
    }
    case "count": {
      const expected = reading.spanMm / thread.pitchMm;
      return Math.abs(reading.threads - 1 - expected) <= 0.6 ? { code: "fence-post" } : undefined;
    }
    case "crest-to-crest": {
      const spanned = reading.mm / thread.pitchMm;
      return Math.abs(spanned - reading.pitches - 1) < 0.1 ? { code: "one-pitch-more" } : undefined;
    }
    default:
      return undefined;
  }
}
