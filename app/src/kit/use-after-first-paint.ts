import { startTransition, useEffect, useState } from "react";

/** False for the first picture, true as soon as that is on the screen: for what may follow a moment after. */
export function useAfterFirstPaint(): boolean {
  const [later, setLater] = useState(false);
  useEffect(() => {
    const frame = requestAnimationFrame(() => startTransition(() => setLater(true)));
    return () => cancelAnimationFrame(frame);
  }, []);
  return later;
}
