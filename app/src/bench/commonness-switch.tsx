import * as Switch from "@radix-ui/react-switch";
import { View } from "@tamagui/core";
import { changeBench } from "../data/bench";
import { Pressable } from "../kit/pressable";
import { Figure, Small } from "../kit/text";

/** Says that common threads are put before rare ones, and lets that be switched off. */
export function CommonnessSwitch({ used }: { used: boolean }) {
  return (
    <Switch.Root
      asChild
      checked={used}
      onCheckedChange={(use) => changeBench({ type: "weigh-commonness", use })}
    >
      <Pressable flexDirection="row" alignItems="center" justifyContent="flex-start" gap={8}>
        <View flex={1}>
          <Small>Weigh how common a thread is</Small>
        </View>
        <Figure
          minWidth={44}
          paddingVertical={4}
          textAlign="center"
          borderWidth={1}
          borderRadius={4}
          borderColor="$edge"
          backgroundColor={used ? "$ink" : "$card"}
          color={used ? "$card" : "$ink"}
        >
          {used ? "on" : "off"}
        </Figure>
      </Pressable>
    </Switch.Root>
  );
}
