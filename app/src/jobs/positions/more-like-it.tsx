import { moreLikeIt } from "@root-gauge/core/record";
import { moreLikeWords } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useState } from "react";
import { v4 as uuid } from "uuid";
import { inputOfPosition } from "../../data/record/inputs";
import { usePositions } from "../../data/record/position-queries";
import { savePosition } from "../../data/outbox/saving";
import { ActionButton } from "../../kit/action-button";
import { Body, Label } from "../../kit/text";
import type { ShownPosition } from "../../edit/change-position";

/** As many as one touch makes: a row of keys that a thumb reaches, and all but one of eight round a flange. */
const AT_ONCE = [1, 2, 3, 4, 5, 6, 7];

/** So many more beside a position that are to have the same: one is opened, of several it is said what they are called. */
export function MoreLikeIt({ position }: { position: ShownPosition }) {
  const router = useRouter();
  const { positions } = usePositions(position.machineId);
  const [made, setMade] = useState<readonly string[]>([]);
  const make = (count: number) => {
    const state = position.spec === null ? "to-identify" : "identified";
    const ids = moreLikeIt(position, positions, count).map((named) => {
      const id = uuid();
      savePosition(id, { ...inputOfPosition(position), ...named, state });
      return { id, name: named.name };
    });
    const [only, other] = ids;
    if (only !== undefined && other === undefined) router.replace(`/position/${only.id}`);
    else setMade(ids.map(({ name }) => name));
  };
  return (
    <View gap={6}>
      <Label>More like it</Label>
      <View flexDirection="row" gap={6} role="group" aria-label="More like it">
        {AT_ONCE.map((count) => (
          <ActionButton
            key={count}
            flex={1}
            minWidth={44}
            label={String(count)}
            says={`${count} more like ${position.name}`}
            onPress={() => make(count)}
          />
        ))}
      </View>
      {made.length === 0 ? null : <Body role="status">{moreLikeWords(made)}</Body>}
    </View>
  );
}
