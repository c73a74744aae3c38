import type { ConditionTest, PartCondition } from "../identify";
import type { Units } from "../units";
import { readingWords, upperFirst } from "../words";

const CONDITION_WORDS: Readonly<Record<PartCondition, string>> = {
  sound: "sound",
  worn: "worn",
  rusted: "rusted",
  plated: "plated",
  galvanised: "galvanised",
  painted: "painted",
  cheap: "cheaply made",
};

/** "plated, galvanised or painted". */
const oneOf = (words: readonly string[]) =>
  words.length < 2 ? words.join("") : `${words.slice(0, -1).join(", ")} or ${words.at(-1)}`;

/** A size that fits badly: what to look for on the part, what it would mean, and the answers, the last for none of them. */
export function conditionTestWords({ reading, conditions }: ConditionTest, units: Units) {
  const { label, figure } = readingWords(reading, units);
  const names = conditions.map((condition) => CONDITION_WORDS[condition]);
  return {
    title: "What has happened to the part?",
    meaning: `${upperFirst(label)} ${figure} would fit if it was ${oneOf(names)}.`,
    answers: [...names.map(upperFirst), "None of that"],
  };
}
