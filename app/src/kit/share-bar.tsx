import { View } from "@tamagui/core";

/** How large a share is, as a bar; the figure stands beside it, so a screen reader skips the bar. */
export function ShareBar({ share }: { share: number }) {
  return (
    <View height={5} backgroundColor="$track" aria-hidden>
      <View height={5} backgroundColor="$ink" width={`${Math.round(share * 1000) / 10}%`} />
    </View>
  );
}
