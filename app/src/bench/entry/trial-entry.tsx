import {
  ACCEPTED,
  A_FEW_TURNS,
  TRIAL_WORDS,
  lookUpThreadAlone,
  upperFirst,
  type Candidate,
  type Thread,
  type ThreadSide,
  type TrialOutcome,
  plainFigure,
} from "@root-gauge/core";
import { designationProblemWords, whichThreadWords } from "@root-gauge/core/say/charts";
import { TEACHING, trialTurnsProblemWords, chooseKnownWords } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { useState } from "react";
import { takeReading } from "../../data/drafts/bench";
import type { DraftField } from "../../data/kept/draft-fields";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { ActionButton } from "../../kit/action-button";
import { ChoiceChips } from "../../kit/choice-chips";
import { Body, Figure, Label, Small } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";

const TYPED = "trial.with";
const TURNS = "trial.turns";
const OUTCOMES: readonly TrialOutcome[] = ["runs-freely", "binds", "loose", "will-not-start"];

/** Threads of the likeliest candidates, as many as fit a thumb's reach. */
const SUGGESTED = 6;

/** Of the threads that a text may mean, how many are named. */
const MOST_NAMED = 4;

interface Tried {
  readonly thread?: Thread;
  readonly problem?: string;
}

function triedPart(text: string): Tried {
  if (text.trim() === "") return {};
  const read = lookUpThreadAlone(text);
  if (read.kind === "found") return { thread: read.thread };
  if (read.kind === "choices") {
    return { problem: whichThreadWords(text, read.threads, MOST_NAMED) };
  }
  return { problem: designationProblemWords(read.problem) };
}

interface Turns {
  readonly turns?: number;
  readonly problem?: string;
}

function turnsFrom(text: string): Turns {
  if (text.trim() === "") return {};
  const turns = plainFigure(text);
  const { min, max } = ACCEPTED.turns;
  if (turns >= min && turns <= max) return { turns };
  return { problem: trialTurnsProblemWords(text) };
}

export interface TrialEntryProps {
  readonly candidates: readonly Candidate[];
  readonly partIs: ThreadSide;
  readonly onDone: () => void;
}

/** A known nut or bolt tried on the part: which one, how it went, and after how many turns it bound. */
export function TrialEntry({ candidates, partIs, onDone }: TrialEntryProps) {
  const typed = useDraft(TYPED) ?? "";
  const typedTurns = useDraft(TURNS) ?? "";
  const [turnsProblem, setTurnsProblem] = useState<string>();
  const { thread, problem } = triedPart(typed);
  const known = partIs === "external" ? "nut" : "bolt";
  const write = (field: DraftField) => (text: string) => {
    setTurnsProblem(undefined);
    writeDraft(field, text);
  };
  const take = (outcome: TrialOutcome) => {
    if (thread === undefined) return;
    const counted = outcome === "will-not-start" ? {} : turnsFrom(typedTurns);
    setTurnsProblem(counted.problem);
    if (counted.problem !== undefined) return;
    const turns = counted.turns === undefined ? {} : { turns: counted.turns };
    takeReading({ kind: "trial-fit", with: thread.designation, partIs, outcome, ...turns }, [
      TYPED,
      TURNS,
    ]);
    onDone();
  };
  const suggested = candidates.slice(0, SUGGESTED).map(({ thread: { designation } }) => ({
    value: designation,
    label: designation,
  }));
  return (
    <View gap={12}>
      <Small>{TEACHING["trial-fit"]}</Small>
      <Label>{`The known ${known}`}</Label>
      <ChoiceChips
        name={`The known ${known}`}
        value={thread?.designation}
        choices={suggested}
        onChange={(designation) => write(TYPED)(designation ?? "")}
      />
      <TextEntry
        label={`Another ${known}, by its thread`}
        value={typed}
        placeholder="M10x1.25, 3/8-16"
        longest={ACCEPTED.text.max}
        problem={problem}
        onChange={write(TYPED)}
      />
      {thread === undefined ? (
        <Body>{chooseKnownWords(known)}</Body>
      ) : (
        <View gap={8}>
          <TextEntry
            label={`Turns it was run, or until it bound; ${A_FEW_TURNS} when not said`}
            value={typedTurns}
            longest={6}
            problem={turnsProblem}
            onChange={write(TURNS)}
          />
          <Figure>{`The ${thread.designation} ${known}`}</Figure>
          <View flexDirection="row" flexWrap="wrap" gap={8}>
            {OUTCOMES.map((outcome) => (
              <ActionButton
                key={outcome}
                flex={1}
                label={upperFirst(TRIAL_WORDS[outcome])}
                onPress={() => take(outcome)}
              />
            ))}
          </View>
        </View>
      )}
    </View>
  );
}
