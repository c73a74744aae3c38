import { fetchedLater } from "../../shell/fetched-later";

const JobsScreen = fetchedLater((later) => later.JobsScreen);

export default function JobsRoute() {
  return <JobsScreen />;
}
