import { fetchedLater } from "../shell/fetched-later";

const SpecifyScreen = fetchedLater((later) => later.SpecifyScreen);

export default function SpecifyRoute() {
  return <SpecifyScreen />;
}
