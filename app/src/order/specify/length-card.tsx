import { scaleWords, type Units } from "@root-gauge/core";
import { jointDrawing } from "@root-gauge/core/draw/joint";
import {
  SEAT_WORDS,
  lengthAdviceWords,
  nominalLengthWords,
  seatingWords,
  specProblemWords,
  lengthWindowWords,
} from "@root-gauge/core/say/sheet";
import type { FilledHole } from "@root-gauge/core/decide/specify";
import { View } from "@tamagui/core";
import { changeSpecify } from "../../data/kept/specify-state";
import { Plate } from "../../draw/plate";
import { ChoiceChips } from "../../kit/choice-chips";
import { Card } from "../../kit/surface";
import { Body, Heading, Label } from "../../kit/text";

const HEIGHT = 320;

export interface LengthCardProps {
  readonly filled: FilledHole;
  readonly units: Units;
}

/** The joint cut open with the screw in it, and the stocked lengths on either side of what does. */
export function LengthCard({ filled, units }: LengthCardProps) {
  const { hole, found, looked } = filled;
  const { joint, window, lengths, advice } = found;
  const { spec, seating, problems } = looked;
  const clash = seating.seat !== "sound";
  return (
    <Card gap={10} padding={0} overflow="hidden">
      <Plate
        says={`The joint cut open: ${seatingWords(seating, joint, hole.thread, units)}`}
        height={HEIGHT}
        borderRadius={0}
        data-print="drawing"
        draw={(width) => jointDrawing({ joint, spec, seating }, { width, height: HEIGHT }, units)}
      >
        {(drawing) => (
          <Label position="absolute" right={12} bottom={8} color="$scribe">
            {drawing === undefined ? "" : scaleWords(drawing.scale)}
          </Label>
        )}
      </Plate>
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
        <Body color="$quiet">{lengthWindowWords(window.leastMm, window.mostMm, units)}</Body>
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
