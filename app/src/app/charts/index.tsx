import { useLocalSearchParams } from "expo-router";
import type { ChartsParams } from "../../charts/threads/charts-link";
import { fetchedLater } from "../../shell/fetched-later";

const ThreadsScreen = fetchedLater((later) => later.ThreadsScreen);

export default function ThreadsRoute() {
  const params = useLocalSearchParams<ChartsParams>();
  return <ThreadsScreen params={params} />;
}
