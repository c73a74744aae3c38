import {
  SEAT_WORDS,
  lengthAdviceWords,
  nominalLengthWords,
  printWindow,
  seatingWords,
  specProblemWords,
  type HoleToFill,
  type LookedAt,
  type Specification,
  type Units,
} from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import Svg from "react-native-svg";
import { changeSpecify } from "../data/specify-state";
import { HoleSection, sectionFrame } from "../drawing/hole-section";
import { scaleWords } from "../drawing/scale";
import { ChoiceChips } from "../kit/choice-chips";
import { Card } from "../kit/surface";
import { Body, Heading, Label } from "../kit/text";

const HEIGHT = 320;

export interface LengthCardProps {
  readonly hole: HoleToFill;
  readonly found: Specification;
  /** The screw that is looked at. */
  readonly looked: LookedAt;
  readonly units: Units;
}

/** The joint cut open with the screw in it, and the stocked lengths on either side of what does. */
export function LengthCard({ hole, found, looked, units }: LengthCardProps) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const { joint, window, lengths, advice } = found;
  const { spec, seating, problems } = looked;
  const drawn = { joint, spec, seating, width, height: HEIGHT };
  const clash = seating.seat !== "sound";
  return (
    <Card gap={10} padding={0} overflow="hidden">
      <View
        backgroundColor="$marking"
        height={HEIGHT}
        role="img"
        aria-label={`The joint cut open: ${seatingWords(seating, joint, hole.thread, units)}`}
        data-print="drawing"
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {width === 0 ? null : (
          <Svg width={width} height={HEIGHT} aria-hidden>
            <HoleSection {...drawn} colour={theme.scribe.val} units={units} />
          </Svg>
        )}
        <Label position="absolute" right={12} bottom={8} color="$scribe">
          {width === 0 ? "" : scaleWords(sectionFrame({ ...drawn, units }).scale)}
        </Label>
      </View>
      <View padding={12} paddingTop={2} gap={10}>
        <Heading>Length</Heading>
        <Body role="status" color={clash ? "$clash" : "$ink"}>
          {seatingWords(seating, joint, hole.thread, units)}
        </Body>
        {advice.kind === "stock" ? null : (
          <Body color="$clash">{lengthAdviceWords(advice, joint, hole.thread, units)}</Body>
        )}
        {problems.map((problem) => {
          const words = specProblemWords(problem);
          return (
            <Body key={words} color="$clash">
              {words}
            </Body>
          );
        })}
        <Body color="$quiet">
          {window.leastMm <= window.mostMm
            ? `Anything from ${printWindow(window.leastMm, window.mostMm, units)} does.`
            : "No length does."}
        </Body>
        <ChoiceChips
          name="Stocked lengths"
          value={String(seating.lengthMm)}
          choices={lengths.map(({ lengthMm, seat }) => ({
            value: String(lengthMm),
            label: `${nominalLengthWords(lengthMm, hole)}${seat === "sound" ? "" : `, ${SEAT_WORDS[seat]}`}`,
          }))}
          onChange={(value) => value && changeSpecify({ lengthMm: Number(value) })}
        />
      </View>
    </Card>
  );
}
