import type { ConditionTest, DoubtTest, PartCondition, RetakeTest } from "../weigh";
import type { Units } from "../../measure";
import { readingWords, upperFirst } from "../../say/common";

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

/** What is asked of a reading in doubt, and the answers in few words, if there are any. */
export interface DoubtTestWords {
  readonly title: string;
  readonly meaning: string;
  readonly answers: readonly string[];
}

/** A size that fits badly: what to look for on the part, what it would mean, and the answers, the last for none of them. */
function conditionWords({ reading, conditions }: ConditionTest, units: Units): DoubtTestWords {
  const { label, figure } = readingWords(reading, units);
  const names = conditions.map((condition) => CONDITION_WORDS[condition]);
  return {
    title: "What has happened to the part?",
    meaning: `${upperFirst(label)} ${figure} would fit if it was ${oneOf(names)}.`,
    answers: [...names.map(upperFirst), "None of that"],
  };
}

/** The reading by its own name, to be taken as if it had never been. */
function retakeWords({ reading }: RetakeTest, units: Units): DoubtTestWords {
  const { label, figure } = readingWords(reading, units);
  return {
    title: `Take it again: ${label} ${figure}`,
    meaning: "The other readings speak against it. Take it afresh, without looking at the first.",
    answers: [],
  };
}

/** What is asked of a reading that fits badly, in words: what has happened to the part, or the reading once more. */
export function doubtTestWords(test: DoubtTest, units: Units): DoubtTestWords {
  return test.kind === "again" ? retakeWords(test, units) : conditionWords(test, units);
}
