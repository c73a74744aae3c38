import { isPipeThread, type Thread } from "../../catalogue/threads";
import { pipeSeal, type PipeSeal } from "./pipe-seal";
import { isOneThread } from "./same-thread";
import { willItGo, type Mating, type MatingOptions } from "./will-it-go";

/** A screw and a nut as the product judges them, wherever the two are shown together. */
export interface JudgedPair extends Mating {
  readonly male: Thread;
  readonly female: Thread;
  /**
   * Whether the two belong together: one thread (also by another name) that goes, or a taper joint of one standard. Two
   * different threads never do, however freely they turn.
   */
  readonly sound: boolean;
  /** Where the two seal, of a pair of pipe threads. */
  readonly seal?: PipeSeal;
}

/** Judges a screw and a nut or hole by their geometry, and by whether they were made for each other. */
export function judgePair(male: Thread, female: Thread, options: MatingOptions = {}): JudgedPair {
  const mating = willItGo(male, female, options);
  const own = mating.cause === "taper-joint" || isOneThread(male, female);
  const seal = isPipeThread(male) && isPipeThread(female) ? { seal: pipeSeal(male, female) } : {};
  return { ...mating, male, female, sound: own && mating.outcome === "mates", ...seal };
}
