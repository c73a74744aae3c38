import { useEffect, useState } from "react";

/** Keeps the screen on while it is shown. @returns whether it is kept on; undefined while that is not known yet */
export function useWakeLock(): boolean | undefined {
  const [kept, setKept] = useState<boolean>();
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = async () => {
      if (document.visibilityState !== "visible") return;
      try {
        if (!("wakeLock" in navigator)) throw new Error("no wake lock");
        lock = await navigator.wakeLock.request("screen");
        if (gone) void lock.release();
        else setKept(true);
      } catch {
        // Not held, as on a battery that is low: said to who works by it.
        if (!gone) setKept(false);
      }
    };
    void ask();
    // The lock is let go whenever the page is hidden.
    document.addEventListener("visibilitychange", ask);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, []);
  return kept;
}
