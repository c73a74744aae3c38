import { toleranceClasses, type Thread, type ThreadSide } from "../../catalogue/threads";

/** How closely a thread is made, in the words of ISO 965-1. */
export const QUALITIES = ["fine", "medium", "coarse"] as const;

export type Quality = (typeof QUALITIES)[number];

const CLOSER: ReadonlySet<string> = new Set(["4h", "5H", "3A", "3B", "close", "4G"]);
const WIDER: ReadonlySet<string> = new Set(["8g", "7H", "1A", "1B", "free", "B", "8e", "8H"]);

/**
 * The tolerance class of a thread that answers to a quality: 4h/5H, 6g/6H, 8g/7H metric; 3, 2, 1 unified; close,
 * medium, free Whitworth; and so on. Where its standard has no such class, the usual one.
 * @returns undefined for a side the standard does not have
 */
export function classOfQuality(
  thread: Thread,
  side: ThreadSide,
  quality: Quality,
): string | undefined {
  const held = toleranceClasses(thread, side);
  const [usual] = held;
  if (quality === "medium") return usual;
  return held.find((name) => (quality === "fine" ? CLOSER : WIDER).has(name)) ?? usual;
}
