/** Reads a stream until told to stop, and tells what comes. */
export type ReadStream<Told> = (tell: (told: Told) => void, stop: AbortSignal) => Promise<void>;

/**
 * Follows a stream through the tab of this browser that reads it, or reads it for all of them: whoever holds the lock reads,
 * and tells the others.
 * @param name of the lock and of the channel
 */
function follow<Told>(name: string, read: ReadStream<Told>, on: (told: Told) => void): () => void {
  const stop = new AbortController();
  // Locks are there in secure contexts only; elsewhere each tab reads for itself.
  if (!("locks" in navigator)) {
    void read(on, stop.signal);
    return () => stop.abort();
  }
  const channel = new BroadcastChannel(name);
  channel.onmessage = ({ data }: MessageEvent<Told>) => on(data);
  const tellAll = (told: Told) => {
    channel.postMessage(told);
    on(told);
  };
  navigator.locks
    .request(name, { signal: stop.signal }, () => read(tellAll, stop.signal))
    .catch(() => undefined)
    .finally(() => channel.close());
  return () => stop.abort();
}

/**
 * The same while this tab is seen; a hidden one closes its stream and leaves it to another.
 * @returns ends it
 */
export function followWhileSeen<Told>(
  name: string,
  read: ReadStream<Told>,
  on: (told: Told) => void,
): () => void {
  let stop: (() => void) | undefined;
  const look = () => {
    const seen = document.visibilityState === "visible";
    if (seen) stop ??= follow(name, read, on);
    if (seen) return;
    stop?.();
    stop = undefined;
  };
  look();
  document.addEventListener("visibilitychange", look);
  return () => {
    document.removeEventListener("visibilitychange", look);
    stop?.();
  };
}
