import { JobsScreen } from "../../jobs/jobs-screen";

export default function JobsRoute() {
  return <JobsScreen />;
}
