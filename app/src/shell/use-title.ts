import { useEffect } from "react";

const APP = "Root Gauge";

/** Names the page in the tab, in the history and to a screen reader: what it is, then the app. */
export function useTitle(title: string): void {
  useEffect(() => {
    document.title = title === "" ? APP : `${title} · ${APP}`;
  }, [title]);
}
