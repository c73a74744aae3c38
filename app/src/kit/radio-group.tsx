import * as Group from "@radix-ui/react-radio-group";
import { View, type ViewProps } from "@tamagui/core";
import { useRef, type FocusEvent, type ReactElement } from "react";

export interface RadioGroupProps extends Omit<ViewProps, "onFocus"> {
  /** What is being chosen, for a screen reader. */
  readonly name: string;
  readonly value: string | null;
  readonly onChoose: (value: string) => void;
}

/** One of many: one stop of Tab, arrows move the choice. Its children are `Radio`s, laid out as a view's. */
export function RadioGroup({
  name,
  value,
  onChoose,
  onKeyDown,
  onPointerDown,
  ...view
}: RadioGroupProps) {
  // The part below chooses what an arrow came to only while the arrow is held: a slow phone moves the focus later than
  // the key is let go, and would leave the choice behind.
  const arrowIsDue = useRef(false);
  const choose = (chosen: string) => {
    arrowIsDue.current = false;
    onChoose(chosen);
  };
  return (
    <Group.Root asChild aria-label={name} value={value} onValueChange={choose}>
      <View
        {...view}
        onKeyDown={(event) => {
          arrowIsDue.current = event.key.startsWith("Arrow");
          onKeyDown?.(event);
        }}
        onPointerDown={(event) => {
          arrowIsDue.current = false;
          onPointerDown?.(event);
        }}
        onFocus={({ target }: FocusEvent) => {
          if (arrowIsDue.current && target instanceof HTMLElement) target.click();
        }}
      />
    </Group.Root>
  );
}

/** One choice of a `RadioGroup`: its child is what is touched. */
export function Radio({ value, children }: { value: string; children: ReactElement }) {
  return (
    <Group.Item asChild value={value}>
      {children}
    </Group.Item>
  );
}
