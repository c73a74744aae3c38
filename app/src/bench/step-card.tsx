import { View } from "@tamagui/core";
import { Pressable } from "../kit/pressable";
import { Body, Figure, Heading, Small } from "../kit/text";
import { useLayout } from "../kit/wide";

/** From three answers on they stand three to a row on a phone. */
export const MANY_ANSWERS_WIDTH = 104;

export interface StepCardProps {
  readonly title: string;
  readonly text: string;
  /** How to do it well; shown where there is room. */
  readonly teach?: string | undefined;
  /** Passes over what cannot be done or answered. */
  readonly onSkip?: () => void;
  readonly children: React.ReactNode;
}

/** The card of the next step: what to do, what it would mean, and its answers. */
export function StepCard({ title, text, teach, onSkip, children }: StepCardProps) {
  const { wide } = useLayout();
  return (
    <View gap={6} id="next-test" role="region" aria-label="Next">
      <View flexDirection="row" alignItems="center" gap={8}>
        <Heading flex={1} fontSize="$name" lineHeight="$name">
          {title}
        </Heading>
        {onSkip === undefined ? null : (
          <Pressable
            paddingHorizontal={10}
            aria-label="Can’t do it: skip this test"
            onPress={onSkip}
          >
            <Figure fontSize="$detail" textDecorationLine="underline">
              Can’t do it
            </Figure>
          </Pressable>
        )}
      </View>
      <Body color="$quiet">{text}</Body>
      {teach !== undefined && wide ? <Small>{teach}</Small> : null}
      <View id="next-answers" flexDirection="row" flexWrap="wrap" gap={8} marginTop={4}>
        {children}
      </View>
    </View>
  );
}
