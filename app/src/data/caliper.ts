import { caliperFigureSchema, type CaliperFigure } from "@root-gauge/contract";
import { useEffect, useState } from "react";
import { CALIPER_STREAM } from "./api";

/** What a live caliper shows, or why there is none. */
export type CaliperFeed =
  | { readonly state: "connecting" }
  | { readonly state: "away" }
  | { readonly state: "live"; readonly figure: CaliperFigure };

/** One stream serves all tabs of a browser: whoever holds this lock reads it and tells the others. */
const LOCK = "rg.caliper";
const CHANNEL = "rg.caliper";

function figureIn(data: string): CaliperFeed | undefined {
  try {
    const read = caliperFigureSchema.safeParse(JSON.parse(data));
    return read.success ? { state: "live", figure: read.data } : undefined;
  } catch {
    return undefined;
  }
}

/** Reads the stream itself until told to stop. */
function readStream(onFeed: (feed: CaliperFeed) => void, stop: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const source = new EventSource(CALIPER_STREAM);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const feed = figureIn(data);
      if (feed !== undefined) onFeed(feed);
    };
    source.onerror = () => onFeed({ state: "away" });
    stop.addEventListener("abort", () => {
      source.close();
      resolve();
    });
  });
}

/** Follows the caliper through the tab that reads it, or reads it for all of them. */
function follow(onFeed: (feed: CaliperFeed) => void): () => void {
  const stop = new AbortController();
  // Locks are there in secure contexts only; elsewhere each tab reads for itself.
  if (!("locks" in navigator)) {
    void readStream(onFeed, stop.signal);
    return () => stop.abort();
  }
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = ({ data }: MessageEvent<CaliperFeed>) => onFeed(data);
  const tellAll = (feed: CaliperFeed) => {
    channel.postMessage(feed);
    onFeed(feed);
  };
  navigator.locks
    .request(LOCK, { signal: stop.signal }, () => readStream(tellAll, stop.signal))
    .catch(() => undefined)
    .finally(() => channel.close());
  return () => stop.abort();
}

/** Follows while this tab is seen; a hidden one closes its stream and leaves it to another. */
function followWhileSeen(onFeed: (feed: CaliperFeed) => void): () => void {
  let stop: (() => void) | undefined;
  const look = () => {
    const seen = document.visibilityState === "visible";
    if (seen) stop ??= follow(onFeed);
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

/** Follows the caliper's display while it is asked for and seen. */
export function useCaliper(): CaliperFeed {
  const [feed, setFeed] = useState<CaliperFeed>({ state: "connecting" });
  useEffect(() => followWhileSeen(setFeed), []);
  return feed;
}
