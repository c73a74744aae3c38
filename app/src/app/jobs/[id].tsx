import { useLocalSearchParams } from "expo-router";
import { JobScreen } from "../../jobs/job-screen";

export default function JobRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <JobScreen id={id} />;
}
