import { useEffect, useState } from "react";
import { useBenchStore } from "./bench-store";
import { useDraftStore } from "./drafts";
import { useSettingsStore } from "../kept/settings";

const FIRST = [useBenchStore, useDraftStore, useSettingsStore];

/** Whether what the first screen shows of this device is read: at once where nothing is kept. */
function keptIsRead(): boolean {
  return FIRST.every((store) => store.persist.hasHydrated());
}

/** Whether it is read; once it is, it stays so. */
export function useKeptIsRead(): boolean {
  const [read, setRead] = useState(keptIsRead);
  useEffect(() => {
    const look = () => setRead((before) => before || keptIsRead());
    const stops = FIRST.map((store) => store.persist.onFinishHydration(look));
    look();
    return () => stops.forEach((stop) => stop());
  }, []);
  return read;
}
