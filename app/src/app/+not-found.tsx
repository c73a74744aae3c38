import { BENCH_SENTENCES } from "@root-gauge/core";
import { useRouter } from "expo-router";
import { View } from "@tamagui/core";
import { ActionButton } from "../kit/action-button";
import { Body } from "../kit/text";
import { PageHead } from "../shell/page";

export default function NotFoundRoute() {
  const router = useRouter();
  return (
    <View flex={1}>
      <PageHead title="Nothing at this address" />
      <View padding={12} gap={12}>
        <Body>{BENCH_SENTENCES.noAddress}</Body>
        <ActionButton primary label="Go to the Bench" onPress={() => router.replace("/")} />
      </View>
    </View>
  );
}
