import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const CompareScreen = fetchedLater((later) => later.CompareScreen);

export default function CompareRoute() {
  const { a, b } = useLocalSearchParams<{ a: string; b: string }>();
  return <CompareScreen first={a} second={b} />;
}
