import type { Thread } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Small } from "../kit/text";

interface CautionProps {
  /** The thread the sheet speaks of, when it names one. */
  readonly thread: Thread | undefined;
}

/** The caution every sheet carries, and for an inch thread what cannot be told apart yet. */
export function Caution({ thread }: CautionProps) {
  return (
    <View gap={8}>
      {thread?.family === "unified" ? (
        <Small fontSize={15} lineHeight={20}>
          Whitworth is not held here yet: a British part of the same diameter and pitch would be
          given this name. Check the flank angle, 60° here and 55° there, on anything British or
          old.
        </Small>
      ) : null}
      <Small fontSize={15} lineHeight={20}>
        A thread says nothing of strength: an unmarked part is the weakest grade. On brakes,
        steering, wheels, lifting, guards, pressure, gas, steam or structure the maker’s
        specification and local codes rule, and licensed practice where the law asks for it.
      </Small>
    </View>
  );
}
