import { formatCallout, isCalloutProblem } from "@root-gauge/core/callout";
import { View } from "@tamagui/core";
import { useOwnWords } from "../../data/record/own-words";
import { ListRow } from "../../kit/list-row";
import { Figure, Small } from "../../kit/text";
import { CalloutEntry } from "./callout-entry";
import { readCallout } from "./read-callout";

export interface CalloutBoxProps {
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Opens the sheet of what was read. */
  readonly onOpen: (callout: string) => void;
  readonly autoFocus?: boolean;
  /** What stands in it is of an earlier time: what is typed takes its place. */
  readonly typedOver?: boolean;
  readonly label?: string;
}

/** A field that takes a part as one would order it, and the way to its sheet. */
export function CalloutBox({ value, onOpen, label, ...rest }: CalloutBoxProps) {
  const read = readCallout(value, useOwnWords());
  const callout = isCalloutProblem(read) ? undefined : formatCallout(read);
  const open = () => {
    if (callout !== undefined) onOpen(callout);
  };
  return (
    <View gap={8}>
      <CalloutEntry
        {...rest}
        label={label ?? "The part, as you would order it"}
        value={value}
        onSubmit={open}
      />
      {callout === undefined ? null : (
        <ListRow onPress={open}>
          <View flex={1}>
            <Figure>{callout}</Figure>
            <Small>Open its sheet</Small>
          </View>
        </ListRow>
      )}
    </View>
  );
}
