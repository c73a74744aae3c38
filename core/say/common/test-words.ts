import {
  leafMark,
  TEST_TURNS,
  type InformativeTest,
  type OpeningTest,
  type ReadingTest,
  type TestAnswer,
} from "../../identify/weigh";
import { threadName, type Thread } from "../../catalogue/threads";
import { printLength, printPlain, type Units } from "../../measure";
import { withArticle } from "./article";
import { lowerFirst, upperFirst } from "./letter-case";
import { spanWords } from "./said-words";
import { leafWords } from "./figures";
import {
  FUNCTION_WORDS,
  LEAF_OUTCOME_WORDS,
  MARK_KIND_WORDS,
  PLACE_WORDS,
  TRIAL_WORDS,
} from "./reading-words";
import { angleWords } from "./thread-words";

/** A test as an instruction, and what each answer to it would leave. */
export interface TestWords {
  readonly title: string;
  /** Every answer with the threads it would leave standing, as one line. */
  readonly meaning: string;
  /** The answers in few words, in the order of the test's outcomes. */
  readonly answers: readonly string[];
}

const MOST_NAMED = 3;

function namesOf(threads: readonly Thread[]): string {
  if (threads.length === 0) return "none of these";
  const names = threads.slice(0, MOST_NAMED).map(({ designation }) => designation);
  return names.join(" or ");
}

function openingWords({ kind, tool, beside }: OpeningTest): TestWords {
  if (beside) {
    const inside = kind === "internal-diameter";
    return {
      title: `Measure ${inside ? "the bore" : "over the crests"} once more`,
      meaning: "Nothing else parts what is left. At another place, jaws square: the widest counts.",
      answers: [],
    };
  }
  if (kind === "internal-diameter") {
    return {
      title: "Measure the bore",
      meaning: "A nut shows its minor diameter, which looks like no size until it is looked up.",
      answers: [],
    };
  }
  if (kind === "diameter-between") {
    return {
      title: "Try it in the hole gauge",
      meaning: "The last hole it enters and the first it does not leave a handful of threads.",
      answers: [],
    };
  }
  return {
    title: `Measure over the crests${tool === "rule" ? " with the rule" : ""}`,
    meaning: "The diameter leaves a handful of threads standing. Touch Ø, or the drawing.",
    answers: [],
  };
}

const taperedWords = (tapered: boolean) => (tapered ? "Tapered" : "Parallel");

/** Which of several leaves drops in, instead of whether one does. */
const isFinding = (test: InformativeTest) => test.kind === "leaf" && test.others.length > 0;

/** The answer as it stands on its button or before its meaning. */
function testAnswerWords(answer: TestAnswer, test: InformativeTest, units: Units): string {
  if (answer.kind === "size") return `About ${printLength(answer.mm, units)}`;
  if (answer.kind === "mark") return MARK_KIND_WORDS[answer.mark];
  if (answer.kind === "other") return "Anything else";
  if (answer.kind === "taper") return taperedWords(answer.tapered);
  const { reading } = answer;
  switch (reading.kind) {
    case "leaf":
      return isFinding(test)
        ? leafWords(leafMark(reading))
        : upperFirst(LEAF_OUTCOME_WORDS[reading.outcome]);
    case "flank-angle":
      return upperFirst(angleWords(reading.degrees));
    case "taper":
      return taperedWords(reading.tapered);
    case "crest-form":
      return upperFirst(reading.form);
    case "trial-fit":
      return upperFirst(TRIAL_WORDS[reading.outcome]);
    case "count":
      return printPlain(reading.threads, 1);
    case "origin":
      return PLACE_WORDS[reading.place ?? "unknown"];
    case "head-mark":
      return "No mark";
    case "function":
      return upperFirst(FUNCTION_WORDS[reading.what]);
    case "hand":
      return reading.hand === "left" ? "Left-hand" : "Right-hand";
    default:
      return reading.kind;
  }
}

function titleOf(test: InformativeTest, units: Units): string {
  switch (test.kind) {
    case "leaf":
      return isFinding(test)
        ? "Find the leaf that drops in"
        : `Lay the ${leafWords(test.leaf)} leaf on it`;
    case "flank-angle":
      return test.beside ? "Check the flank angle once more" : "Check the flank angle";
    case "crest-form":
      return "Look at the crests with a glass";
    case "taper":
      return "See whether it tapers";
    case "taper-measured":
      return "Measure it at both ends";
    case "thread-depth":
      return "Measure the depth of thread";
    case "trial-fit":
      return test.partIs === "external"
        ? `Run ${aThread(test.with)} nut ${TEST_TURNS} turns on to it`
        : `Run ${aThread(test.with)} bolt ${TEST_TURNS} turns into it`;
    case "crest-to-crest":
      return `Measure ${test.pitches} pitches, crest to crest`;
    case "count":
      return `Count the threads in ${spanWords(test.spanMm, units)}`;
    case "across-flats":
      return "Measure across the flats";
    case "head-mark":
      return "Look for a mark on the head";
    case "origin":
      return "Where is the machine from?";
    case "function":
      return "What is it off?";
    case "hand":
      return "See which way it turns";
  }
}

/** "an M10 x 1.5", "a 3/8-16 UNC", with the article as it is spoken. */
export function aThread(thread: Thread): string {
  return withArticle(threadName(thread));
}

/** What the answers leave, each once, with every answer that leaves it. */
function meanings(
  { outcomes }: InformativeTest,
  answers: readonly string[],
): readonly (readonly [string, readonly string[]])[] {
  const ways = new Map<string, string[]>();
  outcomes.forEach(({ leaves }, i) => {
    const names = namesOf(leaves);
    ways.set(names, [...(ways.get(names) ?? []), answers[i] ?? ""]);
  });
  return [...ways];
}

const LOWERED: ReadonlySet<string> = new Set(
  [...Object.values(LEAF_OUTCOME_WORDS), ...Object.values(TRIAL_WORDS)].map(upperFirst),
);

/** An answer amid a sentence; marks and names of places keep their capitals. */
const amid = (answer: string) =>
  LOWERED.has(answer) || answer.startsWith("About ") ? lowerFirst(answer) : answer;

const listed = ([first = "", ...more]: readonly string[]) =>
  [first, ...more.map(amid)].join(" or ");

/** A test as an instruction with what each outcome would mean; what is asked of a doubtful reading has its words in `doubts`. */
export function nextTestWords(test: ReadingTest, units: Units): TestWords {
  if (!("outcomes" in test)) return openingWords(test);
  const answers = test.outcomes.map(({ answer }) => testAnswerWords(answer, test, units));
  const meaning = meanings(test, answers)
    .map(([names, ways]) => `${listed(ways)}: ${names}.`)
    .join(" ");
  return { title: titleOf(test, units), meaning, answers };
}
