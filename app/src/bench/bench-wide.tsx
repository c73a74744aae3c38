import { BENCH_SENTENCES } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { ScrollView } from "react-native";
import { Card } from "../kit/surface";
import { Heading, Label, Small } from "../kit/text";
import { useCanUndo } from "../data/drafts/bench";
import { useLayout } from "../kit/wide";
import { BenchHeader } from "./bench-header";
import type { BenchLayoutProps } from "./bench-layout";
import { BenchPanel } from "./bench-panel";
import { DrawingPanel } from "./drawing-panel";
import { Findings } from "./findings";
import { NextOf } from "./next-of";
import { ReadingsColumn, StartAnotherButton, UndoButton } from "./readings-strip";

const LEFT = 340;
const RIGHT = 380;
const RAIL = 72;

/** Readings and next test, the drawing as large as fits, candidates: nothing behind a sheet that fits beside. */
export function BenchWide(props: BenchLayoutProps) {
  const { work, panel } = props;
  const { bench, units, onOpen, onMend, onStartAnother } = work;
  const { width, height } = useLayout();
  const part = bench.onBench;
  const canUndo = useCanUndo();
  const started = part.readings.length > 0;
  const onRight = panel === "ruled-out" || panel === "find" || panel === "compare";
  return (
    <View flex={1} flexDirection="row">
      <View width={LEFT} height="100%">
        <BenchHeader machineId={part.machineId} position={part.position} onOpen={onOpen} />
        <ScrollView contentContainerStyle={{ padding: 12, gap: 12 }}>
          <View flexDirection="row" alignItems="center" minHeight={44}>
            <Heading flex={1}>Readings</Heading>
            {started && bench.identification.verdict !== "settled" ? (
              <StartAnotherButton onPress={onStartAnother} />
            ) : null}
            {canUndo ? <UndoButton hint="z" /> : null}
          </View>
          {started ? (
            <ReadingsColumn readings={part.readings} units={units} onMend={onMend} />
          ) : (
            <Label>{BENCH_SENTENCES.noReading}</Label>
          )}
          {panel !== undefined && !onRight ? (
            <BenchPanel {...props} />
          ) : (
            <>
              <View flexDirection="row" alignItems="baseline">
                <Heading flex={1}>Next</Heading>
                <Small>n</Small>
              </View>
              <Card>
                <NextOf work={work} />
              </Card>
            </>
          )}
        </ScrollView>
      </View>
      <DrawingPanel
        part={bench.part}
        sizes={bench.sizes}
        readings={part.readings}
        units={units}
        width={width - RAIL - LEFT - RIGHT}
        height={height}
        onTouch={onOpen}
      />
      <View width={RIGHT} height="100%" padding={onRight ? 12 : 0}>
        {onRight ? (
          <BenchPanel {...props} />
        ) : (
          <ScrollView contentContainerStyle={{ padding: 12, gap: 12 }}>
            <Findings work={work} roomy />
          </ScrollView>
        )}
      </View>
    </View>
  );
}
