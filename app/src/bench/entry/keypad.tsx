import { useTheme, View } from "@tamagui/core";
import Delete from "lucide-react-native/icons/delete";
import { Pressable, type PressableProps } from "../../kit/pressable";
import { Figure } from "../../kit/text";
import type { PadKey } from "./pad-keys";

interface KeyProps {
  readonly pad: PadKey;
  readonly onKey: (pad: PadKey) => void;
  readonly says?: string;
  readonly height?: number;
  readonly children?: PressableProps["children"];
}

function Key({ pad, onKey, says, height = 52, children }: KeyProps) {
  return (
    <Pressable
      flex={1}
      minHeight={height}
      alignItems="center"
      borderWidth={1}
      borderColor="$line"
      backgroundColor="$plate"
      aria-label={says}
      // The field keeps the focus, so that a keyboard and the keys can be mixed.
      onMouseDown={(event) => event.preventDefault()}
      onPress={() => onKey(pad)}
    >
      {children ?? <Figure fontSize="$title">{pad}</Figure>}
    </Pressable>
  );
}

const DIGIT_ROWS = [
  ["7", "8", "9"],
  ["4", "5", "6"],
  ["1", "2", "3"],
] as const;
const DENOMINATORS = ["/2", "/4", "/8", "/16", "/32", "/64"] as const;

export interface KeypadProps {
  readonly onKey: (pad: PadKey) => void;
  /** The fraction builder: only where a length is read. */
  readonly fractions: boolean;
}

/** Big keys: digits and the point, and for lengths a whole number "and" a numerator over 2 to 64. */
export function Keypad({ onKey, fractions }: KeypadProps) {
  const theme = useTheme();
  const key = (pad: PadKey) => <Key key={pad} pad={pad} onKey={onKey} />;
  return (
    <View gap={6}>
      {fractions ? (
        <View flexDirection="row" gap={6}>
          {DENOMINATORS.map((pad) => (
            <Key key={pad} pad={pad} onKey={onKey} height={44} says={`over ${pad.slice(1)}`} />
          ))}
        </View>
      ) : null}
      {DIGIT_ROWS.map((row) => (
        <View key={row[0]} flexDirection="row" gap={6}>
          {row.map(key)}
        </View>
      ))}
      <View flexDirection="row" gap={6}>
        {key(".")}
        {key("0")}
        {fractions ? (
          <Key pad=" " onKey={onKey} says="and a fraction">
            <Figure fontSize="$name">and</Figure>
          </Key>
        ) : null}
        <Key pad="back" onKey={onKey} says="Rub out the last">
          <Delete size={24} color={theme.ink.val} />
        </Key>
      </View>
    </View>
  );
}
