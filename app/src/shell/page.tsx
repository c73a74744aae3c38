import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import ArrowLeft from "lucide-react-native/icons/arrow-left";
import type { ReactNode } from "react";
import { ScrollView } from "react-native";
import { Pressable } from "../kit/pressable";
import { Heading } from "../kit/text";
import { useLayout } from "../kit/wide";
import { useTitle } from "./use-title";

export interface PageHeadProps {
  readonly title: string;
  /** Where Back goes when there is nothing to go back to. */
  readonly backTo?: "/" | "/jobs" | "/charts" | "/mend" | `/machine/${string}`;
  /** What Back does where it does not leave the page. */
  readonly onBack?: () => void;
  readonly aside?: ReactNode;
  /** The head of a column beside what the page is of: it does not name the page, and leads nowhere back. */
  readonly beside?: boolean;
}

/** The head of a page: the way back, its name, and what belongs beside it. */
export function PageHead({ title, backTo, onBack, aside, beside = false }: PageHeadProps) {
  const router = useRouter();
  const theme = useTheme();
  const { large } = useLayout();
  useTitle(beside ? undefined : title);
  const hasBack = !beside && (backTo !== undefined || onBack !== undefined);
  const goBack = () => {
    if (onBack !== undefined) onBack();
    else if (router.canGoBack()) router.back();
    else if (backTo !== undefined) router.replace(backTo);
  };
  return (
    <View
      flexDirection="row"
      alignItems="center"
      gap={4}
      minHeight={56}
      paddingVertical={6}
      paddingLeft={hasBack ? 0 : 12}
      paddingRight={12}
    >
      {!hasBack ? null : (
        <Pressable
          width={52}
          minHeight={52}
          alignItems="center"
          aria-label="Back"
          data-print="no"
          onPress={goBack}
        >
          <ArrowLeft size={24} color={theme.ink.val} />
        </Pressable>
      )}
      <Heading render={beside ? "h2" : "h1"} flex={1} {...(large ? {} : { numberOfLines: 2 })}>
        {title}
      </Heading>
      <View data-print="no">{aside}</View>
    </View>
  );
}

/** A list reads best no wider than this. */
export const PAGE_WIDTH = 760;

/** What is printed whole, however long; React Native for Web writes it as `data-print`. */
const PRINTED = { dataSet: { print: "page" } } as object;

/** Two columns side by side on a wide screen; on a phone the second follows the first. */
export function PageColumns({
  first,
  second,
  narrow = false,
}: {
  readonly first: ReactNode;
  readonly second: ReactNode;
  /** In a column of a page that has others the second follows the first. */
  readonly narrow?: boolean;
}) {
  const layout = useLayout();
  const wide = layout.wide && !narrow;
  return (
    <ScrollView tabIndex={0} {...PRINTED}>
      <View
        flexDirection={wide ? "row" : "column"}
        alignItems={wide ? "flex-start" : "stretch"}
        padding={12}
        gap={12}
        data-print="columns"
      >
        <View gap={12} {...(wide ? { flex: 1, maxWidth: PAGE_WIDTH } : {})}>
          {first}
        </View>
        <View gap={12} {...(wide ? { flex: 1, maxWidth: PAGE_WIDTH } : {})}>
          {second}
        </View>
      </View>
    </ScrollView>
  );
}

/** The bar of a page's actions, under the thumb. */
export function PageActions({ children }: { children: ReactNode }) {
  return (
    <View
      borderTopWidth={2}
      borderColor="$edge"
      backgroundColor="$card"
      padding={12}
      data-print="no"
    >
      <View width="100%" maxWidth={PAGE_WIDTH} gap={8}>
        {children}
      </View>
    </View>
  );
}
