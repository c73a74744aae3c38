/** What stands between a place and the one within it, as people write it: "feed side / gripper bar / left". */
const BETWEEN = " / ";

/** Longer paths than any machine has are one name: nothing that was typed is lost for want of depth. */
const MOST_DEEP = 12;

/**
 * The names of a place that was written in one line, the outermost first.
 * A slash counts only between spaces, so that "1/2 joint" is one name.
 */
export function namesOfPath(text: string): readonly string[] {
  const names = text
    .split(/(?:^|\s)\/(?=\s|$)/)
    .map((name) => name.trim())
    .filter((name) => name !== "");
  if (names.length <= MOST_DEEP) return names;
  return [...names.slice(0, MOST_DEEP - 1), names.slice(MOST_DEEP - 1).join(BETWEEN)];
}

/** A place in one line, from its names, the outermost first. */
export function pathOfNames(names: readonly string[]): string {
  return names.join(BETWEEN);
}

/** Whether two names are of the same place, as people write them. */
export function isSameName(one: string, other: string): boolean {
  const plain = (name: string) => name.trim().replace(/\s+/g, " ").toLowerCase();
  return plain(one) === plain(other);
}
