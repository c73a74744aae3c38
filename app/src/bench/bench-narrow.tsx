import { View } from "@tamagui/core";
import { ScrollView } from "react-native";
import { useCanUndo } from "../data/bench";
import { useLayout } from "../kit/wide";
import { BenchHeader } from "./bench-header";
import type { BenchLayoutProps } from "./bench-layout";
import { BenchPanel } from "./bench-panel";
import { DrawingPanel } from "./drawing-panel";
import { Findings } from "./findings";
import { NextCard } from "./next-card";
import { ReadingsStrip } from "./readings-strip";

/** Phone: the drawing, what was read, what is left; the next step pinned where the thumb is. */
export function BenchNarrow(props: BenchLayoutProps) {
  const { bench, units, onOpen } = props;
  const { width, height } = useLayout();
  const part = bench.onBench;
  const canUndo = useCanUndo();
  return (
    <View flex={1}>
      <BenchHeader part={part} onFind={() => onOpen("find")} />
      <ScrollView style={{ flex: 1 }}>
        <DrawingPanel
          part={bench.part}
          sizes={bench.sizes}
          readings={part.readings}
          units={units}
          width={width}
          height={Math.max(300, Math.min(344, height * 0.4))}
          onTouch={onOpen}
        />
        <View padding={12} gap={10}>
          <ReadingsStrip readings={part.readings} units={units} canUndo={canUndo} />
          <Findings {...props} />
        </View>
      </ScrollView>
      <View borderTopWidth={2} borderColor="$edge" backgroundColor="$card" padding={12}>
        <NextCard
          {...props}
          identification={bench.identification}
          readings={part.readings}
          sizes={bench.sizes}
        />
      </View>
      <BenchPanel {...props} />
    </View>
  );
}
