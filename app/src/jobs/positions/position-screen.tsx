import { View } from "@tamagui/core";
import { PutBackBar } from "../../edit/put-back-bar";
import { PositionColumn } from "./position-column";

/** A position as a page of its own. */
export function PositionScreen({ id }: { id: string }) {
  return (
    <View flex={1} render="main">
      <PositionColumn id={id} />
      <PutBackBar />
    </View>
  );
}
