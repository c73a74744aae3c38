import {
  LEAF_OUTCOME_WORDS,
  angleWords,
  leafWords,
  nextTestWords,
  readingWords,
  suspectWords,
  type Identification,
  type LeafOutcome,
  type NextTest,
  type Reading,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { changeBench } from "../data/bench";
import { ActionButton } from "../kit/action-button";
import { lowerFirst, upperFirst } from "../kit/letter-case";
import { Body, Heading } from "../kit/text";
import { useLayout } from "../kit/wide";
import type { PanelName } from "../shell/use-panel";

export interface NextCardProps {
  readonly identification: Identification;
  readonly readings: readonly Reading[];
  readonly units: Units;
  readonly onOpen: (panel: PanelName) => void;
  readonly onWriteUp: () => void;
  readonly onStartAnother: () => void;
}

interface CardProps {
  readonly title: string;
  readonly text: string;
  readonly children: React.ReactNode;
}

function Shell({ title, text, children }: CardProps) {
  return (
    <View gap={6} id="next-test" role="region" aria-label="Next">
      <Heading fontSize={18} lineHeight={22}>
        {title}
      </Heading>
      <Body color="$quiet">{text}</Body>
      <View flexDirection="row" flexWrap="wrap" gap={8} marginTop={4}>
        {children}
      </View>
    </View>
  );
}

/** A test that is answered by looking: a button for each answer that is to be reckoned with. */
function SeenTest({
  test,
  headed,
  meaning,
  onOpen,
}: {
  test: Extract<NextTest, { kind: "flank-angle" | "taper" }>;
  headed: string;
  meaning: string;
} & Pick<NextCardProps, "onOpen">) {
  const answers: readonly { label: string; reading: Reading }[] =
    test.kind === "flank-angle"
      ? test.outcomes.map(({ outcome }) => ({
          label: upperFirst(angleWords(outcome)),
          reading: { kind: "flank-angle", degrees: outcome },
        }))
      : test.outcomes.map(({ outcome }) => ({
          label: outcome ? "Tapered" : "Parallel",
          reading: { kind: "taper", tapered: outcome },
        }));
  return (
    <Shell title={headed} text={meaning}>
      {answers.map(({ label, reading }) => (
        <ActionButton
          key={label}
          flex={1}
          label={label}
          onPress={() => changeBench({ type: "answer", kind: reading.kind, reading })}
        />
      ))}
      <ActionButton
        label="Other"
        says="Other forms, and where it is from"
        onPress={() => onOpen("form")}
      />
    </Shell>
  );
}

function TestCard({ test, onOpen }: { test: NextTest } & Pick<NextCardProps, "onOpen">) {
  const { wide } = useLayout();
  const { title, meaning } = nextTestWords(test);
  // On a wide screen the column's own heading says "Next".
  const headed = wide ? title : `Next: ${lowerFirst(title)}`;
  if (test.kind === "leaf") {
    const answer = (outcome: LeafOutcome) => {
      changeBench({ type: "take", reading: { kind: "leaf", ...test.leaf, outcome } });
    };
    return (
      <Shell title={headed} text={meaning}>
        {(["drops-in", "rocks"] as const).map((outcome) => (
          <ActionButton
            key={outcome}
            flex={1}
            label={upperFirst(LEAF_OUTCOME_WORDS[outcome])}
            says={`The ${leafWords(test.leaf)} leaf ${LEAF_OUTCOME_WORDS[outcome]}`}
            onPress={() => answer(outcome)}
          />
        ))}
        <ActionButton
          label="Other"
          says="Other leaf, or another way"
          onPress={() => onOpen("pitch")}
        />
      </Shell>
    );
  }
  if (test.kind === "flank-angle" || test.kind === "taper") {
    return <SeenTest test={test} headed={headed} meaning={meaning} onOpen={onOpen} />;
  }
  const panel = test.kind === "external-diameter" ? "diameter" : "pitch";
  return (
    <Shell title={headed} text={meaning}>
      <ActionButton
        flex={1}
        primary
        label={panel === "diameter" ? "Enter the diameter" : "Enter the pitch"}
        onPress={() => onOpen(panel)}
      />
    </Shell>
  );
}

function SettledCard({ identification, onWriteUp, onStartAnother }: NextCardProps) {
  const designation = identification.candidates[0]?.thread.designation ?? "";
  return (
    <Shell title={designation} text="Write it up for the job, or put the next part on the bench.">
      <ActionButton flex={1} label="Start another" onPress={onStartAnother} />
      <ActionButton flex={1} primary label="Write it up" onPress={onWriteUp} />
    </Shell>
  );
}

function ContradictionCard(props: NextCardProps) {
  const { identification, readings, units, onOpen, onWriteUp } = props;
  const [suspect] = identification.suspects;
  const reading = suspect === undefined ? undefined : readings[suspect.reading];
  if (suspect === undefined || reading === undefined) {
    return (
      <Shell
        title="No thread held fits these readings"
        text="Read the diameter again: zero the jaws, over the crests, mm or inches as meant. Or it is a thread not held here."
      >
        <ActionButton flex={1} label="Read Ø again" onPress={() => onOpen("diameter")} />
        <ActionButton flex={1} label="Write it up" onPress={onWriteUp} />
      </Shell>
    );
  }
  const { label, figure } = readingWords(reading, units);
  return (
    <Shell
      title={`Check this reading: ${label} ${figure}`}
      text={`${suspectWords(suspect, units)} If it was right, this is a thread not held here.`}
    >
      <ActionButton
        flex={1}
        label="Take it away"
        says={`Take away the reading ${label} ${figure}`}
        onPress={() => changeBench({ type: "remove", at: suspect.reading })}
      />
      <ActionButton flex={1} label="Write it up" onPress={onWriteUp} />
    </Shell>
  );
}

function NothingFitsCard({ onOpen, onWriteUp }: NextCardProps) {
  return (
    <Shell
      title="Outside every thread held"
      text="What may have gone wrong: mm for inches, jaws not zeroed, measured over flats instead of crests. Or it is a thread not held here."
    >
      <ActionButton flex={1} label="Read Ø again" onPress={() => onOpen("diameter")} />
      <ActionButton flex={1} label="Write it up" onPress={onWriteUp} />
    </Shell>
  );
}

/** What to do next: the test that separates what is left, or, when settled, writing it up. */
export function NextCard(props: NextCardProps) {
  const { verdict, unknown, nextTests } = props.identification;
  if (verdict === "settled") return <SettledCard {...props} />;
  if (verdict === "contradictory") return <ContradictionCard {...props} />;
  if (unknown > 0.5) return <NothingFitsCard {...props} />;
  const [test] = nextTests;
  if (test !== undefined) return <TestCard test={test} onOpen={props.onOpen} />;
  return (
    <Shell
      title="No test on hand separates these"
      text="Take the pitch another way, or write it up as it stands."
    >
      <ActionButton flex={1} label="Enter a pitch" onPress={() => props.onOpen("pitch")} />
      <ActionButton flex={1} label="Write it up" onPress={props.onWriteUp} />
    </Shell>
  );
}
