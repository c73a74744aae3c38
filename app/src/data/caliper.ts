import { caliperFigureSchema, type CaliperFigure } from "@root-gauge/contract";
import { useEffect, useState } from "react";
import { CALIPER_STREAM } from "./api";

/** What a live caliper shows, or why there is none. */
export type CaliperFeed =
  | { readonly state: "connecting" }
  | { readonly state: "away" }
  | { readonly state: "live"; readonly figure: CaliperFigure };

/** Follows the caliper's display while it is asked for. */
export function useCaliper(): CaliperFeed {
  const [feed, setFeed] = useState<CaliperFeed>({ state: "connecting" });
  useEffect(() => {
    const source = new EventSource(CALIPER_STREAM);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const read = caliperFigureSchema.safeParse(JSON.parse(data));
      if (read.success) setFeed({ state: "live", figure: read.data });
    };
    source.onerror = () => setFeed({ state: "away" });
    return () => source.close();
  }, []);
  return feed;
}
