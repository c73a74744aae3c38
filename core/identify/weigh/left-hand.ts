import type { Thread } from "../../catalogue/threads";

const leftHanded = new WeakMap<Thread, Thread>();

/** The same thread cut left-hand, the same object each time. */
export function leftHand(thread: Thread): Thread {
  const known = leftHanded.get(thread);
  if (known !== undefined) return known;
  const left = { ...thread, hand: "left" } as const;
  leftHanded.set(thread, left);
  return left;
}
