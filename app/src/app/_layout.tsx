import { TamaguiProvider, Theme } from "@tamagui/core";
import { Slot, useRouter, type ErrorBoundaryProps } from "expo-router";
import type { ReactNode } from "react";
import { THEME_KEY, tamaguiConfig } from "../kit/tamagui.config";
import { FaultScreen } from "../shell/fault-screen";
import { Opening } from "../shell/opening";
import { Shell } from "../shell/shell";
import { useLight } from "../shell/use-light";

function Themed({ children }: { children: ReactNode }) {
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
    <Themed>
      <FaultScreen message={error.message} onAgain={() => void retry()} onBench={toBench} />
    </Themed>
  );
}

export default function Layout() {
  return (
    <Themed>
      <Opening>
        <Shell>
          <Slot />
        </Shell>
      </Opening>
    </Themed>
  );
}
