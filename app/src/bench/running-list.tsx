import {
  allReasonsWords,
  decisiveReason,
  reasonWords,
  threadName,
  verdictWords,
  type Candidate,
  type Identification,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useState } from "react";
import { ActionButton } from "../kit/action-button";
import { Pressable } from "../kit/pressable";
import { Figure } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";
import { CandidateCard } from "./candidate-card";
import { inTheRunning, ruledOut } from "./running";

interface RunningListProps {
  readonly identification: Identification;
  readonly units: Units;
  readonly onRuledOut: () => void;
}

function reasonLine(candidate: Candidate, first: boolean, units: Units): string {
  if (first) return allReasonsWords(candidate, units);
  const reason = decisiveReason(candidate);
  return reason === undefined ? "" : reasonWords(reason, units);
}

/** The verdict's word with its plate, and the way to the threads that fell. */
function VerdictLine({ identification, onRuledOut }: Omit<RunningListProps, "units">) {
  return (
    <View flexDirection="row" alignItems="center" gap={8}>
      <VerdictMark verdict={identification.verdict} />
      <Figure render="h2" margin={0} flex={1} fontSize={18} aria-live="polite">
        {verdictWords(identification)}
      </Figure>
      <Pressable paddingHorizontal={8} onPress={onRuledOut}>
        <Figure fontSize={15} textDecorationLine="underline">
          Ruled out {ruledOut(identification.candidates).length}
        </Figure>
      </Pressable>
    </View>
  );
}

/** Share of "something else" from which it is worth a card of its own. */
const NOTABLE_UNKNOWN = 0.05;

/** As many as are taken in at a glance; the rest come when asked for. */
const SHOWN_AT_FIRST = 5;

/** Still in the running: the verdict, then the likeliest threads with why. */
export function RunningList({ identification, units, onRuledOut }: RunningListProps) {
  const [showAll, setShowAll] = useState(false);
  const running = inTheRunning(identification.candidates);
  const shown = showAll ? running : running.slice(0, SHOWN_AT_FIRST);
  return (
    <View gap={6}>
      <VerdictLine identification={identification} onRuledOut={onRuledOut} />
      <View role="list" aria-label="Still in the running" gap={8}>
        {identification.unknown > 0.5 ? <UnknownCard unknown={identification.unknown} /> : null}
        {shown.map((candidate, at) => (
          <CandidateCard
            key={candidate.thread.id}
            name={threadName(candidate.thread)}
            probability={candidate.probability}
            reason={reasonLine(candidate, at === 0, units)}
          />
        ))}
        {identification.unknown >= NOTABLE_UNKNOWN && identification.unknown <= 0.5 ? (
          <UnknownCard unknown={identification.unknown} />
        ) : null}
      </View>
      {shown.length < running.length ? (
        <ActionButton
          label={`Show ${running.length - shown.length} more`}
          onPress={() => setShowAll(true)}
        />
      ) : null}
    </View>
  );
}

function UnknownCard({ unknown }: { unknown: number }) {
  return (
    <CandidateCard
      name="Something else"
      probability={unknown}
      reason="A thread that is not held here: special, worn past telling, or misread."
    />
  );
}
