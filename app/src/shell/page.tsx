import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import ArrowLeft from "lucide-react-native/icons/arrow-left";
import type { ReactNode } from "react";
import { Pressable } from "../kit/pressable";
import { Heading } from "../kit/text";

export interface PageHeadProps {
  readonly title: string;
  /** Where Back goes when there is nothing to go back to. */
  readonly backTo?: "/" | "/jobs";
  readonly aside?: ReactNode;
}

/** The head of a page: the way back, its name, and what belongs beside it. */
export function PageHead({ title, backTo, aside }: PageHeadProps) {
  const router = useRouter();
  const theme = useTheme();
  const goBack = () => {
    if (router.canGoBack()) router.back();
    else if (backTo !== undefined) router.replace(backTo);
  };
  return (
    <View
      flexDirection="row"
      alignItems="center"
      gap={4}
      minHeight={56}
      paddingLeft={backTo === undefined ? 12 : 0}
      paddingRight={12}
    >
      {backTo === undefined ? null : (
        <Pressable width={52} minHeight={52} alignItems="center" aria-label="Back" onPress={goBack}>
          <ArrowLeft size={24} color={theme.ink.val} />
        </Pressable>
      )}
      <Heading render="h1" flex={1} numberOfLines={2}>
        {title}
      </Heading>
      {aside}
    </View>
  );
}

/** Pages read best no wider than this. */
export const PAGE_WIDTH = 760;
