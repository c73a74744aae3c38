import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const RepairScreen = fetchedLater((later) => later.RepairScreen);

export default function RepairRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <RepairScreen id={id} />;
}
