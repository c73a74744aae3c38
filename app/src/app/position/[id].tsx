import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const PositionScreen = fetchedLater((later) => later.PositionScreen);

export default function PositionRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PositionScreen id={id} />;
}
