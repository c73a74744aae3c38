import { threadById } from "@root-gauge/core";
import { notTwoThreadsWords } from "@root-gauge/core/say/charts";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { ScrollView } from "react-native";
import { ActionButton } from "../../kit/action-button";
import { CopyButton } from "../../kit/copy-button";
import { Body } from "../../kit/text";
import { UnitsSwitch } from "../../kit/units-switch";
import { PAGE_WIDTH, PageHead } from "../../shell/page";
import { asLink, comparePath } from "../../shell/links";
import { CompareView } from "./compare-view";

/** Two threads side by side at an address of their own. */
export function CompareScreen({
  first,
  second,
}: {
  first: string | undefined;
  second: string | undefined;
}) {
  const router = useRouter();
  const [a, b] = [threadById(first ?? ""), threadById(second ?? "")];
  const known = a !== undefined && b !== undefined;
  return (
    <View flex={1} minHeight={0} render="main">
      <PageHead
        title={known ? `${a.designation} and ${b.designation}` : "Compare"}
        backTo="/charts"
        aside={<UnitsSwitch />}
      />
      <ScrollView tabIndex={0}>
        <View padding={12} gap={12} width="100%" maxWidth={PAGE_WIDTH}>
          {known ? (
            <>
              <CompareView first={a} second={b} />
              <CopyButton label="Copy the link" text={() => asLink(comparePath(a.id, b.id))} />
            </>
          ) : (
            <>
              <Body>{notTwoThreadsWords(first, second)}</Body>
              <ActionButton
                primary
                label="Go to the threads"
                onPress={() => router.replace("/charts")}
              />
            </>
          )}
        </View>
      </ScrollView>
    </View>
  );
}
