import { styled, View } from "@tamagui/core";

/** A raised plate. */
export const Card = styled(View, {
  backgroundColor: "$card",
  borderColor: "$line",
  borderWidth: 1,
  borderRadius: 4,
  padding: 12,
});
