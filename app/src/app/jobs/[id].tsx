import { Redirect, useLocalSearchParams } from "expo-router";

/** Where a machine's page was when machines were called jobs: links to it lead on. */
export default function JobRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Redirect href={`/machine/${id}`} />;
}
