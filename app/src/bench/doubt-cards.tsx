import {
  BENCH_SENTENCES,
  readingWords,
  widestReading,
  type Reading,
  type Suspect,
  type Units,
} from "@root-gauge/core";
import {
  likelySlips,
  sharedZero,
  sharedZeroWords,
  notHeldWords,
  refusedReadingWords,
  slipKindOf,
  slipKindWords,
  suspectWords,
  suspicionWords,
  unitSlipWords,
  type Slip,
} from "@root-gauge/core/identify/doubts";
import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { useMemo } from "react";
import { changeBench, useBenchPart } from "../data/drafts/bench";
import { ActionButton } from "../kit/action-button";
import type { NextCardProps } from "./next-props";
import { Small } from "../kit/text";
import { againOf } from "./read-again";
import { StepCard } from "./step-card";

/** Slips of a diameter that was measured; what lies between two holes of a gauge is no figure to have slipped in. */
function slipsOf(readings: readonly Reading[]): readonly Slip[] {
  const widest = widestReading(readings, "external-diameter");
  return widest === undefined ? [] : likelySlips(widest.mm);
}

/** Readings whose unit may have been the other one, put right with a touch. */
function UnitSlips({ readings }: Pick<NextCardProps, "readings">) {
  const reading = widestReading(readings, "external-diameter");
  if (reading === undefined) return null;
  const at = readings.indexOf(reading);
  return slipsOf(readings).map((slip) =>
    slip.code === "unit" ? (
      <ActionButton
        key={slip.meant}
        flex={1}
        label={unitSlipWords(slip)}
        onPress={() => changeBench({ type: "mend", at, reading: { ...reading, mm: slip.mm } })}
      />
    ) : null,
  );
}

/** Opens the pad of what the doubt is about: what was read, by its own name. */
function ReadAgain({ readings, onOpen }: Pick<NextCardProps, "readings" | "onOpen">) {
  const { label, panel } = againOf(readings);
  return <ActionButton flex={1} label={label} onPress={() => onOpen(panel)} />;
}

/** What the suspect would have been, and what kind of slip makes it so; jaws out of zero once, where they are said to be. */
function saidOf(suspect: Suspect, reading: Reading, units: Units, zero: readonly string[]): string {
  const kind = slipKindOf(reading, suspect);
  const said = suspectWords(suspect, units);
  const saidTwice = kind?.code === "zero" && zero.length > 0;
  return kind === undefined || saidTwice ? said : `${said} ${slipKindWords(kind, units)}`;
}

/** Jaws that were out for every size alike, where that lets all of them agree. */
function useSharedZero(readings: readonly Reading[], units: Units): readonly string[] {
  const { options } = useBenchPart();
  const zero = useMemo(() => sharedZero(readings, options), [readings, options]);
  return zero === undefined ? [] : [sharedZeroWords(zero, units)];
}

/** Takes the reading in this place once more. */
function TakeAgain({ suspect, label, onMend }: TakeAgainProps) {
  return (
    <ActionButton
      flex={1}
      primary
      label="Take it again"
      says={`Take again the reading ${label}`}
      onPress={() => onMend(suspect.reading)}
    />
  );
}

interface TakeAgainProps extends Pick<NextCardProps, "onMend"> {
  readonly suspect: Suspect;
  readonly label: string;
}

/** Beside a thread that leads for all that: the reading that fits it badly, and what it would have been. */
export function DoubtLine({ identification, readings, units }: NextCardProps) {
  const zero = useSharedZero(readings, units);
  const { suspects, refused } = identification;
  const [suspect] = suspects;
  const reading = suspect === undefined ? undefined : readings[suspect.reading];
  const sentences = [
    ...refused.map(refusedReadingWords),
    ...(suspect === undefined || reading === undefined
      ? []
      : [saidOf(suspect, reading, units, zero)]),
    ...zero,
  ];
  return <Small>{sentences.join(" ")}</Small>;
}

/** The suspects, that first which is to be taken again: one that was taken twice stands. */
function againFirst(suspects: readonly Suspect[], at: number | undefined): readonly Suspect[] {
  const first = suspects.filter(({ reading }) => reading === at);
  return [...first, ...suspects.filter(({ reading }) => reading !== at)];
}

function ContradictionCard(props: NextCardProps) {
  const { identification, readings, units, onOpen, onMend, onWriteUp } = props;
  const zero = useSharedZero(readings, units);
  const again = identification.nextTests.find((test) => test.kind === "again");
  const [suspect, second] = againFirst(identification.suspects, again?.at);
  const reading = suspect === undefined ? undefined : readings[suspect.reading];
  if (suspect === undefined || reading === undefined) {
    return (
      <StepCard
        title={BENCH_SENTENCES.noneFits}
        text={[...zero, notHeldWords(slipsOf(readings), units)].join(" ")}
      >
        <UnitSlips readings={readings} />
        <ReadAgain readings={readings} onOpen={onOpen} />
        <ActionButton flex={1} label="Write it up" onPress={onWriteUp} />
      </StepCard>
    );
  }
  const { label, figure } = readingWords(reading, units);
  const other = second === undefined ? undefined : suspectWords(second, units);
  return (
    <StepCard
      title={`Check this reading: ${label} ${figure}`}
      text={[...zero, suspicionWords(saidOf(suspect, reading, units, zero), other)].join(" ")}
    >
      {again?.at === suspect.reading ? (
        <TakeAgain suspect={suspect} label={`${label} ${figure}`} onMend={onMend} />
      ) : null}
      <ActionButton
        flex={1}
        label="Take it away"
        says={`Take away the reading ${label} ${figure}`}
        onPress={() => changeBench({ type: "remove", at: suspect.reading })}
      />
      <ActionButton flex={1} label="Write it up" onPress={onWriteUp} />
    </StepCard>
  );
}

function NothingFitsCard({ readings, units, onOpen, onWriteUp }: NextCardProps) {
  return (
    <StepCard title={PANEL_SENTENCES.noneHeld} text={notHeldWords(slipsOf(readings), units)}>
      <UnitSlips readings={readings} />
      <ReadAgain readings={readings} onOpen={onOpen} />
      <ActionButton flex={1} label="Write it up" onPress={onWriteUp} />
    </StepCard>
  );
}

/** What to do where nothing fits: read the suspect again, or take it for a thread that is not held. */
export function DoubtCard(props: NextCardProps) {
  const contradictory = props.identification.verdict === "contradictory";
  return contradictory ? <ContradictionCard {...props} /> : <NothingFitsCard {...props} />;
}
