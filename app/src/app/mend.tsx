import { fetchedLater } from "../shell/fetched-later";

const MendScreen = fetchedLater((later) => later.MendScreen);

export default function MendRoute() {
  return <MendScreen />;
}
