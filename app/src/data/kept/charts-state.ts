import { THREAD_FAMILIES, THREAD_SIDES } from "@root-gauge/core/lists";
import { QUALITIES } from "@root-gauge/core/identify/search";
import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";

/** The most rows that stand side by side. */
const MOST_PINNED = 2;

const chartsStateSchema = z.object({
  query: z.string(),
  family: z.optional(z.enum(THREAD_FAMILIES)),
  series: z.optional(z.string()),
  flankAngleDeg: z.optional(z.number()),
  side: z.enum(THREAD_SIDES),
  quality: z.enum(QUALITIES),
  /** Thread ids, the first pinned first. */
  pinned: z.array(z.string()).check(z.maxLength(MOST_PINNED)),
  drillSize: z.string(),
  drillThread: z.string(),
  convertText: z.string(),
  convertPitch: z.string(),
});

export type ChartsState = z.infer<typeof chartsStateSchema>;

const useChartsStore = createKeptStore<ChartsState>({
  key: "rg.charts",
  schema: chartsStateSchema,
  initial: () => ({
    query: "",
    side: "external",
    quality: "medium",
    pinned: [],
    drillSize: "",
    drillThread: "M10",
    convertText: "",
    convertPitch: "",
  }),
});

/** What is typed, chosen and pinned in the Charts room, kept on this device. */
export function useChartsState(): ChartsState {
  return useChartsStore();
}

/** The same at this moment, for what is done once. */
export function chartsNow(): ChartsState {
  return useChartsStore.getState();
}

export function changeCharts(change: Partial<ChartsState>): void {
  useChartsStore.setState(change);
}

/** Pins a thread, or takes its pin out; a third pin takes the place of the first. */
export function pinsAfter(pinned: readonly string[], id: string): string[] {
  if (pinned.includes(id)) return pinned.filter((one) => one !== id);
  return [...pinned, id].slice(-MOST_PINNED);
}

export function togglePin(id: string): void {
  changeCharts({ pinned: pinsAfter(useChartsStore.getState().pinned, id) });
}
