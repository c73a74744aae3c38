import { ThreadsScreen } from "../../charts/threads/threads-screen";

export default function ThreadsRoute() {
  return <ThreadsScreen />;
}
