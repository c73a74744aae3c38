import {
  ACCEPTED,
  PART_CONDITIONS,
  TEACHING_SIZES,
  upperFirst,
  BENCH_SENTENCES,
  type BoreInstrument,
  type DiameterInstrument,
  type PartCondition,
  type ThreadSide,
} from "@root-gauge/core";
import { useState } from "react";
import { takeReading } from "../../data/drafts/bench";
import { useMended } from "../../data/drafts/mending";
import type { Settings } from "../../data/kept/kept-schemas";
import { changeSettings, useSettings } from "../../data/kept/settings";
import { ChoiceChips } from "../../kit/choice-chips";
import { ChoiceRow } from "../../kit/choice-row";
import { useFetched } from "../../shell/fetched-later";
import type { EntryProps } from "./entry-props";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

const OVER_CRESTS: readonly PadField[] = [
  { key: "diameter", label: "Ø over crests", kind: "length", accepted: ACCEPTED.diameter },
];

const GAUGE: readonly PadField[] = [
  { key: "gauge.not-over", label: "Enters", kind: "length", accepted: ACCEPTED.diameter },
  { key: "gauge.over", label: "Does not enter", kind: "length", accepted: ACCEPTED.diameter },
];

const BORE: readonly PadField[] = [
  { key: "bore", label: "Bore", kind: "length", accepted: ACCEPTED.bore },
];

const INSTRUMENTS: readonly { value: Settings["instrument"]; label: string }[] = [
  { value: "caliper", label: "Caliper" },
  { value: "micrometer", label: "Mic" },
  { value: "rule", label: "Rule" },
  { value: "hole-gauge", label: "Hole gauge" },
];

const BORE_INSTRUMENTS: readonly { value: BoreInstrument; label: string }[] = [
  { value: "caliper", label: "Caliper" },
  { value: "pin", label: "Pin or drill" },
];

const CONDITIONS = PART_CONDITIONS.map((value) => ({
  value,
  label: upperFirst(value),
}));

/** How the part is judged: of a reading that is put right, as it was. */
function useCondition() {
  const mended = useMended();
  const judged = mended !== undefined && "condition" in mended ? mended.condition : undefined;
  return useState<PartCondition | undefined>(judged);
}

interface ConditionProps {
  readonly value: PartCondition | undefined;
  readonly onChange: (value: PartCondition | undefined) => void;
}

function Condition({ value, onChange }: ConditionProps) {
  return (
    <ChoiceChips
      name="Condition of the part"
      all="Not judged"
      value={value}
      choices={CONDITIONS}
      onChange={onChange}
    />
  );
}

function Instruments() {
  const { instrument } = useSettings();
  return (
    <ChoiceRow
      fill
      name="Measured with"
      value={instrument}
      choices={INSTRUMENTS}
      onChange={(chosen) => changeSettings({ instrument: chosen })}
    />
  );
}

function CrestsEntry({
  instrument,
  units,
  onDone,
}: EntryProps & { instrument: DiameterInstrument }) {
  const [condition, setCondition] = useCondition();
  return (
    <ReadingPad
      fields={OVER_CRESTS}
      units={units}
      action="Take this diameter"
      teach={TEACHING_SIZES["external-diameter"]}
      above={
        <>
          <Instruments />
          <Condition value={condition} onChange={setCondition} />
        </>
      }
      onTake={([mm = 0], said) => {
        const judged = condition === undefined ? {} : { condition };
        takeReading({ kind: "external-diameter", mm, said, instrument, ...judged }, ["diameter"]);
        onDone();
      }}
    />
  );
}

function GaugeEntry({ units, onDone }: EntryProps) {
  const [condition, setCondition] = useCondition();
  return (
    <ReadingPad
      fields={GAUGE}
      units={units}
      action="Take these holes"
      teach={TEACHING_SIZES["diameter-between"]}
      above={
        <>
          <Instruments />
          <Condition value={condition} onChange={setCondition} />
        </>
      }
      check={([notOverMm = 0, overMm = 0]) =>
        overMm < notOverMm ? undefined : BENCH_SENTENCES.holesWrongWayRound
      }
      onTake={([notOverMm = 0, overMm = 0], said) => {
        takeReading(
          {
            kind: "diameter-between",
            overMm,
            notOverMm,
            said: [...said].reverse(),
            ...(condition === undefined ? {} : { condition }),
          },
          GAUGE.map(({ key }) => key),
        );
        onDone();
      }}
    />
  );
}

function BoreEntry({ units, onDone }: EntryProps) {
  const { bore: instrument } = useSettings();
  const [condition, setCondition] = useCondition();
  const later = useFetched();
  return (
    <ReadingPad
      fields={BORE}
      units={units}
      action="Take this bore"
      teach={TEACHING_SIZES["internal-diameter"]}
      above={
        <>
          <ChoiceRow
            fill
            name="Measured with"
            value={instrument}
            choices={BORE_INSTRUMENTS}
            onChange={(bore) => changeSettings({ bore })}
          />
          {instrument === "pin" && later !== undefined ? <later.OwnedPins units={units} /> : null}
          <Condition value={condition} onChange={setCondition} />
        </>
      }
      onTake={([mm = 0], said) => {
        const judged = condition === undefined ? {} : { condition };
        takeReading({ kind: "internal-diameter", mm, said, instrument, ...judged }, ["bore"]);
        onDone();
      }}
    />
  );
}

/** The size of the thread: over the crests of a screw, in the bore of a nut; by whatever it was measured with. */
export function DiameterEntry({ side, ...props }: EntryProps & { side: ThreadSide }) {
  const { instrument } = useSettings();
  if (side === "internal") return <BoreEntry {...props} />;
  return instrument === "hole-gauge" ? (
    <GaugeEntry {...props} />
  ) : (
    <CrestsEntry {...props} instrument={instrument} />
  );
}
