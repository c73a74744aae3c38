import { caliperFigureSchema, type CaliperFigure } from "@root-gauge/contract";
import { useEffect, useState } from "react";
import { CALIPER_STREAM } from "./api";
import { followWhileSeen } from "./shared-stream";

/** What a live caliper shows, or why there is none. */
export type CaliperFeed =
  | { readonly state: "connecting" }
  | { readonly state: "away" }
  | { readonly state: "live"; readonly figure: CaliperFigure };

/** One stream serves all tabs of a browser. */
const SHARED = "rg.caliper";

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

/** Follows the caliper's display while it is asked for and seen. */
export function useCaliper(): CaliperFeed {
  const [feed, setFeed] = useState<CaliperFeed>({ state: "connecting" });
  useEffect(() => followWhileSeen(SHARED, readStream, setFeed), []);
  return feed;
}
