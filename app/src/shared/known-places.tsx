import { pathTo, treeRows } from "@root-gauge/core/record";
import { View } from "@tamagui/core";
import { useMemo } from "react";
import { usePositions } from "../data/record/position-queries";
import { Pressable } from "../kit/pressable";
import { Figure } from "../kit/text";
import type { Where } from "./where";

/** As many as are seen without scrolling; typing finds the others. */
const SHOWN = 4;

interface KnownPlace {
  readonly id: string;
  readonly path: string;
}

interface KnownPlacesProps {
  readonly where: Where;
  readonly onChoose: (place: KnownPlace) => void;
}

/** The machine's places that hold what is typed, to be chosen with one touch; none once one is chosen. */
export function KnownPlaces({ where, onChoose }: KnownPlacesProps) {
  const { positions } = usePositions(where.machineId);
  const places = useMemo(() => {
    const known = new Map(positions.map((position) => [position.id, position]));
    return treeRows(positions).map(({ position: { id } }) => ({ id, path: pathTo(id, known) }));
  }, [positions]);
  if (where.positionId !== undefined) return null;
  const typed = where.position.trim().toLowerCase();
  const shown = places.filter(({ path }) => path.toLowerCase().includes(typed)).slice(0, SHOWN);
  if (shown.length === 0) return null;
  return (
    <View role="group" aria-label="Places on this machine" gap={6}>
      {shown.map((place) => (
        <Pressable
          key={place.id}
          alignItems="flex-start"
          paddingHorizontal={12}
          borderWidth={1}
          borderColor="$line"
          backgroundColor="$card"
          onPress={() => onChoose(place)}
        >
          <Figure>{place.path}</Figure>
        </Pressable>
      ))}
    </View>
  );
}
