import type { Thread, ThreadSide } from "./thread";

/**
 * Makes sure that the limits of a tolerance class are held.
 * @throws RangeError naming the classes that are
 */
export function assertClassHeld(
  thread: Thread,
  side: ThreadSide,
  toleranceClass: string,
  held: readonly string[],
): void {
  if (held.includes(toleranceClass)) return;
  throw new RangeError(
    `${thread.designation} ${side}: class ${toleranceClass} is not held; held are ${held.join(", ")}`,
  );
}
