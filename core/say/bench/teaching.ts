import type { ReadingKind } from "../../identify/weigh";
import { TEACHING_SIZES } from "../common";

/** One sentence on taking each reading well. */
export const TEACHING: Readonly<Record<ReadingKind, string>> = {
  ...TEACHING_SIZES,
  leaf: "White paper or a lamp behind the leaf; all its teeth in the thread, along the axis. Light at the ends means the wrong leaf.",
  count:
    "Set the rule’s zero on a crest and count the gaps, not the crests: over an inch, or 10 mm or more.",
  "crest-to-crest":
    "The points of the jaws on two crests, along the axis. Ten pitches make the pitch ten times surer than one.",
  "flank-angle":
    "An angle gauge or a leaf of either form against the light. Under 1.5 mm pitch 55° and 60° are hard to tell.",
  "crest-form":
    "A glass and a lamp from the side, on crests that nothing has rubbed: a line of light on each is flat, a glow is rounded.",
  "thread-depth":
    "The end of the beam over two crests, the blade down to the root; three places, and the deepest counts.",
  taper: "Lay a straight edge along the crests: light at one end means a taper.",
  "taper-measured":
    "Both diameters over the crests, as far apart as the thread allows, and the distance between the two places.",
  hand: "Hold it upright: threads that climb to the right are right-hand, to the left left-hand.",
  "head-mark":
    "Wipe it clean and tilt it to the light. Numbers and lines count; a maker’s sign says nothing.",
  "trial-fit":
    "Clean both, and by fingers only: a few turns prove little, the whole length proves it.",
  "across-flats":
    "Across two flats in the middle of their height, not at the corners; a rounded head reads small.",
  length: "From under the head to the tip; a countersunk screw over all, a stud from end to end.",
  "thread-length": "From this end to the last full thread.",
  "other-end": "Each end of a stud is read by itself: their threads often differ.",
  "head-style": "Look at the head from the side, then at what turns it.",
  finish: "Scratch it: zinc is bright and soft, bare steel is grey through and through.",
  magnet: "Touch it with a magnet: A2 and A4 stainless and brass hardly stick, every steel does.",
  origin: "Evidence, never proof: parts are replaced with what was in the drawer.",
  function: "A fitting or a plug is more often a pipe thread.",
};
