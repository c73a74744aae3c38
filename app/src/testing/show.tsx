import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { TamaguiProvider } from "@tamagui/core";
import { render } from "@testing-library/react-native";
import type { ReactElement } from "react";
import { tamaguiConfig } from "../kit/tamagui.config";

/** Shows a component as the app would, with its theme and its queries. */
export function show(element: ReactElement) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, gcTime: 0 } } });
  return render(
    <TamaguiProvider config={tamaguiConfig} defaultTheme="light">
      <QueryClientProvider client={client}>{element}</QueryClientProvider>
    </TamaguiProvider>,
  );
}
