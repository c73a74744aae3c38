import { BORE_INSTRUMENTS, DIAMETER_INSTRUMENTS, TOOLS, UNITS } from "@root-gauge/core";
import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";

const settingsSchema = z.object({
  units: z.enum(UNITS),
  light: z.enum(["system", "daylight", "lamp"]),
  instrument: z.enum([...DIAMETER_INSTRUMENTS, "hole-gauge"]),
  bore: z._default(z.enum(BORE_INSTRUMENTS), "caliper"),
  tools: z._default(z.array(z.enum(TOOLS)), [...TOOLS]),
});

export type Settings = z.infer<typeof settingsSchema>;

const useSettingsStore = createKeptStore<Settings>({
  key: "rg.settings",
  schema: settingsSchema,
  initial: () => ({
    units: "mm",
    light: "system",
    instrument: "caliper",
    bore: "caliper",
    tools: [...TOOLS],
  }),
});

/** What this person chose, kept on this device. */
export function useSettings(): Settings {
  return useSettingsStore();
}

export function changeSettings(change: Partial<Settings>): void {
  useSettingsStore.setState(change);
}

/** From mm to in and back, as the key of both rooms does. */
export function flipUnits(): void {
  changeSettings({ units: useSettingsStore.getState().units === "mm" ? "in" : "mm" });
}
