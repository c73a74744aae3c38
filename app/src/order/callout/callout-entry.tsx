import { MOST_LETTERS } from "@root-gauge/core";
import { formatCallout, isCalloutProblem, suggestCallouts } from "@root-gauge/core/callout";
import { calloutProblemWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useDeferredValue, useId, useState } from "react";
import { useOwnWords, useWordsOfServer } from "../../data/record/own-words";
import { Body } from "../../kit/text";
import { TextEntry, type TextEntryProps } from "../../kit/text-entry";
import { Suggestions } from "./suggestions";
import { TeachWords } from "./teach-words";
import { Understood } from "./understood";
import { readCallout } from "./read-callout";

export type CalloutEntryProps = Pick<
  TextEntryProps,
  "label" | "value" | "onChange" | "onSubmit" | "autoFocus" | "typedOver"
>;

/**
 * A field for a part as one would order it: how it may go on, what was understood in plates that can be put right, and what
 * was not, with the words that can be taught.
 */
export function CalloutEntry({ value, onChange, onSubmit, ...rest }: CalloutEntryProps) {
  useWordsOfServer();
  const words = useOwnWords();
  const list = useId();
  const [marked, setMarked] = useState(-1);
  const asked = useDeferredValue(value);
  const suggestions = suggestCallouts(asked, words);
  const read = readCallout(value, words);
  const change = (text: string) => {
    setMarked(-1);
    onChange(text);
  };
  const onKey = (key: string) => {
    const last = suggestions.length - 1;
    if (key === "ArrowDown") setMarked(marked >= last ? -1 : marked + 1);
    else if (key === "ArrowUp") setMarked(marked < 0 ? last : marked - 1);
    else if (key === "Escape" && marked >= 0) setMarked(-1);
    else {
      const picked = key === "Enter" ? suggestions[marked]?.text : undefined;
      if (picked === undefined) return false;
      change(picked);
    }
    return true;
  };
  return (
    <View gap={8}>
      <TextEntry
        {...rest}
        value={value}
        placeholder="7/16-14 x 2-1/4 gr 5 zinc"
        longest={MOST_LETTERS}
        onChange={change}
        {...(onSubmit === undefined ? {} : { onSubmit })}
        {...(suggestions.length === 0
          ? {}
          : {
              suggests: {
                list,
                marked: marked < 0 ? undefined : `${list}-${marked}`,
                onKey,
              },
            })}
      />
      <Suggestions list={list} suggestions={suggestions} marked={marked} onPick={change} />
      {value.trim() === "" ? null : isCalloutProblem(read) ? (
        <>
          <Body role="status" color="$quiet">
            {calloutProblemWords(read)}
          </Body>
          {read.code === "callout-not-understood" ? (
            <TeachWords unknown={read.words} known={words} />
          ) : null}
        </>
      ) : read.part === "screw" ? (
        <Understood spec={read} onChange={change} />
      ) : (
        <Body role="status" color="$quiet">
          {formatCallout(read)}
        </Body>
      )}
    </View>
  );
}
