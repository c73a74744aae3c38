import { View } from "@tamagui/core";
import { memo, useState } from "react";
import { ScrollView } from "react-native";
import { useCanUndo } from "../data/drafts/bench";
import { useFollowing } from "../kit/use-after-first-paint";
import { useLayout } from "../kit/wide";
import { BenchHeader } from "./bench-header";
import type { BenchLayoutProps, BenchWork } from "./bench-layout";
import { BenchPanel } from "./bench-panel";
import { DrawingPanel, STRIP_HEIGHT } from "./drawing-panel";
import { Findings } from "./findings";
import { NextOf } from "./next-of";
import { ReadingsStrip, StartAnotherButton, UndoButton } from "./readings-strip";

interface WorkProps {
  readonly work: BenchWork;
}

/** Before anything was read the drawing is the answer; then it gives way, unless it is opened again. */
function useStrip({ bench }: BenchWork) {
  const { identificationId, readings } = bench.onBench;
  const [opened, setOpened] = useState<string>();
  const mayFold = readings.length > 0;
  const strip = mayFold && opened !== identificationId;
  const fold = () => setOpened(strip ? identificationId : undefined);
  return { strip, onFold: mayFold ? fold : undefined };
}

// None of the three is drawn anew because a panel opens over it.

interface DrawingProps extends WorkProps {
  readonly width: number;
  readonly height: number;
}

/** The answer is drawn first; the part follows it. */
function Drawing({ work, ...room }: DrawingProps) {
  return <DrawingOf work={useFollowing(work)} {...room} />;
}

const DrawingOf = memo(function DrawingOf({ work, width, height }: DrawingProps) {
  const { bench, units, onOpen } = work;
  const { strip, onFold } = useStrip(work);
  const { scale } = useLayout();
  return (
    <DrawingPanel
      part={bench.part}
      sizes={bench.sizes}
      readings={bench.onBench.readings}
      units={units}
      width={width}
      height={strip ? STRIP_HEIGHT * scale : height}
      strip={strip}
      onFold={onFold}
      onTouch={onOpen}
    />
  );
});

/** What was read, with undo and the way to the next part, and what it says so far. */
const Answer = memo(function Answer({ work }: WorkProps) {
  const { bench, units, onMend, onStartAnother } = work;
  const canUndo = useCanUndo();
  const { readings } = bench.onBench;
  // The card of a settled part has its own.
  const settled = bench.identification.verdict === "settled";
  return (
    <View padding={12} paddingTop={8} gap={6}>
      <ReadingsStrip readings={readings} units={units} onMend={onMend}>
        {canUndo ? <UndoButton /> : null}
        {readings.length === 0 || settled ? null : <StartAnotherButton onPress={onStartAnother} />}
      </ReadingsStrip>
      <Findings work={work} roomy={false} />
    </View>
  );
});

/** What to do next follows the answer, as the drawing does. */
function Next({ work }: WorkProps) {
  return <NextStep work={useFollowing(work)} />;
}

const NextStep = memo(function NextStep({ work }: WorkProps) {
  return (
    <View borderTopWidth={2} borderColor="$edge" backgroundColor="$card" padding={12}>
      <NextOf work={work} />
    </View>
  );
});

function Header({ work }: WorkProps) {
  const { machineId, position } = work.bench.onBench;
  return <BenchHeader machineId={machineId} position={position} onOpen={work.onOpen} />;
}

/** The drawing is never lower than its two rows of tags need. */
const LEAST_DRAWING = 300;
const MOST_DRAWING = 344;

/** Phone: the drawing, what was read, what is left; the next step pinned where the thumb is. */
export function BenchNarrow({ work, ...open }: BenchLayoutProps) {
  const { width, height, scale, large } = useLayout();
  const drawing = Math.max(LEAST_DRAWING * scale, Math.min(MOST_DRAWING, height * 0.4));
  return (
    <View flex={1}>
      <Header work={work} />
      <ScrollView style={{ flex: 1 }}>
        <Drawing work={work} width={width} height={drawing} />
        <Answer work={work} />
        {large ? <Next work={work} /> : null}
      </ScrollView>
      {large ? null : <Next work={work} />}
      <BenchPanel work={work} {...open} />
    </View>
  );
}

const HEADER = 56;
/** The rail of rooms beside a low window. */
const RAIL = 72;

/** A phone on its side, or a low window: the drawing and the next step left, the answers beside them. */
export function BenchShort({ work, ...open }: BenchLayoutProps) {
  const { onBench } = work.bench;
  const { width, height, scale } = useLayout();
  const left = Math.round((width - RAIL * scale) * 0.48);
  const drawing = Math.max(LEAST_DRAWING * scale, height - HEADER * scale);
  const begun = onBench.readings.length > 0;
  return (
    <View flex={1} flexDirection="row">
      <View width={left} height="100%" borderRightWidth={1} borderColor="$line">
        <Header work={work} />
        <ScrollView style={{ flex: 1 }}>
          <Drawing work={work} width={left} height={drawing} />
        </ScrollView>
        {begun ? <Next work={work} /> : null}
      </View>
      <View flex={1} minWidth={0} height="100%">
        <ScrollView style={{ flex: 1 }}>
          <Answer work={work} />
        </ScrollView>
        {begun ? null : <Next work={work} />}
      </View>
      <BenchPanel work={work} {...open} />
    </View>
  );
}
