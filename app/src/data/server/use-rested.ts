import { useEffect, useState } from "react";

/** A text as it was when nothing more was typed for a while; none before that. @param restMs how long that is, ms */
export function useRested(text: string, restMs: number): string {
  const [rested, setRested] = useState("");
  useEffect(() => {
    if (text === rested) return undefined;
    const timer = setTimeout(() => setRested(text), restMs);
    return () => clearTimeout(timer);
  }, [text, rested, restMs]);
  return rested;
}
