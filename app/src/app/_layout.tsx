import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { TamaguiProvider, Theme } from "@tamagui/core";
import { Slot } from "expo-router";
import { ServerAway } from "../data/api";
import { THEME_KEY, tamaguiConfig } from "../kit/tamagui.config";
import { Shell } from "../shell/shell";
import { useLight } from "../shell/use-light";

const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      // A server that is away is asked again until it is back; a refusal is final.
      refetchInterval: (query) => (query.state.error instanceof ServerAway ? 3000 : false),
      networkMode: "always",
    },
  },
});

export default function Layout() {
  const theme = THEME_KEY[useLight()];
  return (
    <TamaguiProvider config={tamaguiConfig} defaultTheme={theme}>
      <Theme name={theme}>
        <QueryClientProvider client={queryClient}>
          <Shell>
            <Slot />
          </Shell>
        </QueryClientProvider>
      </Theme>
    </TamaguiProvider>
  );
}
