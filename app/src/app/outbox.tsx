import { fetchedLater } from "../shell/fetched-later";

const OutboxScreen = fetchedLater((later) => later.OutboxScreen);

export default function OutboxRoute() {
  return <OutboxScreen />;
}
