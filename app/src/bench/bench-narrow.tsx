import { View } from "@tamagui/core";
import { ScrollView } from "react-native";
import { ActionButton } from "../kit/action-button";
import { useLayout } from "../kit/wide";
import { BenchHeader } from "./bench-header";
import type { BenchLayoutProps } from "./bench-layout";
import { BenchPanel } from "./bench-panel";
import { DrawingPanel } from "./drawing-panel";
import { FirstSteps } from "./first-steps";
import { NextCard } from "./next-card";
import { ReadingsStrip } from "./readings-strip";
import { RunningList } from "./running-list";

/** Phone: the drawing, what was read, what is left; the next step pinned where the thumb is. */
export function BenchNarrow(props: BenchLayoutProps) {
  const { bench, units, onOpen, onWriteUp } = props;
  const { width, height } = useLayout();
  const { part, past } = bench.state;
  const started = part.readings.length > 0;
  const { verdict } = bench.identification;
  return (
    <View flex={1}>
      <BenchHeader part={part} />
      <ScrollView style={{ flex: 1 }}>
        <DrawingPanel
          sizes={bench.sizes}
          units={units}
          width={width}
          height={Math.max(220, Math.min(292, height * 0.35))}
          onTouch={onOpen}
        />
        <View padding={12} gap={10}>
          <ReadingsStrip readings={part.readings} units={units} canUndo={past.length > 0} />
          {started ? (
            <RunningList
              identification={bench.identification}
              units={units}
              onRuledOut={() => onOpen("ruled-out")}
            />
          ) : (
            <FirstSteps />
          )}
          {started && (verdict === "narrowed" || verdict === "open") ? (
            <ActionButton label="Write it up as it stands" onPress={onWriteUp} />
          ) : null}
        </View>
      </ScrollView>
      <View borderTopWidth={2} borderColor="$edge" backgroundColor="$card" padding={12}>
        <NextCard {...props} identification={bench.identification} readings={part.readings} />
      </View>
      <BenchPanel {...props} />
    </View>
  );
}
