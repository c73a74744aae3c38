import { TOOLS } from "@root-gauge/core";
import type { Settings } from "./kept-schemas";
import { createKeptStore } from "./kept-store";
import { schemasToCome } from "./schemas-to-come";

export const useSettingsStore = createKeptStore<Settings>({
  key: "rg.settings",
  schema: schemasToCome.then(({ settings }) => settings),
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

/** Every figure in this unit; the next one is then typed in it too. */
export function changeUnits(units: Settings["units"]): void {
  changeSettings({ units, padUnits: units });
}

/** From mm to in and back, as the key of both rooms does. */
export function flipUnits(): void {
  changeUnits(useSettingsStore.getState().units === "mm" ? "in" : "mm");
}
