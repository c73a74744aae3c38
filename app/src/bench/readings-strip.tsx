import { readingWords, type Reading, type Units } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import Undo2 from "lucide-react-native/icons/undo-2";
import X from "lucide-react-native/icons/x";
import type { CSSProperties, ReactNode } from "react";
import { changeBench } from "../data/drafts/bench";
import { PLAIN_FIGURE, PLAIN_LABEL, PLAIN_SMALL } from "../kit/plain";
import { Pressable } from "../kit/pressable";
import { Figure, Small } from "../kit/text";

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

const PLATE = {
  display: "flex",
  alignItems: "stretch",
  boxSizing: "border-box",
  maxWidth: "100%",
  border: "1px solid var(--line)",
  borderRadius: 4,
  background: "var(--card)",
} as const satisfies CSSProperties;

const WORDS = {
  display: "flex",
  flexWrap: "wrap",
  alignItems: "baseline",
  alignContent: "center",
  columnGap: 6,
  flexShrink: 1,
  minWidth: 0,
  minHeight: 44,
  paddingLeft: 10,
  borderRadius: 4,
} as const satisfies CSSProperties;

const WORDS_FULL = { ...WORDS, flexGrow: 1 } as const satisfies CSSProperties;

const AWAY = {
  display: "flex",
  alignItems: "center",
  justifyContent: "center",
  flexShrink: 0,
  minWidth: 40,
  minHeight: 44,
  borderRadius: 4,
} as const satisfies CSSProperties;

const HIDDEN = {
  position: "absolute",
  width: 1,
  height: 1,
  overflow: "hidden",
  opacity: 0,
} as const satisfies CSSProperties;

/** A reading: touched it opens to be put right; its own small button takes it away. */
function ReadingPlate({ reading, at, units, full, onMend }: PlateProps) {
  const { label, figure, inUnits, note } = readingWords(reading, units);
  // A caliper goes without saying.
  const notable = note !== "" && (full || note !== "caliper");
  return (
    <div style={PLATE}>
      <button
        type="button"
        className="plain-button"
        style={full ? WORDS_FULL : WORDS}
        onClick={() => onMend(at)}
      >
        <span style={HIDDEN}>{"Put right: "}</span>
        <span style={PLAIN_LABEL}>{label}</span>
        <span style={PLAIN_FIGURE}>{figure}</span>
        {inUnits === undefined ? null : <span style={PLAIN_SMALL}>{inUnits}</span>}
        {notable ? <span style={PLAIN_SMALL}>{note}</span> : null}
      </button>
      <button
        type="button"
        className="plain-button"
        style={AWAY}
        aria-label={`Take away ${label} ${figure}`}
        onClick={() => changeBench({ type: "remove", at })}
      >
        <X size={16} color="var(--quiet)" />
      </button>
    </div>
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
