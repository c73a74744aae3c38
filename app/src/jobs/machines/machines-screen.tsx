import { View } from "@tamagui/core";
import { PutBackBar } from "../../edit/put-back-bar";
import { MachinesColumn } from "./machines-column";

/** The room of machines and what is done on them. */
export function MachinesScreen() {
  return (
    <View flex={1} render="main">
      <MachinesColumn />
      <PutBackBar />
    </View>
  );
}
