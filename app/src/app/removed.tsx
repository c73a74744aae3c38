import { fetchedLater } from "../shell/fetched-later";

const RemovedScreen = fetchedLater((later) => later.RemovedScreen);

export default function RemovedRoute() {
  return <RemovedScreen />;
}
