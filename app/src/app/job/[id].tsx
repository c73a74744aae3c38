import { useLocalSearchParams } from "expo-router";
import { fetchedLater } from "../../shell/fetched-later";

const JobScreen = fetchedLater((later) => later.JobScreen);

export default function JobRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <JobScreen id={id} />;
}
