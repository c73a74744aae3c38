import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { TamaguiProvider } from "@tamagui/core";
import { render } from "@testing-library/react";
import type { ReactElement } from "react";
import { tamaguiConfig } from "../kit/tamagui.config";

/** Shows a component as the app would, with its theme and its queries. */
export function show(element: ReactElement) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, gcTime: 0 } } });
  return render(
    // jsdom cannot read its style sheet, and no test asks for colours.
    <TamaguiProvider config={tamaguiConfig} defaultTheme="light" disableInjectCSS>
      <QueryClientProvider client={client}>{element}</QueryClientProvider>
    </TamaguiProvider>,
  );
}
