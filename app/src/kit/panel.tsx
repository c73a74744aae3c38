import { useTheme, View } from "@tamagui/core";
import X from "lucide-react-native/icons/x";
import { useEffect, type ReactNode } from "react";
import { ScrollView } from "react-native";
import { Pressable } from "./pressable";
import { Heading } from "./text";
import { useLayout } from "./wide";

export interface PanelProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  /** For a list that scrolls by itself. */
  readonly ownScroll?: boolean;
}

function PanelHead({ title, onClose }: Pick<PanelProps, "title" | "onClose">) {
  const theme = useTheme();
  return (
    <View flexDirection="row" alignItems="center" gap={8} paddingLeft={12}>
      <Heading flex={1}>{title}</Heading>
      <Pressable width={52} minHeight={52} alignItems="center" aria-label="Close" onPress={onClose}>
        <X size={24} color={theme.ink.val} />
      </Pressable>
    </View>
  );
}

/** Closes on Escape, wherever the focus is. */
function useEscape(onEscape: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === "Escape") onEscape();
    };
    // Captured on the way down: text fields keep keys from travelling up.
    document.addEventListener("keydown", onKey, true);
    return () => document.removeEventListener("keydown", onKey, true);
  }, [onEscape]);
}

/** A sheet over the lower part of a phone's screen; on a wide one a plate in its column. */
export function Panel({ title, onClose, children, ownScroll = false }: PanelProps) {
  const { wide } = useLayout();
  useEscape(onClose);
  const content = ownScroll ? (
    <View flex={1}>{children}</View>
  ) : (
    <ScrollView keyboardShouldPersistTaps="handled" style={{ flexShrink: 1 }}>
      <View padding={12} paddingTop={0}>
        {children}
      </View>
    </ScrollView>
  );
  if (wide) {
    return (
      <View
        role="region"
        aria-label={title}
        backgroundColor="$card"
        borderWidth={1}
        borderColor="$line"
        borderRadius={4}
        flexShrink={1}
        flexGrow={ownScroll ? 1 : 0}
        minHeight={0}
      >
        <PanelHead title={title} onClose={onClose} />
        {content}
      </View>
    );
  }
  return (
    <View
      position="absolute"
      top={0}
      right={0}
      bottom={0}
      left={0}
      zIndex={2}
      justifyContent="flex-end"
    >
      <Pressable
        position="absolute"
        top={0}
        right={0}
        bottom={0}
        left={0}
        borderRadius={0}
        backgroundColor="rgba(0, 0, 0, 0.55)"
        aria-label={`Close ${title}`}
        tabIndex={-1}
        onPress={onClose}
      />
      <View
        role="dialog"
        aria-modal
        aria-label={title}
        backgroundColor="$card"
        borderTopWidth={2}
        borderColor="$edge"
        maxHeight="97%"
        {...(ownScroll ? { height: "97%" } : {})}
      >
        <PanelHead title={title} onClose={onClose} />
        {content}
      </View>
    </View>
  );
}
