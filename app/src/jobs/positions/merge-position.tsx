import type { Position, PositionRow } from "@root-gauge/contract";
import { mayStandWithin, pathTo, treeRows, LONGEST } from "@root-gauge/core/record";
import { REORDER_SENTENCES } from "@root-gauge/core/say/record";
import { View } from "@tamagui/core";
import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { mergePositions } from "../../data/outbox/saving";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Heading } from "../../kit/text";
import { TextEntry } from "../../kit/text-entry";

/** As many as a thumb looks through. */
const SHOWN = 6;

interface MergePositionProps {
  readonly position: Position;
  readonly positions: readonly PositionRow[];
  readonly onMerged: () => void;
}

/** The other place as it is on the screen, with the version of it that was looked at. */
interface Other {
  readonly id: string;
  readonly path: string;
  readonly saw: number;
}

/** Makes a position one with another of its machine, once that was chosen and said twice. */
export function MergePosition({ position, positions, onMerged }: MergePositionProps) {
  const router = useRouter();
  const [text, setText] = useState("");
  const [into, setInto] = useState<Other>();
  const merge = (other: Other) => {
    const { id: from, machineId, path: fromPath, version } = position;
    const { id, path: intoPath, saw: intoSaw } = other;
    mergePositions({ machineId, from, fromPath, into: id, intoPath, intoSaw }, version);
    onMerged();
    router.replace(`/position/${id}`);
  };
  const possible = useMemo(() => {
    const known = new Map(positions.map((one) => [one.id, one]));
    return treeRows(positions)
      .map(({ position: { id, version } }) => ({ id, path: pathTo(id, known), saw: version }))
      .filter(({ id }) => id !== position.id && mayStandWithin(position.id, id, known));
  }, [positions, position.id]);
  const found = possible.filter(({ path }) => path.toLowerCase().includes(text.toLowerCase()));
  if (possible.length === 0) return null;
  return (
    <Card gap={8} role="region" aria-label="Make it one with another">
      <Heading>Make it one with another</Heading>
      <Body>{REORDER_SENTENCES.merge}</Body>
      <TextEntry label="The other place" value={text} longest={LONGEST.line} onChange={setText} />
      <View gap={6} role="group" aria-label="Places to make it one with">
        {found.slice(0, SHOWN).map((place) => (
          <ActionButton
            key={place.id}
            label={place.path}
            primary={into?.id === place.id}
            onPress={() => setInto(place)}
          />
        ))}
      </View>
      {into === undefined ? null : (
        <ActionButton
          primary
          label={`Make it one with “${into.path}”`}
          onPress={() => merge(into)}
        />
      )}
    </Card>
  );
}
