import { useEffect } from "react";

const APP = "Root Gauge";

/**
 * Names the page in the tab, in the history and to a screen reader: what it is, then the app.
 * @param title undefined for a column beside what the page is of
 */
export function useTitle(title: string | undefined): void {
  useEffect(() => {
    if (title === undefined) return;
    document.title = title === "" ? APP : `${title} · ${APP}`;
  }, [title]);
}
