import {
  nextTestWords,
  testKey,
  threadName,
  takesReading,
  unknownStanding,
  lowerFirst,
  BENCH_SENTENCES,
  type InformativeTest,
  type OpeningTest,
  type Reading,
  type ReadingTest,
} from "@root-gauge/core";
import { changeBench, takeReading } from "../data/drafts/bench";
import { writeDraft } from "../data/drafts/drafts";
import { changeSettings } from "../data/kept/settings";
import { ActionButton } from "../kit/action-button";
import { useLayout } from "../kit/wide";
import type { PanelName } from "../shell/use-panel";
import { useFetched } from "../shell/fetched-later";
import type { NextCardProps } from "./next-props";
import { MANY_ANSWERS_WIDTH, StepCard } from "./step-card";

/** Where a test's answer is given when it is more than a touch. */
const PANEL_OF: Readonly<Record<InformativeTest["kind"], PanelName>> = {
  leaf: "pitch",
  "crest-to-crest": "pitch",
  count: "pitch",
  "flank-angle": "form",
  "crest-form": "form",
  "taper-measured": "taper",
  "thread-depth": "depth",
  taper: "taper",
  origin: "form",
  function: "form",
  hand: "form",
  "trial-fit": "trial",
  "across-flats": "flats",
  "head-mark": "head",
};

/** Readings of which there may be several are taken; the one answer to a question takes the place of the last. */
const TAKEN: ReadonlySet<Reading["kind"]> = new Set(["leaf", "count", "trial-fit"]);

function give(reading: Reading, beside = false): void {
  if (beside || TAKEN.has(reading.kind)) takeReading(reading);
  else changeBench({ type: "answer", kind: reading.kind, reading });
}

const MEASURED: ReadonlySet<InformativeTest["kind"]> = new Set([
  "crest-to-crest",
  "across-flats",
  "taper-measured",
  "thread-depth",
]);

/** Of leaves that were all tried and all rock, each is a reading. */
function noneDropsIn(test: InformativeTest): readonly Reading[] {
  if (test.kind !== "leaf" || test.others.length === 0) return [];
  return [test.leaf, ...test.others].map((leaf) => ({ kind: "leaf", ...leaf, outcome: "rocks" }));
}

interface TestCardProps extends Pick<NextCardProps, "units" | "onOpen"> {
  readonly headed: string;
}

function InformativeCard({
  test,
  units,
  headed,
  onOpen,
}: TestCardProps & { test: InformativeTest }) {
  const later = useFetched();
  const { title, meaning, answers } = nextTestWords(test, units);
  const none = noneDropsIn(test);
  const open = () => {
    if (test.kind === "crest-to-crest") {
      writeDraft("pitch.way", "crests");
    }
    onOpen(PANEL_OF[test.kind]);
  };
  return (
    <StepCard
      title={headed}
      text={meaning}
      teach={later?.TEACHING[test.kind]}
      onSkip={() => changeBench({ type: "skip-test", test: testKey(test) })}
    >
      {MEASURED.has(test.kind) ? (
        <ActionButton flex={1} primary label="Enter the measure" onPress={open} />
      ) : (
        <>
          {test.outcomes.map(({ answer }, i) =>
            answer.kind === "other" ? null : (
              <ActionButton
                key={answers[i]}
                flex={1}
                minWidth={test.outcomes.length > 2 ? MANY_ANSWERS_WIDTH : undefined}
                label={answers[i] ?? ""}
                says={`${title}: ${lowerFirst(answers[i] ?? "")}`}
                onPress={() => {
                  if (answer.kind === "reading") give(answer.reading, "beside" in test);
                  else open();
                }}
              />
            ),
          )}
          {none.length === 0 ? null : (
            <ActionButton
              flex={1}
              minWidth={MANY_ANSWERS_WIDTH}
              label="None does"
              says={`${title}: none does`}
              onPress={() => changeBench({ type: "take-each", readings: none })}
            />
          )}
          <ActionButton label="Other" says="Other answer, or another way" onPress={open} />
        </>
      )}
    </StepCard>
  );
}

function OpeningCard({ test, units, headed, onOpen }: TestCardProps & { test: OpeningTest }) {
  const later = useFetched();
  const { meaning } = nextTestWords(test, units);
  const open = () => {
    if (test.tool === "rule" || test.tool === "hole-gauge" || test.tool === "micrometer") {
      changeSettings({ instrument: test.tool });
    }
    onOpen("diameter");
  };
  return (
    <StepCard
      title={headed}
      text={meaning}
      teach={later?.TEACHING[test.kind]}
      onSkip={
        test.beside ? () => changeBench({ type: "skip-test", test: testKey(test) }) : undefined
      }
    >
      <ActionButton
        flex={1}
        primary
        label={test.kind === "internal-diameter" ? "Enter the bore" : "Enter the diameter"}
        onPress={open}
      />
    </StepCard>
  );
}

function TestCard({ test, ...props }: { test: ReadingTest } & Omit<TestCardProps, "headed">) {
  const { wide } = useLayout();
  const { title } = nextTestWords(test, props.units);
  // On a wide screen the column's own heading says "Next".
  const headed = wide ? title : `Next: ${lowerFirst(title)}`;
  return "outcomes" in test ? (
    <InformativeCard {...props} test={test} headed={headed} />
  ) : (
    <OpeningCard {...props} test={test} headed={headed} />
  );
}

function SettledCard({
  identification,
  onWriteUp,
  onStartAnother,
  onStartAnotherLike,
}: NextCardProps) {
  const [best] = identification.candidates;
  const name = best === undefined ? "" : threadName(best.thread);
  return (
    <StepCard title={name} text={BENCH_SENTENCES.settled}>
      <ActionButton
        flex={1}
        label="One like it"
        says={BENCH_SENTENCES.oneLikeIt}
        onPress={onStartAnotherLike}
      />
      <ActionButton flex={1} label="Start another" onPress={onStartAnother} />
      <ActionButton flex={1} primary label="Write it up" onPress={onWriteUp} />
    </StepCard>
  );
}

/** Until what may be wrong can be said. */
function DoubtMeanwhile({ onOpen, onWriteUp }: NextCardProps) {
  return (
    <StepCard title={BENCH_SENTENCES.noneFits} text={BENCH_SENTENCES.takeAnotherWay}>
      <ActionButton flex={1} label="Measure across it" onPress={() => onOpen("diameter")} />
      <ActionButton flex={1} label="Write it up" onPress={onWriteUp} />
    </StepCard>
  );
}

/** What is doubtful beside a thread that leads for all that: a reading that fits it badly, or one that was left out. */
function Doubts(props: NextCardProps) {
  const later = useFetched();
  const { suspects, refused } = props.identification;
  if (later === undefined || suspects.length + refused.length === 0) return null;
  return <later.DoubtLine {...props} />;
}

/** What to do next: the test that separates what is left, or, when settled, writing it up. */
export function NextCard(props: NextCardProps) {
  const { verdict, unknown, nextTests } = props.identification;
  const later = useFetched();
  const condition = nextTests.find((test) => test.kind === "condition");
  if (condition !== undefined && later !== undefined) {
    return <later.ConditionCard {...props} test={condition} />;
  }
  if (verdict === "contradictory" || unknownStanding(unknown) === "leads") {
    return later === undefined ? <DoubtMeanwhile {...props} /> : <later.DoubtCard {...props} />;
  }
  return (
    <>
      {verdict === "settled" ? <SettledCard {...props} /> : <AskingCard {...props} />}
      <Doubts {...props} />
    </>
  );
}

function AskingCard(props: NextCardProps) {
  const later = useFetched();
  const { nextTests } = props.identification;
  const again = nextTests.find((test) => test.kind === "again");
  if (again !== undefined && later !== undefined) {
    return <later.AgainCard {...props} test={again} />;
  }
  const test = nextTests.find(takesReading);
  if (test !== undefined) {
    return <TestCard test={test} units={props.units} onOpen={props.onOpen} />;
  }
  return (
    <StepCard title={BENCH_SENTENCES.noTest} text={BENCH_SENTENCES.takeAnotherWay}>
      <ActionButton flex={1} label="Enter a pitch" onPress={() => props.onOpen("pitch")} />
      <ActionButton flex={1} label="Tools on hand" onPress={() => props.onOpen("tools")} />
      <ActionButton flex={1} label="Write it up" onPress={props.onWriteUp} />
    </StepCard>
  );
}
