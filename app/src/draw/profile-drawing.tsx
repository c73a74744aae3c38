import { type Thread, type Units } from "@root-gauge/core";
import { nearScaleWords } from "@root-gauge/core/say/charts";
import { profileDrawing } from "@root-gauge/core/draw/thread";
import { View } from "@tamagui/core";
import { Label } from "../kit/text";
import { Plate } from "./plate";

const MOST_HEIGHT = 260;
const BEFORE_MEASURED = 190;

/** One thread's form to scale: the screw's metal under its line, the nut's above, with the dimensions named. */
export function ProfileDrawing({ thread, units }: { thread: Thread; units: Units }) {
  return (
    <Plate
      says={`The form of ${thread.designation}, drawn to scale`}
      height={BEFORE_MEASURED}
      followsDrawing
      draw={(width) => profileDrawing(thread, { width, mostHeight: MOST_HEIGHT }, units)}
    >
      {(drawing) => (
        <View padding={12} paddingTop={4} flexDirection="row" flexWrap="wrap" gap={8}>
          <Label color="$scribe" flex={1} minWidth={180}>
            {thread.only === "internal" ? "Nut, solid" : "Screw solid, nut dashed"}
            {thread.taper === undefined ? "" : ", at the gauge plane"}
          </Label>
          <Label color="$scribe">
            {drawing === undefined ? "" : nearScaleWords(drawing.scale)}
          </Label>
        </View>
      )}
    </Plate>
  );
}
