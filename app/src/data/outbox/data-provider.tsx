import { IsRestoringProvider, QueryClientProvider } from "@tanstack/react-query";
import { useSyncExternalStore, type ReactNode } from "react";
import { useBoxIsOpen } from "./box-is-open";
import { isRestoring, onRestored, queryClient } from "../server/query-client";

/** The server's answers for what is shown within, once it is read what waits on this device: that stands over them. */
export function DataProvider({ children }: { children: ReactNode }) {
  const boxIsOpen = useBoxIsOpen();
  const restoring = useSyncExternalStore(onRestored, isRestoring, isRestoring);
  if (!boxIsOpen) return null;
  return (
    <QueryClientProvider client={queryClient}>
      <IsRestoringProvider value={restoring}>{children}</IsRestoringProvider>
    </QueryClientProvider>
  );
}
