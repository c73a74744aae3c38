import { DRILL_SETS, FAMILY_WORDS, type DrillSet, type ThreadFamily } from "@root-gauge/core";
import { useSyncExternalStore } from "react";
import { z } from "zod";
import { createPersistentStore } from "./persistent-store";
import { storage } from "./text-storage";

const families = Object.keys(FAMILY_WORDS) as [ThreadFamily, ...ThreadFamily[]];
const drillSets = [...DRILL_SETS] as [DrillSet, ...DrillSet[]];

/** The most rows that stand side by side. */
const MOST_PINNED = 2;

const chartsStateSchema = z.object({
  query: z.string(),
  family: z.enum(families).optional(),
  series: z.string().optional(),
  flankAngleDeg: z.number().optional(),
  side: z.enum(["external", "internal"]),
  quality: z.enum(["fine", "medium", "coarse"]),
  /** Thread ids, the first pinned first. */
  pinned: z.array(z.string()).max(MOST_PINNED),
  drillSize: z.string(),
  drillThread: z.string(),
  drillSets: z.array(z.enum(drillSets)),
  convertText: z.string(),
  convertPitch: z.string(),
});

export type ChartsState = z.infer<typeof chartsStateSchema>;

const store = createPersistentStore<ChartsState>({
  key: "rg.charts",
  schema: chartsStateSchema,
  initial: () => ({
    query: "",
    side: "external",
    quality: "medium",
    pinned: [],
    drillSize: "",
    drillThread: "M10",
    drillSets: [...DRILL_SETS],
    convertText: "",
    convertPitch: "",
  }),
  storage,
});

/** What is typed, chosen and pinned in the Charts room, kept on this device. */
export function useChartsState(): ChartsState {
  return useSyncExternalStore(store.subscribe, store.get, store.get);
}

export function changeCharts(change: Partial<ChartsState>): void {
  store.set({ ...store.get(), ...change });
}

/** Pins a thread, or takes its pin out; a third pin takes the place of the first. */
export function pinsAfter(pinned: readonly string[], id: string): string[] {
  if (pinned.includes(id)) return pinned.filter((one) => one !== id);
  return [...pinned, id].slice(-MOST_PINNED);
}

export function togglePin(id: string): void {
  changeCharts({ pinned: pinsAfter(store.get().pinned, id) });
}
