import { lookedAt, specify, type HoleToFill, type LookedAt } from "./specify";

/** What is done otherwise than it was said, so that a stocked screw does. */
export type HoleChange = Partial<Pick<HoleToFill, "washer" | "tap" | "room">>;

/** A way to fill the hole that satisfies every check, and what has to be changed for it. */
export interface OtherWay {
  readonly change: HoleChange;
  readonly looked: LookedAt;
}

/** The changes tried, the least trouble first. */
function changesOf({ kind, washer, tap, room }: HoleToFill): readonly HoleChange[] {
  const washers: HoleChange[] = room === "flush" ? [] : [{ washer: !washer }];
  const taps: HoleChange[] = kind === "blind" && tap !== "bottoming" ? [{ tap: "bottoming" }] : [];
  const rooms: HoleChange[] = (["spanner", "key"] as const)
    .filter((other) => other !== room)
    .map((other) => ({ room: other }));
  const both = [...washers, ...rooms].flatMap((one) =>
    taps.map((other): HoleChange => ({ ...one, ...other })),
  );
  return [...washers, ...taps, ...rooms, ...both];
}

/** The nearest way to fill a hole where nothing that was asked for does; undefined where none of them does either. */
export function nearestThatWorks(hole: HoleToFill): OtherWay | undefined {
  for (const change of changesOf(hole)) {
    const changed = { ...hole, ...change };
    const found = specify(changed);
    const looked = found === undefined ? undefined : lookedAt(changed, found);
    if (looked?.works === true) return { change, looked };
  }
  return undefined;
}
