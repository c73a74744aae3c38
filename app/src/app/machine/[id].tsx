import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const MachineScreen = fetchedLater((later) => later.MachineScreen);

export default function MachineRoute() {
  const { id, at } = useLocalSearchParams<{ id: string; at?: string }>();
  return <MachineScreen id={id} at={at} />;
}
