import { MOST_LETTERS, threadName } from "@root-gauge/core";
import {
  formatCallout,
  isCalloutProblem,
  parseScrew,
  withEachThread,
} from "@root-gauge/core/callout";
import { calloutProblemWords } from "@root-gauge/core/sheet-words";
import { View } from "@tamagui/core";
import { ListRow } from "../kit/list-row";
import { Body, Figure, Small } from "../kit/text";
import { TextEntry } from "../kit/text-entry";

const MOST_CHOICES = 6;
export interface CalloutBoxProps {
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Opens the sheet of what was read. */
  readonly onOpen: (callout: string) => void;
  readonly autoFocus?: boolean;
  /** What stands in it is of an earlier time: what is typed takes its place. */
  readonly typedOver?: boolean;
  /** Say nothing while only a thread was written. */
  readonly label?: string;
}

/** A field that takes a part as one would order it, and the way to its sheet. */
export function CalloutBox({
  value,
  onChange,
  onOpen,
  autoFocus = false,
  typedOver = false,
  label,
}: CalloutBoxProps) {
  const read = parseScrew(value);
  const problem = isCalloutProblem(read) ? read : undefined;
  const open = () => {
    if (!isCalloutProblem(read)) onOpen(formatCallout(read));
  };
  return (
    <View gap={8}>
      <TextEntry
        label={label ?? "The part, as you would order it"}
        value={value}
        placeholder="7/16-14 x 2-1/4 gr 5 zinc"
        longest={MOST_LETTERS}
        autoFocus={autoFocus}
        typedOver={typedOver}
        onChange={onChange}
        onSubmit={open}
      />
      {value.trim() === "" ? null : isCalloutProblem(read) ? (
        <Body role="status" color="$quiet">
          {calloutProblemWords(read)}
        </Body>
      ) : (
        <ListRow onPress={open}>
          <View flex={1}>
            <Figure>{formatCallout(read)}</Figure>
            <Small>Open its sheet</Small>
          </View>
        </ListRow>
      )}
      {problem?.code === "callout-which-thread"
        ? withEachThread(problem, problem.threads.slice(0, MOST_CHOICES).map(threadName)).map(
            (text) => (
              <ListRow key={text} onPress={() => onChange(text)}>
                <Figure>{text}</Figure>
              </ListRow>
            ),
          )
        : null}
    </View>
  );
}
