import type { Thread } from "../../catalogue/threads";
import { seriesName } from "./met-on-machine";

/** What a part is off. */
export const TRADES = ["machine", "vehicle", "instrument", "pipework"] as const;

export type Trade = (typeof TRADES)[number];

/** Of every hundred parts on benches, in the order of the trades. An estimate. */
const SHARES = [60, 20, 8, 12];

/**
 * How much oftener than on machines a series, or one thread of it, is met off vehicles, instruments and pipework; estimates,
 * and what they rest on:
 * - vehicles are built fine, for vibration and thin walls: UNF and BSF before UNC and BSW, fine metric, M10 x 1.25 and M12 x
 *   1.25 before all;
 * - instruments and electrics are built small, in Britain in BA;
 * - pipework is joined by pipe threads, and hydraulics by those, by fine metric and by UNF with a ring (ISO 6149, ISO 11926);
 *   its flanges are bolted coarse.
 */
const OFTENER: ReadonlyMap<string, readonly number[]> = new Map(
  [
    "metric coarse: .9 1 .25",
    "metric fine: 2.5 1 2",
    "iso-m10x1.25: 5 1 2",
    "iso-m12x1.25: 5 1 2",
    "UNC: .7 .8 .3",
    "UNF: 4 1 2.5",
    "BSW: .4 .4 .25",
    "BSF: 3 .6 .15",
    "BA: 1 5 .1",
    "cycle: 8 1 .2",
    "G: .5 .5 8",
    "R: .4 .4 8",
    "Rp: .2 .2 8",
    "NPT: .7 .5 8",
    "Tr: .3 .2 .5",
    "Acme: .3 .2 .5",
    "Pg: .2 1 .3",
  ].map((row) => {
    const [name = "", figures = ""] = row.split(": ");
    return [name, [1, ...figures.split(" ").map(Number)]];
  }),
);

type Named = Pick<Thread, "id" | "family" | "series">;

/** The row a thread is in: its own, or its series'. */
export const tradeRow = (thread: Named): string =>
  OFTENER.has(thread.id) ? thread.id : seriesName(thread);

/** How much oftener than on machines a part of this thread is met there. */
export function oftenerIn(thread: Named, trade: Trade): number {
  const row = OFTENER.get(tradeRow(thread));
  return row?.[TRADES.indexOf(trade)] ?? 1;
}

/**
 * Probability that a part is off this; of all trades together they make 1.
 * @param thread undefined for one that is not held
 */
export function tradeChance(thread: Named | undefined, trade: Trade): number {
  const weights = SHARES.map(
    (share, at) => share * (thread === undefined ? 1 : oftenerIn(thread, TRADES[at] ?? trade)),
  );
  return (weights[TRADES.indexOf(trade)] ?? 0) / weights.reduce((sum, weight) => sum + weight, 0);
}
