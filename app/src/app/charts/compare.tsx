import { useLocalSearchParams } from "expo-router";
import { CompareScreen } from "../../charts/compare/compare-screen";

export default function CompareRoute() {
  const { a, b } = useLocalSearchParams<{ a: string; b: string }>();
  return <CompareScreen first={a} second={b} />;
}
