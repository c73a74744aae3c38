import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const MachineScreen = fetchedLater((later) => later.MachineScreen);

export default function MachineRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <MachineScreen id={id} />;
}
