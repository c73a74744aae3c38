import { lengthProblemWords, readLength, readPitch, type Units } from "@root-gauge/core";
import {
  lengthConversions,
  pitchConversions,
  pitchNeighboursWords,
  unreadPitchWords,
  CHART_SENTENCES,
  bareLengthWords,
  barePitchWords,
} from "@root-gauge/core/say/charts";
import { nearestPitches } from "@root-gauge/core/identify/search";
import { View } from "@tamagui/core";
import { ScrollView } from "react-native";
import { changeCharts, useChartsState } from "../../data/kept/charts-state";
import { useSettings } from "../../data/kept/settings";
import { CopyButton } from "../../kit/copy-button";
import { Facts, factsText } from "../../kit/facts";
import { Card } from "../../kit/surface";
import { Body, Heading } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";
import { useLayout } from "../../kit/wide";
import { PAGE_WIDTH } from "../../shell/page";
import { ChartsHead } from "../charts-head";

const LENGTHS = { minMm: 0.001, maxMm: 100_000 };

interface ConvertCardProps {
  readonly text: string;
  readonly units: Units;
}

function LengthCard({ text, units }: ConvertCardProps) {
  const read = readLength(text, units, LENGTHS);
  const facts = read.ok ? lengthConversions(read.mm) : [];
  const problem =
    text.trim() === "" || read.ok ? undefined : lengthProblemWords(read.problem, units);
  return (
    <Card gap={8}>
      <Heading>Length</Heading>
      <TextEntry
        label={bareLengthWords(units)}
        value={text}
        placeholder="12.7, .5 in, 37/64, 1 1/2"
        longest={40}
        problem={problem}
        onChange={(convertText) => changeCharts({ convertText })}
      />
      {facts.length === 0 ? (
        <Body color="$quiet">{CHART_SENTENCES.convertsLengths}</Body>
      ) : (
        <>
          <Facts facts={facts} />
          <CopyButton says="Copy the length" text={() => factsText(text, facts)} />
        </>
      )}
    </Card>
  );
}

function PitchCard({ text, units }: ConvertCardProps) {
  const read = readPitch(text, units);
  const facts = read.kind === "pitch" ? pitchConversions(read.pitchMm) : [];
  const problem = read.kind === "unreadable" ? unreadPitchWords(read.read) : undefined;
  return (
    <Card gap={8}>
      <Heading>Pitch</Heading>
      <TextEntry
        label={barePitchWords(units)}
        value={text}
        placeholder="1.25, 20 TPI, .05 in"
        longest={40}
        problem={problem}
        onChange={(convertPitch) => changeCharts({ convertPitch })}
      />
      {read.kind === "pitch" ? (
        <>
          <Facts facts={facts} />
          <Body>{pitchNeighboursWords(read.pitchMm, nearestPitches(read.pitchMm), units)}</Body>
          <CopyButton says="Copy the pitch" text={() => factsText(text, facts)} />
        </>
      ) : (
        <Body color="$quiet">{CHART_SENTENCES.convertsPitches}</Body>
      )}
    </Card>
  );
}

/** Lengths and pitches in every way they are written, all at once. */
export function ConvertScreen() {
  const { units } = useSettings();
  const { wide } = useLayout();
  const { convertText, convertPitch } = useChartsState();
  const column = wide ? { flex: 1 } : {};
  return (
    <View flex={1} minHeight={0} render="main">
      <ChartsHead />
      <ScrollView tabIndex={0} keyboardShouldPersistTaps="handled">
        <View
          padding={12}
          gap={12}
          flexDirection={wide ? "row" : "column"}
          alignItems={wide ? "flex-start" : "stretch"}
          width="100%"
          maxWidth={2 * PAGE_WIDTH}
        >
          <View {...column}>
            <LengthCard text={convertText} units={units} />
          </View>
          <View {...column}>
            <PitchCard text={convertPitch} units={units} />
          </View>
        </View>
      </ScrollView>
    </View>
  );
}
