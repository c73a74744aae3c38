import { isTeachable } from "@root-gauge/core/callout";
import { whatIsWords, OWN_WORD_SENTENCES } from "@root-gauge/core/say/sheet";
import { teachWord, type TaughtWord } from "../../data/record/own-words";
import { Card } from "../../kit/surface";
import { Heading, Small } from "../../kit/text";
import { WordMeaning } from "./word-meaning";

/** Only words are taught: what has figures in it is a size that was not read. */
const LETTERS = /^[\p{L}][\p{L}/.' -]*$/u;

interface TeachWordsProps {
  readonly unknown: readonly string[];
  readonly known: readonly TaughtWord[];
}

/** Asks what the first word that was not understood means; the next is asked once that is known. */
export function TeachWords({ unknown, known }: TeachWordsProps) {
  const word = unknown.find((one) => LETTERS.test(one) && isTeachable(one));
  if (word === undefined) return null;
  const question = whatIsWords(word);
  return (
    <Card gap={8} key={word}>
      <Heading>{question}</Heading>
      <WordMeaning name={question} onChoose={(means) => teachWord(word, means, known)} />
      <Small>{OWN_WORD_SENTENCES.remembered}</Small>
    </Card>
  );
}
