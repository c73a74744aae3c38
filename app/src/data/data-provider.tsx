import { IsRestoringProvider, QueryClientProvider } from "@tanstack/react-query";
import { useSyncExternalStore, type ReactNode } from "react";
import { isRestoring, onRestored, queryClient } from "./query-client";

/** The server's answers for what is shown within. */
export function DataProvider({ children }: { children: ReactNode }) {
  const restoring = useSyncExternalStore(onRestored, isRestoring, isRestoring);
  return (
    <QueryClientProvider client={queryClient}>
      <IsRestoringProvider value={restoring}>{children}</IsRestoringProvider>
    </QueryClientProvider>
  );
}
