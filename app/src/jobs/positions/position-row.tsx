import type { PositionRow as Row } from "@root-gauge/contract";
import { RECORD_SENTENCES, alikeWords } from "@root-gauge/core/say/record";
import { useTheme, View } from "@tamagui/core";
import ChevronDown from "lucide-react-native/icons/chevron-down";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import { Pressable } from "../../kit/pressable";
import { Body, Figure, Label, Small } from "../../kit/text";
import { JustChanged } from "../../edit/just-changed";
import type { Kept } from "../../data/outbox/waiting";
import { StateMark } from "./state-mark";

/** How far each depth is set in, and from which one on no further: a phone is narrow. */
const SET_IN = 14;
const DEEPEST = 5;

export interface PositionRowProps {
  readonly position: Kept<Row>;
  readonly depth: number;
  /** How many stand within it. */
  readonly within: number;
  readonly folded: boolean;
  /** Whether its state is told: not of a mere part of the machine that others stand within. */
  readonly told: boolean;
  readonly chosen: boolean;
  /** Its place, where it is not shown under what it stands within. */
  readonly path?: string;
  readonly onOpen: () => void;
  readonly onFold: () => void;
}

function FoldKey({ position, within, folded, onFold }: PositionRowProps) {
  const theme = useTheme();
  const Icon = folded ? ChevronRight : ChevronDown;
  return within === 0 ? (
    <View width={16} />
  ) : (
    <Pressable
      width={44}
      alignItems="center"
      aria-expanded={!folded}
      aria-label={`${folded ? "Show" : "Fold"} what is within ${position.name}`}
      onPress={onFold}
    >
      <Icon size={20} color={theme.ink.val} />
    </Pressable>
  );
}

/** A position as a row of its machine's tree: its name, what it holds, and how it stands. */
export function PositionRow(props: PositionRowProps) {
  const { position, depth, within, folded, told, chosen, path, onOpen } = props;
  const { name, holds, state, alike, waiting } = position;
  const beside = [holds, alikeWords(alike)].filter((text) => text !== "").join(" · ");
  return (
    <View
      flexDirection="row"
      alignItems="center"
      paddingLeft={path === undefined ? SET_IN * Math.min(depth, DEEPEST) : 0}
      borderBottomWidth={1}
      borderColor="$line"
    >
      <FoldKey {...props} />
      <Pressable
        flex={1}
        minWidth={0}
        flexDirection="row"
        alignItems="center"
        justifyContent="flex-start"
        gap={8}
        paddingVertical={8}
        paddingHorizontal={6}
        backgroundColor={chosen ? "$card" : "transparent"}
        aria-current={chosen ? "true" : undefined}
        onPress={onOpen}
      >
        <View flex={1} minWidth={0} gap={1}>
          <Figure>{path ?? name}</Figure>
          {beside === "" ? null : <Body>{beside}</Body>}
          {folded && within > 0 ? <Small>{`${within} within`}</Small> : null}
          <JustChanged id={position.id} />
          {waiting ? <Label>{RECORD_SENTENCES.notOnServer}</Label> : null}
        </View>
        {told ? <StateMark state={state} /> : null}
      </Pressable>
    </View>
  );
}
