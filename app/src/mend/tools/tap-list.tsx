import { lookUpThreadAlone, threadById } from "@root-gauge/core";
import { MEND_SENTENCES, unreadThreadsWords } from "@root-gauge/core/say/mend";
import { View } from "@tamagui/core";
import { useState } from "react";
import { setTapThreads, useTools, type TapKind } from "../../data/kept/tools-state";
import { Chip } from "../../kit/chip";
import { LabelledChips } from "../../kit/labelled-chips";
import { ActionButton } from "../../kit/action-button";
import { TextEntry } from "../../kit/text-entry";

const WHICH = [
  { value: "all", label: "Every thread" },
  { value: "some", label: "Only these" },
] as const;

/** Sets that taps are sold in: a touch puts all of one on the list, what is lost is struck out. */
const SETS = [
  { name: "M3 to M12", threads: "M3 M4 M5 M6 M8 M10 M12" },
  { name: "M14 to M24", threads: "M14 M16 M18 M20 M22 M24" },
  { name: "UNC to 1/2", threads: "1/4-20 5/16-18 3/8-16 7/16-14 1/2-13" },
  { name: "UNF to 1/2", threads: "1/4-28 5/16-24 3/8-24 7/16-20 1/2-20" },
  { name: "BSW to 1/2", threads: "1/4BSW 5/16BSW 3/8BSW 7/16BSW 1/2BSW" },
  { name: "BSF to 1/2", threads: "1/4BSF 5/16BSF 3/8BSF 7/16BSF 1/2BSF" },
] as const;

function readThreads(words: readonly string[]) {
  const unread: string[] = [];
  const ids = words.flatMap((word) => {
    const read = lookUpThreadAlone(word.replace(/(BSW|BSF)$/, " $1"));
    if (read.kind === "found") return [read.thread.id];
    unread.push(word);
    return [];
  });
  return { ids, unread };
}

/** For which threads there are taps: every one, or a list made of sets and single ones. */
export function TapList({ kind, name }: { kind: TapKind; name: string }) {
  const ids = useTools()[kind];
  const [text, setText] = useState("");
  const [unread, setUnread] = useState<readonly string[]>([]);
  const add = (more: readonly string[]) =>
    setTapThreads(kind, [...new Set([...(ids ?? []), ...more])]);
  const addTyped = () => {
    const read = readThreads(
      text
        .split(/[,;\n]+/)
        .map((line) => line.trim())
        .filter(Boolean),
    );
    add(read.ids);
    setUnread(read.unread);
    setText(read.unread.join(", "));
  };
  return (
    <View gap={8} role="group" aria-label={name}>
      <LabelledChips
        name={name}
        value={ids === undefined ? "all" : "some"}
        choices={WHICH}
        onChange={(which) => setTapThreads(kind, which === "all" ? undefined : (ids ?? []))}
      />
      {ids === undefined ? null : (
        <>
          <View flexDirection="row" flexWrap="wrap" gap={8}>
            {SETS.map((set) => (
              <Chip
                key={set.name}
                label={`+ ${set.name}`}
                chosen={false}
                onPress={() => add(readThreads(set.threads.split(" ")).ids)}
              />
            ))}
          </View>
          <TextEntry
            label={`${name}, others`}
            value={text}
            placeholder={MEND_SENTENCES.tapList}
            longest={400}
            problem={unread.length === 0 ? undefined : unreadThreadsWords(unread)}
            onChange={setText}
            onSubmit={addTyped}
          />
          <ActionButton
            label="Add to the list"
            says={`Add to the list: ${name}`}
            onPress={addTyped}
          />
          <View flexDirection="row" flexWrap="wrap" gap={6}>
            {ids.map((id) => (
              <Chip
                key={id}
                label={`${threadById(id)?.designation ?? id}: strike out`}
                chosen={false}
                onPress={() =>
                  setTapThreads(
                    kind,
                    ids.filter((one) => one !== id),
                  )
                }
              />
            ))}
          </View>
        </>
      )}
    </View>
  );
}
