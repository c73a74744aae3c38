import { readingWords, type Reading, type Units } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import Undo2 from "lucide-react-native/icons/undo-2";
import X from "lucide-react-native/icons/x";
import type { ReactNode } from "react";
import { changeBench } from "../data/bench";
import { Pressable } from "../kit/pressable";
import { Figure, Label, Small, ForScreenReader } from "../kit/text";

interface ReadingsProps {
  readonly readings: readonly Reading[];
  readonly units: Units;
  /** Opens a reading to be put right. */
  readonly onMend: (at: number) => void;
}

interface PlateProps {
  readonly reading: Reading;
  readonly at: number;
  readonly units: Units;
  readonly full: boolean;
  readonly onMend: (at: number) => void;
}

/** A reading: touched it opens to be put right; its own small button takes it away. */
function ReadingPlate({ reading, at, units, full, onMend }: PlateProps) {
  const theme = useTheme();
  const { label, figure, inUnits, note } = readingWords(reading, units);
  // A caliper goes without saying.
  const notable = note !== "" && (full || note !== "caliper");
  return (
    <View
      flexDirection="row"
      alignItems="stretch"
      borderWidth={1}
      borderColor="$line"
      borderRadius={4}
      backgroundColor="$card"
      maxWidth="100%"
    >
      <Pressable flexShrink={1} flexGrow={full ? 1 : 0} paddingLeft={10} onPress={() => onMend(at)}>
        <View flexDirection="row" alignItems="baseline" columnGap={6} flexWrap="wrap">
          <ForScreenReader>{"Put right: "}</ForScreenReader>
          <Label>{label}</Label>
          <Figure>{figure}</Figure>
          {inUnits === undefined ? null : <Small>{inUnits}</Small>}
          {notable ? <Small>{note}</Small> : null}
        </View>
      </Pressable>
      <Pressable
        minWidth={40}
        alignItems="center"
        aria-label={`Take away ${label} ${figure}`}
        onPress={() => changeBench({ type: "remove", at })}
      >
        <X size={16} color={theme.quiet.val} />
      </Pressable>
    </View>
  );
}

/** Undo for the last thing done on the bench; in words where there is room, with its key. */
export function UndoButton({ hint }: { hint?: string }) {
  const theme = useTheme();
  return (
    <Pressable
      flexDirection="row"
      alignItems="center"
      gap={6}
      justifyContent="center"
      minWidth={44}
      paddingHorizontal={10}
      {...(hint === undefined ? { "aria-label": "Undo" } : {})}
      onPress={() => changeBench({ type: "undo" })}
    >
      <Undo2 size={20} color={theme.ink.val} />
      {hint === undefined ? null : (
        <>
          <Figure>Undo</Figure>
          <Small>{hint}</Small>
        </>
      )}
    </Pressable>
  );
}

/** Clears the bench for the next part; undo brings this one back. */
export function StartAnotherButton({ onPress }: { onPress: () => void }) {
  return (
    <Pressable paddingHorizontal={8} onPress={onPress}>
      <Figure fontSize="$detail" textDecorationLine="underline">
        Start another
      </Figure>
    </Pressable>
  );
}

/** The readings in the order taken, in lines on a phone; behind them what is done to all of them. */
export function ReadingsStrip({
  readings,
  units,
  onMend,
  children,
}: ReadingsProps & { children: ReactNode }) {
  return (
    <View flexDirection="row" flexWrap="wrap" gap={8}>
      {readings.map((reading, at) => (
        <ReadingPlate
          key={at}
          reading={reading}
          at={at}
          units={units}
          full={false}
          onMend={onMend}
        />
      ))}
      {children}
    </View>
  );
}

/** The same, one below the other with how each was taken: for the column of a wide screen. */
export function ReadingsColumn({ readings, units, onMend }: ReadingsProps) {
  return (
    <View gap={8}>
      {readings.map((reading, at) => (
        <ReadingPlate key={at} reading={reading} at={at} units={units} full onMend={onMend} />
      ))}
    </View>
  );
}
