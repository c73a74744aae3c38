import { threadById } from "@root-gauge/core";
import { CHART_SENTENCES } from "@root-gauge/core/say/charts";
import { useTheme, View } from "@tamagui/core";
import { useRouter } from "expo-router";
import X from "lucide-react-native/icons/x";
import { togglePin } from "../../data/kept/charts-state";
import { ActionButton } from "../../kit/action-button";
import { Pressable } from "../../kit/pressable";
import { Figure, Small } from "../../kit/text";
import { comparePath } from "../../shell/links";

/** The pinned rows, each to be taken out again, and the way to compare them. */
export function PinnedBar({ pinned }: { pinned: readonly string[] }) {
  const theme = useTheme();
  const router = useRouter();
  const threads = pinned.flatMap((id) => threadById(id) ?? []);
  const [first, second] = threads;
  if (first === undefined) return null;
  return (
    <View
      role="region"
      aria-label="Pinned"
      flexDirection="row"
      flexWrap="wrap"
      alignItems="center"
      gap={8}
      padding={8}
      borderTopWidth={2}
      borderColor="$edge"
      backgroundColor="$card"
    >
      {threads.map((thread) => (
        <Pressable
          key={thread.id}
          flexDirection="row"
          alignItems="center"
          gap={6}
          paddingHorizontal={10}
          borderWidth={1}
          borderColor="$edge"
          aria-label={`Unpin ${thread.designation} from the comparison`}
          onPress={() => togglePin(thread.id)}
        >
          <Figure>{thread.designation}</Figure>
          <X size={16} color={theme.quiet.val} aria-hidden />
        </Pressable>
      ))}
      {second === undefined ? (
        <Small flex={1}>{CHART_SENTENCES.pinSecond}</Small>
      ) : (
        <View flex={1} minWidth={100} maxWidth={240}>
          <ActionButton
            primary
            label="Compare"
            onPress={() => router.push(comparePath(first.id, second.id))}
          />
        </View>
      )}
    </View>
  );
}
