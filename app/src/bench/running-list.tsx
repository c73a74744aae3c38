import {
  STANDING_WORDS,
  UNKNOWN_WORDS,
  allReasonsWords,
  decisiveReason,
  reasonWords,
  standingOf,
  threadName,
  unknownStanding,
  verdictWords,
  type Candidate,
  type Identification,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { useState } from "react";
import { ActionButton } from "../kit/action-button";
import { Pressable } from "../kit/pressable";
import { Figure, Label } from "../kit/text";
import { VerdictMark } from "../kit/verdict-mark";
import { CandidateRow } from "./candidate-row";

interface RunningListProps {
  readonly identification: Identification;
  readonly units: Units;
  /** There is room for a sentence under every thread; else only the first has a line. */
  readonly roomy: boolean;
  readonly onRuledOut: () => void;
}

function decisiveWords(candidate: Candidate, units: Units): string {
  const reason = decisiveReason(candidate);
  return reason === undefined ? "" : reasonWords(reason, units);
}

/** The verdict's word with its plate, and the way to the threads that fell. */
function VerdictLine({
  identification,
  fallen,
  onRuledOut,
}: Pick<RunningListProps, "identification" | "onRuledOut"> & { fallen: number }) {
  return (
    <View flexDirection="row" alignItems="center" gap={8}>
      <VerdictMark verdict={identification.verdict} />
      <Figure render="h2" margin={0} flex={1} fontSize="$name" aria-live="polite">
        {verdictWords(identification)}
      </Figure>
      <Pressable paddingHorizontal={8} onPress={onRuledOut}>
        <Figure fontSize="$detail" textDecorationLine="underline">
          {`${STANDING_WORDS.ruledOut} ${fallen}`}
        </Figure>
      </Pressable>
    </View>
  );
}

/** As many as are taken in at a glance; the rest come when asked for. */
const SHOWN_AT_FIRST = 5;

/** Still in the running: the verdict, the threads it speaks of with why, then those that are less likely. */
export function RunningList({ identification, units, roomy, onRuledOut }: RunningListProps) {
  const [showAll, setShowAll] = useState(false);
  const { candidates, verdict, unknown } = identification;
  const { running, lessLikely, ruledOut } = standingOf(verdict, candidates);
  const most = showAll ? Infinity : SHOWN_AT_FIRST;
  const shown = running.slice(0, most);
  const shownToo = lessLikely.slice(0, Math.max(0, most - shown.length));
  const hidden = running.length + lessLikely.length - shown.length - shownToo.length;
  const unknownIs = unknownStanding(unknown);
  const card = (candidate: Candidate) => (
    <CandidateRow
      key={candidate.thread.id}
      name={threadName(candidate.thread)}
      probability={candidate.probability}
      reason={decisiveWords(candidate, units)}
      allReasons={allReasonsWords(candidate, units)}
      tells={roomy ? "a sentence" : candidate === candidates[0] ? "a line" : "nothing"}
    />
  );
  return (
    <View gap={4}>
      <VerdictLine
        identification={identification}
        fallen={ruledOut.length}
        onRuledOut={onRuledOut}
      />
      <View role="list" aria-label={STANDING_WORDS.running}>
        {unknownIs === "leads" ? <UnknownRow unknown={unknown} /> : null}
        {shown.map(card)}
        {unknownIs === "notable" ? <UnknownRow unknown={unknown} /> : null}
      </View>
      {shownToo.length === 0 ? null : (
        <>
          <Label>{STANDING_WORDS.lessLikely}</Label>
          <View role="list" aria-label={STANDING_WORDS.lessLikely}>
            {shownToo.map(card)}
          </View>
        </>
      )}
      {hidden === 0 ? null : (
        <ActionButton label={`Show ${hidden} more`} onPress={() => setShowAll(true)} />
      )}
    </View>
  );
}

function UnknownRow({ unknown }: { unknown: number }) {
  return (
    <CandidateRow
      {...UNKNOWN_WORDS}
      probability={unknown}
      allReasons={UNKNOWN_WORDS.reason}
      tells="a line"
    />
  );
}
