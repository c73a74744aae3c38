import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const KeptOrderScreen = fetchedLater((later) => later.KeptOrderScreen);

export default function KeptOrderRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <KeptOrderScreen id={id} />;
}
