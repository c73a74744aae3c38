import { isPipeThread, sizesOverCrests, taperLengths, type Thread } from "../threads";
import type { Mm } from "../../measure";

/** Something about the size of a thread that its name does not say. `words` makes the sentence. */
export type SizeNote =
  /** A pipe thread is named for a bore: what it measures over the crests. */
  | { readonly code: "name-is-bore"; readonly minMm: Mm; readonly maxMm: Mm }
  | {
      readonly code: "taper";
      readonly perMm: number;
      readonly gaugeMm: Mm;
      readonly gaugeToleranceMm: Mm;
      readonly usefulMm: Mm;
    }
  /** The sharper Dryseal form has the same diameters and pitch. */
  | { readonly code: "dryseal" }
  | { readonly code: "internal-only" }
  | { readonly code: "number-name"; readonly mm: Mm }
  | { readonly code: "unverified-sizes" };

/** The notes that belong to a thread, in the order they matter. */
export function sizeNotes(thread: Thread): readonly SizeNote[] {
  const notes: SizeNote[] = [];
  const crests = sizesOverCrests(thread);
  if ((isPipeThread(thread) || thread.family === "hose") && crests !== undefined) {
    notes.push({ code: "name-is-bore", minMm: crests.min, maxMm: crests.max });
  }
  const lengths = taperLengths(thread);
  if (lengths !== undefined && thread.taper !== undefined) {
    notes.push({ code: "taper", perMm: 1 / thread.taper, ...lengths });
  }
  if (thread.series === "NPT") notes.push({ code: "dryseal" });
  if (thread.only === "internal") notes.push({ code: "internal-only" });
  if (thread.designation.startsWith("#") || thread.family === "ba" || thread.series === "Pg") {
    notes.push({ code: "number-name", mm: thread.majorMm });
  }
  if (!thread.verified) notes.push({ code: "unverified-sizes" });
  return notes;
}
