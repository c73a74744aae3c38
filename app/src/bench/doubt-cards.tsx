import { BENCH_SENTENCES, readingWords, widestReading, type Reading } from "@root-gauge/core";
import {
  likelySlips,
  notHeldWords,
  suspectWords,
  suspicionWords,
  unitSlipWords,
  type Slip,
} from "@root-gauge/core/doubts";
import { changeBench } from "../data/bench";
import { ActionButton } from "../kit/action-button";
import type { NextCardProps } from "./next-props";
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

function ContradictionCard(props: NextCardProps) {
  const { identification, readings, units, onOpen, onWriteUp } = props;
  const [suspect, second] = identification.suspects;
  const reading = suspect === undefined ? undefined : readings[suspect.reading];
  if (suspect === undefined || reading === undefined) {
    return (
      <StepCard title={BENCH_SENTENCES.noneFits} text={notHeldWords(slipsOf(readings), units)}>
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
      text={suspicionWords(suspectWords(suspect, units), other)}
    >
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
    <StepCard title={BENCH_SENTENCES.noneHeld} text={notHeldWords(slipsOf(readings), units)}>
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
