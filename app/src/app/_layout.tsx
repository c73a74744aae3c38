import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { TamaguiProvider, Theme } from "@tamagui/core";
import { Slot, useRouter, type ErrorBoundaryProps } from "expo-router";
import type { ReactNode } from "react";
import { ServerAway, ServerFault } from "../data/api";
import { THEME_KEY, tamaguiConfig } from "../kit/tamagui.config";
import { FaultScreen } from "../shell/fault-screen";
import { Shell } from "../shell/shell";
import { useLight } from "../shell/use-light";

const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      // A server that is away is asked again until it is back; a refusal is final.
      refetchInterval: ({ state: { error } }) =>
        error instanceof ServerAway || error instanceof ServerFault ? 3000 : false,
      networkMode: "always",
    },
  },
});

function Lit({ children }: { children: ReactNode }) {
  const theme = THEME_KEY[useLight()];
  return (
    <TamaguiProvider config={tamaguiConfig} defaultTheme={theme}>
      <Theme name={theme}>{children}</Theme>
    </TamaguiProvider>
  );
}

/** Expo Router shows this in place of everything when a screen fails. */
export function ErrorBoundary({ error, retry }: ErrorBoundaryProps) {
  const router = useRouter();
  const toBench = () => {
    router.replace("/");
    void retry();
  };
  return (
    <Lit>
      <FaultScreen message={error.message} onAgain={() => void retry()} onBench={toBench} />
    </Lit>
  );
}

export default function Layout() {
  return (
    <Lit>
      <QueryClientProvider client={queryClient}>
        <Shell>
          <Slot />
        </Shell>
      </QueryClientProvider>
    </Lit>
  );
}
