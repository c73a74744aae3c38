import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../shell/fetched-later";

const SpecifyScreen = fetchedLater((later) => later.SpecifyScreen);

export default function SpecifyRoute() {
  const params = useLocalSearchParams<Record<string, string>>();
  return <SpecifyScreen params={params} />;
}
