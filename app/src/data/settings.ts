import { TOOLS } from "@root-gauge/core";
import { useSyncExternalStore } from "react";
import { z } from "zod";
import { createPersistentStore } from "./persistent-store";
import { storage } from "./text-storage";

const settingsSchema = z.object({
  units: z.enum(["mm", "in"]),
  light: z.enum(["system", "daylight", "lamp"]),
  instrument: z.enum(["caliper", "micrometer", "rule", "hole-gauge"]),
  bore: z.enum(["caliper", "pin"]).default("caliper"),
  tools: z.array(z.enum(TOOLS)).default([...TOOLS]),
});

export type Settings = z.infer<typeof settingsSchema>;

const store = createPersistentStore<Settings>({
  key: "rg.settings",
  schema: settingsSchema,
  initial: () => ({
    units: "mm",
    light: "system",
    instrument: "caliper",
    bore: "caliper",
    tools: [...TOOLS],
  }),
  storage,
});

/** What this person chose, kept on this device. */
export function useSettings(): Settings {
  return useSyncExternalStore(store.subscribe, store.get, store.get);
}

export function changeSettings(change: Partial<Settings>): void {
  store.set({ ...store.get(), ...change });
}

/** From mm to in and back, as the key of both rooms does. */
export function flipUnits(): void {
  changeSettings({ units: store.get().units === "mm" ? "in" : "mm" });
}
