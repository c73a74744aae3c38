import { startTransition, useEffect, useState } from "react";

/**
 * False for the first picture, true as soon as that is on the screen: for what may follow a moment after.
 * @param of what the picture is of; another one has a first picture of its own
 */
export function useAfterFirstPaint(of?: object): boolean {
  const [painted, setPainted] = useState<{ readonly of: object | undefined }>();
  useEffect(() => {
    const frame = requestAnimationFrame(() => startTransition(() => setPainted({ of })));
    return () => cancelAnimationFrame(frame);
  }, [of]);
  return painted !== undefined && painted.of === of;
}

/** The same value a frame later, once what shows it at once is on the screen: for what may follow. */
export function useFollowing<Value extends object>(value: Value): Value {
  const [shown, setShown] = useState(value);
  useEffect(() => {
    const frame = requestAnimationFrame(() => startTransition(() => setShown(value)));
    return () => cancelAnimationFrame(frame);
  }, [value]);
  return shown;
}
