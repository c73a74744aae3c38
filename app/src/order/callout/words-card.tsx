import { OWN_WORD_SENTENCES, meaningWords, whatIsWords } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { useState } from "react";
import { WordMeaning } from "./word-meaning";
import {
  forgetWord,
  teachWord,
  useOwnWords,
  useWordsOfServer,
  type TaughtWord,
} from "../../data/record/own-words";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Figure, Heading, Small } from "../../kit/text";

function WordRow({ taught, known }: { taught: TaughtWord; known: readonly TaughtWord[] }) {
  const [editing, setEditing] = useState(false);
  const { word, means } = taught;
  return (
    <View gap={8} paddingVertical={8} borderTopWidth={1} borderColor="$line">
      <View>
        <Figure>{word}</Figure>
        <Small>{meaningWords(means)}</Small>
      </View>
      {editing ? (
        <WordMeaning
          name={whatIsWords(word)}
          onChoose={(chosen) => {
            teachWord(word, chosen, known);
            setEditing(false);
          }}
        />
      ) : null}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        <ActionButton
          flex={1}
          label={editing ? "Leave it" : "Change"}
          says={editing ? `Leave ${word} as it is` : `Change what ${word} means`}
          onPress={() => setEditing(!editing)}
        />
        <ActionButton
          flex={1}
          label="Forget it"
          says={`Forget ${word}`}
          onPress={() => forgetWord(taught)}
        />
      </View>
    </View>
  );
}

/** The words that the workshop has taught: what each means, to be changed or forgotten. */
export function WordsCard() {
  useWordsOfServer();
  const words = useOwnWords();
  return (
    <Card gap={8}>
      <Heading>The shop’s own words</Heading>
      <Small>{words.length === 0 ? OWN_WORD_SENTENCES.none : OWN_WORD_SENTENCES.kept}</Small>
      {words.map((taught) => (
        <WordRow key={taught.id} taught={taught} known={words} />
      ))}
    </Card>
  );
}
