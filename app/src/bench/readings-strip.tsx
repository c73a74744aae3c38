import { readingWords, type Reading, type Units } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import Undo2 from "lucide-react-native/icons/undo-2";
import X from "lucide-react-native/icons/x";
import { changeBench } from "../data/bench";
import { Pressable } from "../kit/pressable";
import { Figure, Label, Small, ForScreenReader } from "../kit/text";

interface ReadingsProps {
  readonly readings: readonly Reading[];
  readonly units: Units;
  readonly canUndo: boolean;
}

function ReadingPlate({
  reading,
  at,
  units,
  full,
}: {
  reading: Reading;
  at: number;
  units: Units;
  full: boolean;
}) {
  const theme = useTheme();
  const { label, figure, note } = readingWords(reading, units);
  // A caliper goes without saying.
  const notable = full || note !== "caliper";
  return (
    <Pressable
      flexDirection="row"
      alignItems="center"
      justifyContent={full ? "space-between" : "flex-start"}
      gap={6}
      paddingLeft={10}
      paddingRight={8}
      borderWidth={1}
      borderColor="$line"
      backgroundColor="$card"
      onPress={() => changeBench({ type: "remove", at })}
    >
      <View flexDirection="row" alignItems="baseline" gap={6} flexShrink={1} flexWrap="wrap">
        <ForScreenReader>{"Remove the reading: "}</ForScreenReader>
        <Label>{label}</Label>
        <Figure>{figure}</Figure>
        {notable ? <Small>{note}</Small> : null}
      </View>
      <X size={16} color={theme.quiet.val} />
    </Pressable>
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

/** The readings in the order taken, each a plate that can be taken away: in lines on a phone. */
export function ReadingsStrip({ readings, units, canUndo }: ReadingsProps) {
  return (
    <View flexDirection="row" flexWrap="wrap" gap={8}>
      {readings.map((reading, at) => (
        <ReadingPlate key={at} reading={reading} at={at} units={units} full={false} />
      ))}
      {canUndo ? <UndoButton /> : null}
    </View>
  );
}

/** The same, one below the other with how each was taken: for the column of a wide screen. */
export function ReadingsColumn({ readings, units }: Omit<ReadingsProps, "canUndo">) {
  return (
    <View gap={8}>
      {readings.map((reading, at) => (
        <ReadingPlate key={at} reading={reading} at={at} units={units} full />
      ))}
    </View>
  );
}
