import type { Thread, ThreadSide } from "./thread";

/**
 * The tolerance class asked for, when its limits are held.
 * @throws RangeError naming the classes that are
 */
export function heldClassOrThrow(
  thread: Thread,
  side: ThreadSide,
  toleranceClass: string,
  held: readonly string[],
): string {
  if (held.includes(toleranceClass)) return toleranceClass;
  throw new RangeError(
    `${thread.designation} ${side}: class ${toleranceClass} is not held; held are ${held.join(", ")}`,
  );
}
