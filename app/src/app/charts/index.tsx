import { fetchedLater } from "../../shell/fetched-later";

const ThreadsScreen = fetchedLater((later) => later.ThreadsScreen);

export default function ThreadsRoute() {
  return <ThreadsScreen />;
}
