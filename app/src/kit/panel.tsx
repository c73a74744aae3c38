import { DismissableLayer } from "@radix-ui/react-dismissable-layer";
import { FocusScope } from "@radix-ui/react-focus-scope";
import { useTheme, View } from "@tamagui/core";
import X from "lucide-react-native/icons/x";
import type { CSSProperties, ReactNode } from "react";
import { ScrollView } from "react-native";
import { Pressable } from "./pressable";
import { Heading } from "./text";
import { useFocusReturn } from "./use-focus-return";
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

const COLUMN = { display: "flex", flexDirection: "column", outline: "none" } as const;

/** The place of a panel: over the lower part of a phone's room, or in a column of a wide one. */
function placeOf(wide: boolean, ownScroll: boolean): CSSProperties {
  if (wide) return { ...COLUMN, flexGrow: ownScroll ? 1 : 0, flexShrink: 1, minHeight: 0 };
  return {
    ...COLUMN,
    position: "absolute",
    inset: "auto 0 0 0",
    zIndex: 3,
    maxHeight: "97%",
    ...(ownScroll ? { height: "97%" } : {}),
  };
}

/** The room behind a panel, dimmed; a touch on it closes the panel. */
function Backdrop({ title, onClose }: Pick<PanelProps, "title" | "onClose">) {
  return (
    <Pressable
      position="absolute"
      top={0}
      right={0}
      bottom={0}
      left={0}
      zIndex={2}
      borderRadius={0}
      backgroundColor="rgba(0, 0, 0, 0.55)"
      aria-label={`Close ${title}`}
      tabIndex={-1}
      onPress={onClose}
    />
  );
}

/**
 * A sheet over the lower part of a phone's screen; on a wide one a plate in its column. The focus goes into it, Tab stays
 * in it, and when it closes, by Escape as well, the focus is where it was.
 */
export function Panel({ title, onClose, children, ownScroll = false }: PanelProps) {
  const { wide } = useLayout();
  const focus = useFocusReturn();
  const edge = wide
    ? ({ borderWidth: 1, borderColor: "$line", borderRadius: 4 } as const)
    : ({ borderTopWidth: 2, borderColor: "$edge" } as const);
  return (
    <>
      {wide ? null : <Backdrop title={title} onClose={onClose} />}
      <FocusScope
        asChild
        loop
        trapped
        onMountAutoFocus={focus.goIn}
        onUnmountAutoFocus={focus.comeBack}
      >
        <DismissableLayer
          role={wide ? "region" : "dialog"}
          aria-modal={wide ? undefined : true}
          aria-label={title}
          data-panel="open"
          style={placeOf(wide, ownScroll)}
          // The panel itself has the focus at first: there is no way back over it.
          onKeyDown={(event) => {
            const back = event.key === "Tab" && event.shiftKey;
            if (back && event.target === event.currentTarget) event.preventDefault();
          }}
          onDismiss={onClose}
          // The backdrop closes it; what stands beside it, as the rooms, does its own.
          onInteractOutside={(event) => event.preventDefault()}
        >
          <View backgroundColor="$card" flexShrink={1} flexGrow={1} minHeight={0} {...edge}>
            <PanelHead title={title} onClose={onClose} />
            {ownScroll ? (
              <View flex={1}>{children}</View>
            ) : (
              <ScrollView keyboardShouldPersistTaps="handled" style={{ flexShrink: 1 }}>
                <View padding={12} paddingTop={0}>
                  {children}
                </View>
              </ScrollView>
            )}
          </View>
        </DismissableLayer>
      </FocusScope>
    </>
  );
}
